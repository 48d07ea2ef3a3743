import { readFileSync } from 'node:fs';
const p = JSON.parse(readFileSync('/tmp/prof.json'));
const nodes = new Map(p.nodes.map((n) => [n.id, n]));
const self = new Map(); const dts = p.timeDeltas;
p.samples.forEach((s, i) => self.set(s, (self.get(s) ?? 0) + dts[i]));
const parent = new Map(); for (const n of p.nodes) for (const c of n.children ?? []) parent.set(c, n.id);
const nameOf = (n) => `${n.callFrame.functionName || '(anon)'} ${n.callFrame.url.split('/').pop()}:${n.callFrame.lineNumber}`;
const bySelf = new Map(), byTotal = new Map();
for (const [id, t] of self) {
  const n = nodes.get(id); const k = nameOf(n); bySelf.set(k, (bySelf.get(k) ?? 0) + t);
  const seen = new Set(); for (let x = id; x !== undefined; x = parent.get(x)) { const k2 = nameOf(nodes.get(x)); if (!seen.has(k2)) { seen.add(k2); byTotal.set(k2, (byTotal.get(k2) ?? 0) + t); } }
}
const show = (m, n) => [...m].sort((a, b) => b[1] - a[1]).slice(0, n).forEach(([k, v]) => console.log((v / 1000).toFixed(0).padStart(6), k));
console.log('SELF'); show(bySelf, 45); console.log('TOTAL'); show(byTotal, 90);
const byFile = new Map(); for (const [id, t] of self) { const f = nodes.get(id).callFrame.url.split('/').pop(); byFile.set(f, (byFile.get(f) ?? 0) + t); }
console.log('FILES'); show(byFile, 15);
