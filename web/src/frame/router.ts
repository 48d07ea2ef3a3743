import { createRouter, createWebHistory } from 'vue-router';
import { lastJobId } from '../app/openjob.ts';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/jobs' },
    { path: '/jobs', name: 'jobs', component: () => import('../jobs/JobsPage.vue'), meta: { title: 'Jobs' } },
    {
      path: '/build-ups',
      name: 'library',
      component: () => import('../library/LibraryPage.vue'),
      meta: { title: 'Build-ups' },
    },
    {
      path: '/build-ups/:buildUpId',
      name: 'library-build-up',
      component: () => import('../library/LibraryBuildUp.vue'),
      props: true,
      meta: { title: 'Build-up' },
    },
    {
      path: '/bench',
      name: 'bench',
      component: () => import('../bench/BenchPage.vue'),
      meta: { title: 'Bench' },
    },
    {
      path: '/people',
      name: 'people',
      component: () => import('../access/PeoplePage.vue'),
      meta: { title: 'People' },
    },
    {
      // Where a code brings somebody; whoever is in already goes on to the jobs.
      path: '/join',
      name: 'join',
      component: () => import('../access/JoinPage.vue'),
      meta: { title: 'Come in' },
    },
    {
      path: '/shared',
      name: 'shared',
      component: () => import('../access/SharedDoor.vue'),
      meta: { title: 'A shared job' },
    },
    {
      path: '/server',
      name: 'server',
      component: () => import('../server/ServerPage.vue'),
      meta: { title: 'Server' },
    },
    {
      path: '/settings',
      name: 'settings',
      component: () => import('../settings/SettingsPage.vue'),
      meta: { title: 'Settings' },
    },
    {
      path: '/calls',
      name: 'calls',
      component: () => import('../settings/CallPage.vue'),
      meta: { title: 'Try a call' },
    },
    {
      path: '/jobs/:jobId',
      component: () => import('./JobShell.vue'),
      props: true,
      children: [
        { path: '', redirect: (to) => ({ name: 'survey', params: to.params }) },
        {
          path: 'survey',
          name: 'survey',
          component: () => import('../survey/SurveyPage.vue'),
          meta: { title: 'Survey' },
        },
        {
          path: 'build-up',
          name: 'build-up',
          component: () => import('../buildup/BuildUpPage.vue'),
          meta: { title: 'Build-up' },
        },
        {
          path: 'details',
          name: 'details',
          component: () => import('../details/DetailsPage.vue'),
          meta: { title: 'Details' },
        },
        {
          path: 'order',
          name: 'order',
          component: () => import('../order/OrderStage.vue'),
          meta: { title: 'Order' },
        },
        {
          path: 'programme',
          name: 'programme',
          component: () => import('../programme/ProgrammePage.vue'),
          meta: { title: 'Programme' },
        },
        {
          path: 'site',
          name: 'site',
          component: () => import('../site/SiteStage.vue'),
          meta: { title: 'Site' },
        },
        {
          path: 'record',
          name: 'record',
          component: () => import('../record/RecordPage.vue'),
          meta: { title: 'Record' },
        },
        {
          path: 'handover',
          name: 'handover',
          component: () => import('../handover/HandoverPage.vue'),
          meta: { title: 'Handover' },
        },
        {
          path: 'upkeep',
          name: 'upkeep',
          component: () => import('../handover/upkeep/UpkeepPage.vue'),
          // Stage 8 goes on for years.
          meta: { title: 'Upkeep', stage: 'handover' },
        },
      ],
    },
    {
      path: '/:rest(.*)*',
      name: 'lost',
      component: () => import('./LostPage.vue'),
      meta: { title: 'Not here' },
    },
  ],
});

router.beforeEach((to) => {
  if (typeof to.params['jobId'] === 'string') lastJobId.value = to.params['jobId'];
});
router.afterEach((to) => {
  document.title = `${String(to.meta['title'] ?? 'Lentum')} · Lentum`;
});
