import { readFileSync } from 'node:fs';
const MIN = Number(process.argv[2] ?? 25) * 1000;
const p = JSON.parse(readFileSync('/tmp/prof.json'));
const nodes = new Map(p.nodes.map((n) => [n.id, n]));
const self = new Map(); p.samples.forEach((s, i) => self.set(s, (self.get(s) ?? 0) + p.timeDeltas[i]));
const tot = (n) => (n.tot ??= (self.get(n.id) ?? 0) + (n.children ?? []).reduce((a, c) => a + tot(nodes.get(c)), 0));
const LIB = /^(ui-|basis-|$)/;
function walk(n, depth) {
  if (tot(n) < MIN) return;
  const f = n.callFrame.url.split('/').pop(); const name = n.callFrame.functionName || '(anon)';
  const skip = LIB.test(f) && !/garbage|program|idle/.test(name);
  if (!skip) console.log(' '.repeat(depth) + (tot(n) / 1000).toFixed(0), name, f.replace(/-.*/, '') + ':' + n.callFrame.lineNumber);
  const kids = [...(n.children ?? [])].map((c) => nodes.get(c)).sort((a, b) => tot(b) - tot(a));
  for (const k of kids) walk(k, skip ? depth : depth + 1);
}
walk(p.nodes[0], 0);
