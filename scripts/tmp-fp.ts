import { execSync } from 'node:child_process';
import { readJobFile } from '../core/exchange/job-file.ts';
import { planFingerprint } from '../core/planning/revising/accept.ts';
import { outdatedBuildUps } from '../core/build-up/build-up-review.ts';
for (const n of ['linen-press', 'tern-street']) {
  const text = execSync(`git show b05e69f:demo/${n}.nivel.json`, { maxBuffer: 1e8 }).toString();
  const r = readJobFile(text) as any;
  const job = r.value?.job ?? r.value ?? r;
  console.log(n, job.plan.fingerprint, planFingerprint(job), outdatedBuildUps(job).length);
}
