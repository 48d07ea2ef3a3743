/** The card that is open goes to the printer by itself: the page hides what is not on it. */
export function printCard(): void {
  document.documentElement.dataset['print'] = 'card';
  window.print();
  delete document.documentElement.dataset['print'];
}
