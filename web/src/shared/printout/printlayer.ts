/**
 * What the printer gets: while a page prints, only its printout is there, on a sheet of the size that was chosen. The
 * browser's own command to print does the same wherever a page offers a printout.
 */
import { h, onScopeDispose, render } from 'vue';
import { insideMm, MARGINS_MM, sheetMm, type Printout, type Sheet } from '@lentum/core/printout';
import { useJob } from '../../app/job.ts';
import PrintoutSheet from './PrintoutSheet.vue';

export type Offer = () => Printout | undefined;
const offers: { readonly printout: Offer; readonly sheet: () => Sheet }[] = [];

const ROOT = 'printout-layer';
const rules = new CSSStyleSheet();

/** A text inside quotes of a style sheet. */
const quoted = (text: string): string =>
  `"${text.replaceAll(/["\\\n\r]/g, (c) => (c === '"' ? '\\"' : ' '))}"`;

/** The page of a printout: its size, and the lines at its head and foot. */
function pageRules(p: Printout, sheet: Sheet): string {
  const { widthMm, heightMm } = sheetMm(sheet);
  const { top, right, bottom, left } = MARGINS_MM;
  const edge = 'font: 7.5pt "Atkinson Hyperlegible Next Variable", sans-serif; color: #5a666c;';
  return `@page {
    size: ${widthMm}mm ${heightMm}mm;
    margin: ${top}mm ${right}mm ${bottom}mm ${left}mm;
    @top-left { content: ${quoted(`${p.title} · ${p.job}`)}; ${edge} }
    @top-right { content: ${quoted(p.draft ?? '')}; ${edge} }
    @bottom-left { content: ${quoted([p.made, p.seal].filter(Boolean).join(' · '))}; ${edge} }
    @bottom-right { content: "page " counter(page) " of " counter(pages); ${edge} }
  }
  @media print { body > *:not(#${ROOT}) { display: none !important; } }
  @media screen { #${ROOT} { display: none; } }`;
}

function lay(p: Printout, sheet: Sheet): void {
  let root = document.getElementById(ROOT);
  if (!root) {
    root = document.createElement('div');
    root.id = ROOT;
    document.body.append(root);
  }
  rules.replaceSync(pageRules(p, sheet));
  if (!document.adoptedStyleSheets.includes(rules)) document.adoptedStyleSheets.push(rules);
  render(h(PrintoutSheet, { printout: p, roomMm: insideMm(sheet), jobId: useJob().id }), root);
}

function clear(): void {
  const root = document.getElementById(ROOT);
  if (!root) return;
  render(null, root);
  root.remove();
  document.adoptedStyleSheets = document.adoptedStyleSheets.filter((s) => s !== rules);
}

let listening = false;
function listen(): void {
  if (listening) return;
  listening = true;
  addEventListener('beforeprint', () => {
    const offer = offers.at(-1);
    const p = offer?.printout();
    if (offer && p) lay(p, offer.sheet());
  });
  addEventListener('afterprint', clear);
}

/** Offers a printout while the page or dialog that asks stands; the one offered last is printed. */
export function offerPrintout(printout: Offer, sheet: () => Sheet): void {
  listen();
  const offer = { printout, sheet };
  offers.push(offer);
  onScopeDispose(() => {
    offers.splice(offers.indexOf(offer), 1);
  });
}
