/** Whether somebody is typing: what comes from elsewhere then waits, so that it does not take the field from under them. */

const LOOK_MS = 5000;

const isField = (el: Element | null): el is HTMLElement =>
  el instanceof HTMLInputElement || el instanceof HTMLTextAreaElement;

/** Resolves when no field is being typed in: at once, or when it is left. */
export async function nobodyTypes(): Promise<void> {
  // A page in the background keeps its field, and what was typed there has been taken.
  for (let at = document.activeElement; isField(at) && document.hasFocus(); at = document.activeElement) {
    const field = at;
    await new Promise((left) => {
      field.addEventListener('blur', left, { once: true });
      // A field that was taken off the page is never left.
      setTimeout(left, LOOK_MS);
    });
  }
}
