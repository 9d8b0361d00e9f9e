import { readFileSync } from 'node:fs';
import { planProblemSchema } from '../core/planning/problem.ts';
import { Oracle } from '../bench/oracle.ts';
const { problem } = JSON.parse(readFileSync('/tmp/found/nights-4.json', 'utf8'));
const p = planProblemSchema.parse(problem);
const oracle = await Oracle.open();
const a = await oracle.solve(p, 151, 60);
await oracle.close();
for (const painter of p.painters) {
  const all = [...a.plan!.tasks.filter((t) => t.painters.includes(painter.id)).map((t) => ({ ...t, key: p.tasks.find((x) => x.id === t.id)!.setup })), ...a.plan!.setups.filter((s) => s.painter === painter.id).map((s) => ({ ...s, id: 'SETUP' }))].sort((x, y) => x.start - y.start);
  console.log(painter.id, all.map((x) => `${x.start}-${x.end} ${x.id} ${x.key ?? ''}`).join('\n  '));
}
