import { execSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
const src = execSync("git ls-files 'app/**' 'core/**' 'demo/*.json' 'demo/*.ts'")
  .toString()
  .trim()
  .split('\n')
  .filter((f) => /\.(tsx?|json)$/.test(f) && !/test\.ts$/.test(f))
  .map((f) => readFileSync(f, 'utf8'))
  .join('\n')
  .replace(/\s+/g, ' ');
for (const f of execSync(
  "git ls-files 'e2e/*.ts' 'scripts/durability/*.ts' scripts/screenshots.ts bench/today.ts bench/walk.ts",
)
  .toString()
  .trim()
  .split('\n')) {
  readFileSync(f, 'utf8')
    .split('\n')
    .forEach((line, i) => {
      if (/^import|^\/\/|^\s*\*|test\(|test\.|expect\.soft/.test(line.trim()) && !/getBy|toContain/.test(line)) return;
      const found: string[] = [];
      for (const m of line.matchAll(/'((?:[^'\\]|\\.)*)'/g)) {
        const t = m[1]!.replace(/\\'/g, "'");
        if (/[a-z]/i.test(t) && (/ /.test(t) || /^[A-Z]/.test(t)) && !src.includes(t) && !/^\/|[{}=]|^[A-Z]-\d/.test(t))
          found.push(t);
      }
      for (const m of line.matchAll(/\/((?:[^/\\\n]|\\.)+)\/[a-z]*(?=[),\s\]}])/g)) {
        const frags = m[1]!
          .replace(/\\(.)/g, '$1')
          .split(/[\^$.*+?()|\[\]{}\\]|\bd\b/)
          .filter((p) => (p.trim().length > 3 && / /.test(p.trim())) || /[a-z]{5}/.test(p));
        for (const p of frags)
          if (!src.includes(p) && !src.includes(p.trim())) found.push('/' + m[1] + '/  <' + p + '>');
      }
      if (found.length) console.log(`${f}:${i + 1}: ${found.join('  ¦  ')}`);
    });
}
