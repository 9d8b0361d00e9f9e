import { readFileSync } from 'node:fs';
import { planProblemSchema } from '../core/scheduling/problem.ts';
import { withReasonWords } from '../core/scheduling/no-plan-words.ts';
import { verifiedPlan } from '../core/scheduling/verified-plan.ts';

/** `npm run plan -- FILE`: prints the solution of one plan problem as JSON. Exits with 1 when the file is no problem. */
const [file] = process.argv.slice(2);
if (file === undefined) {
  console.error('Name a plan problem: npm run plan -- FILE');
  process.exit(1);
}
try {
  const parsed = planProblemSchema.safeParse(JSON.parse(readFileSync(file, 'utf8')));
  if (parsed.success) console.log(JSON.stringify(withReasonWords(verifiedPlan(parsed.data)), null, 1));
  else {
    for (const issue of parsed.error.issues)
      console.error(`At ${issue.path.join(' › ') || 'the top'}: ${issue.message}`);
    process.exitCode = 1;
  }
} catch (error) {
  console.error(`${file} can’t be read as JSON: ${error instanceof Error ? error.message : String(error)}`);
  process.exitCode = 1;
}
