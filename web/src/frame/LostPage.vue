<template>
  <main class="page">
    <h1>Nothing is here</h1>
    <p>This address leads nowhere. <RouterLink to="/jobs">Go to the jobs</RouterLink>.</p>
  </main>
</template>
