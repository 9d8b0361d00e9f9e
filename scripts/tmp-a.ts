import { readFileSync, readdirSync } from 'node:fs';
import { planProblemSchema } from '../core/planning/problem.ts';
import { prepare } from '../core/planning/solve/prepare.ts';
import { ANYBODY } from '../core/planning/solve/build.ts';
import { buildRepairing } from '../core/planning/solve/search.ts';
import { BoundSearch } from '../core/planning/bound/lower-bound.ts';
import { seededRandom } from '../core/units/seeded-random.ts';
const dir = '/tmp/found';
const secs = Number(process.argv[2] ?? 3);
const HOT = Number(process.argv[3] ?? 0.01), W = Number(process.argv[4] ?? 0.5), ROUNDS = Number(process.argv[5] ?? 3), V = Number(process.argv[6] ?? 0);
for (const f of readdirSync(dir).sort()) {
  const { problem, optimalFinish } = JSON.parse(readFileSync(`${dir}/${f}`, 'utf8'));
  const p = planProblemSchema.parse(problem);
  const out: unknown[] = [];
  for (const seed of [1, 2, 3]) {
    const prepared = prepare(p);
    const random = seededRandom(seed);
    const n = prepared.tasks.length;
    let order = [...(prepared.order ?? prepared.tasks.keys())];
    let hands = new Int16Array(n).fill(ANYBODY);
    const bounds = BoundSearch.of(prepared) as BoundSearch;
    let latest: Float64Array | null = null;
    const evaluate = (o: number[], h: Int16Array) => {
      const priority = new Float64Array(n);
      o.forEach((index, at) => (priority[index] = -at));
      const built = buildRepairing(prepared, { priority, slack: Infinity, sameTool: 0, notBefore: new Int32Array(n), hands: h, keepsPlaces: false }, () => false, { repairs: 8 });
      if (!('schedule' in built)) return null;
      const ends = built.schedule.ends;
      let finish = 0, sum = 0;
      for (const e of ends) { finish = Math.max(finish, e); sum += e; }
      let late = 0;
      if (latest) { const starts = built.schedule.starts; for (let i = 0; i < n; i++) late += Math.max(0, starts[i]! - latest[i]!); }
      return { finish, energy: finish + (W * sum) / n + V * late / n };
    };
    let current = evaluate(order, hands);
    let best = current?.finish ?? Infinity;
    let tries = 0;
    const start = performance.now();
    let found = 0;
    for (;;) {
      const gone = (performance.now() - start) / 1000 / secs;
      if (gone > 1 || best <= optimalFinish) break;
      const phase = (gone * ROUNDS) % 1;
      const T = HOT * best * (1 - phase) ** 2 + 1e-6;
      const next = [...order];
      let h = hands;
      const r = random();
      const at = Math.floor(random() * n);
      const index = next[at]!;
      if (r < 0.15 && prepared.shifts.length > 1) {
        h = Int16Array.from(hands);
        const by = prepared.tasks[index]!.by;
        h[index] = random() < 0.3 ? ANYBODY : by[Math.floor(random() * by.length)]!;
      } else {
        const len = random() < 0.6 ? 1 : 1 + Math.floor(random() * 3);
        const block = next.splice(at, len);
        const to = random() < 0.5 ? Math.floor(random() * (next.length + 1)) : Math.max(0, Math.min(next.length, at + Math.round((random() - 0.5) * 8)));
        next.splice(to, 0, ...block);
      }
      tries++;
      const made = evaluate(next, h);
      if (made === null) continue;
      if (current === null || made.energy <= current.energy || random() < Math.exp((current.energy - made.energy) / T)) {
        current = made; order = next; hands = h;
        if (made.finish < best) { best = made.finish; latest = bounds.latestTimes(best - 1)?.starts ?? null; current = evaluate(order, hands); found = performance.now() - start; }
      }
    }
    out.push(best, `${tries}@${(found / 1000).toFixed(1)}s`);
  }
  console.log(f, n0(p), optimalFinish, out.join(' '));
}
function n0(p: { tasks: unknown[] }) { return p.tasks.length; }
