/** A row of buttons is one stop of the Tab key; the arrow keys go along it. */
import type { Directive } from 'vue';

const BY: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 };
const buttonsOf = (row: HTMLElement): HTMLButtonElement[] => [
  ...row.querySelectorAll<HTMLButtonElement>('button:not(:disabled)'),
];

/** The stop is the one that had the focus last, else the one that is pressed, else the first. */
function settle(row: HTMLElement, wanted?: HTMLButtonElement): void {
  const all = buttonsOf(row);
  const stop =
    wanted ??
    all.find((b) => b.tabIndex === 0 && b.dataset['stop'] !== undefined) ??
    all.find((b) => b.getAttribute('aria-pressed') === 'true') ??
    all[0];
  for (const b of all) {
    b.tabIndex = b === stop ? 0 : -1;
    if (b === wanted) b.dataset['stop'] = '';
    else if (wanted) delete b.dataset['stop'];
  }
}

export const vButtonRow: Directive<HTMLElement> = {
  mounted(row) {
    settle(row);
    row.addEventListener('focusin', ({ target }) => {
      if (target instanceof HTMLButtonElement) settle(row, target);
    });
    row.addEventListener('keydown', (event) => {
      const by = BY[event.key];
      const all = buttonsOf(row);
      const next = by === undefined ? undefined : all[all.findIndex((b) => b === event.target) + by];
      if (!next) return;
      event.preventDefault();
      next.focus();
    });
  },
  updated: (row) => settle(row),
};
