/** The keyboard goes on at the head of the page, past what frames it. */
export function focusPage(): void {
  const page = document.querySelector<HTMLElement>('#page main');
  page?.setAttribute('tabindex', '-1');
  page?.focus();
}
