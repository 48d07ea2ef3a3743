/** Draws the rooms of the core and who stands on them, from the code's own imports: docs/architecture.svg. */
import path from 'node:path';
import { instance } from '@viz-js/viz';
import { readImports, reduced, type Arrow } from './imports.ts';

export const DRAWING = path.resolve(import.meta.dirname, '../../docs/architecture.svg');

const nameOf = (room: string): string => JSON.stringify(room);
const label = (room: string): string => room.replace(/^core\//, '');

/** The drawing in the language of Graphviz. */
export function dotOf(all: readonly Arrow[]): string {
  const arrows = reduced(all.filter(([from, to]) => from.startsWith('core/') && to.startsWith('core/')));
  const rooms = [...new Set(arrows.flat())].sort();
  const stands = all.filter(([, to]) => to.startsWith('core/')).map(([from]) => from.split('/')[0] ?? '');
  const parts = [...new Set(stands)].filter((part) => part !== 'core').sort();
  const around = parts.join(', ');
  const top = rooms.filter((room) => !arrows.some(([, to]) => to === room));
  return [
    'digraph rooms {',
    '  rankdir=TB; ranksep=0.35; nodesep=0.18; bgcolor="white";',
    '  node [shape=box style="rounded,filled" fillcolor="#f4f1ea" color="#8a8378" fontname="sans-serif" fontsize=13 height=0.35 margin="0.12,0.04"];',
    '  edge [color="#8a8378" arrowsize=0.55];',
    `  ${nameOf(around)} [fillcolor="#dfe8ec"];`,
    ...rooms.map((room) => `  ${nameOf(room)} [label=${JSON.stringify(label(room))}];`),
    ...top.map((room) => `  ${nameOf(around)} -> ${nameOf(room)} [style=dashed];`),
    ...arrows.map(([from, to]) => `  ${nameOf(from)} -> ${nameOf(to)};`),
    '}',
  ].join('\n');
}

export async function draw(): Promise<string> {
  const viz = await instance();
  return viz.renderString(dotOf(readImports().arrows), { format: 'svg' });
}
