import { execSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
const files = execSync('git ls-files')
  .toString()
  .trim()
  .split('\n')
  .filter(
    (f) =>
      /\.(ts|tsx|mjs|astro|md|json|mts)$/.test(f) && !/^(demo|cases)\/.*\.json$/.test(f) && f !== 'package-lock.json',
  );
const rules = [
  [/(['"`(/.])core\/testing\b/g, '$1core/fixtures'],
  [/((?:\.\.\/)+)testing\//g, '$1fixtures/'],
  [/'\.\/testing\//g, "'./fixtures/"],
  [/\bcore\/proving\b/g, 'core/surface-tests'],
  [/((?:\.\.\/)+|\.\/)proving\//g, '$1surface-tests/'],
  [/surface-tests\/proof-tests/g, 'surface-tests/surface-tests'],
  [/surface-tests\/proof\b/g, 'surface-tests/known-surface'],
  [/\bcore\/strokes\b/g, 'core/sequence'],
  [/((?:\.\.\/)+|\.\/)strokes\//g, '$1sequence/'],
  [/\bcore\/handing-over\b/g, 'core/handover'],
  [/((?:\.\.\/)+|\.\/)handing-over\//g, '$1handover/'],
  [/hand-over-document/g, 'handover-document'],
  [/left-paint(?=\.ts)/g, 'leftover-paint'],
  [/screens\/air\b/g, 'screens/conditions'],
  [/'\.\/air\//g, "'./conditions/"],
  [/AirStage/g, 'ConditionsStage'],
  [/screens\/strokes\b/g, 'screens/sequence'],
  [/StrokesStage/g, 'SequenceStage'],
  [/screens\/prove\b/g, 'screens/test'],
  [/'\.\/prove\//g, "'./test/"],
  [/ProveStage/g, 'TestStage'],
  [/GroupProof/g, 'GroupTests'],
  [/ProofCard/g, 'TestCard'],
  [/screens\/hand-over\b/g, 'screens/handover'],
  [/'\.\/hand-over\//g, "'./handover/"],
  [/HandOver/g, 'Handover'],
  [/use-hand-over/g, 'use-handover'],
  [/\bhandOver(Schema|Document|Pdf)\b/g, 'handover$1'],
  [/changeHandOver/g, 'changeHandover'],
  [/asking\/strokes\b/g, 'asking/sequence'],
  [/'\.\/strokes(\.worker)?\.ts'/g, "'./sequence$1.ts'"],
  [/strokes\.worker/g, 'sequence.worker'],
  [/api\/strokes/g, 'api/sequence'],
  [/bench\/strokes/g, 'bench/sequence'],
  [/bench:strokes/g, 'bench:sequence'],
  [/tern-street-proof/g, 'tern-street-tests'],
  [/proveTernStreet/g, 'testTernStreet'],
  [/stage: 'air'/g, "stage: 'conditions'"],
  [/stage: 'strokes'/g, "stage: 'sequence'"],
  [/stage: 'prove'/g, "stage: 'test'"],
  [/stage: 'hand-over'/g, "stage: 'handover'"],
  [/stage="prove"/g, 'stage="test"'],
  [/stage="strokes"/g, 'stage="sequence"'],
  [/stage="hand-over"/g, 'stage="handover"'],
  [/stage="air"/g, 'stage="conditions"'],
  [/(openDemo\('[a-z-]+', )'air'/g, "$1'conditions'"],
  [/(openDemo\('[a-z-]+', )'strokes'/g, "$1'sequence'"],
  [/(openDemo\('[a-z-]+', )'prove'/g, "$1'test'"],
  [/(openDemo\('[a-z-]+', )'hand-over'/g, "$1'handover'"],
  [/\/hand-over\?/g, '/handover?'],
  [/\/air\?/g, '/conditions?'],
  [/\/strokes\?/g, '/sequence?'],
  [/\/prove\?/g, '/test?'],
  [/screenshots\/prove/g, 'screenshots/test'],
  [/screenshots\/strokes/g, 'screenshots/sequence'],
  [/screenshots\/air/g, 'screenshots/conditions'],
  [/screenshots\/hand-over/g, 'screenshots/handover'],
  [/screenshots\/real/g, 'screenshots/actual'],
  [/\bat\('prove'/g, "at('test'"],
  [/\bat\('air'/g, "at('conditions'"],
  [/\bat\('strokes'/g, "at('sequence'"],
  [/\bat\('hand-over'/g, "at('handover'"],
  [/PROOF_TESTS/g, 'SURFACE_TESTS'],
  [/ProofTest\b/g, 'SurfaceTest'],
  [/proofTest\b/g, 'surfaceTest'],
  [/\bproofOf\b/g, 'knownSurface'],
  [/\bproofIn\b/g, 'knownIn'],
  [/\bprovedCoat\b/g, 'testedCoat'],
  [/\bProof\b/g, 'KnownSurface'],
];
for (const f of files) {
  const before = readFileSync(f, 'utf8');
  let t = before;
  for (const [a, b] of rules) {
    if (a.source.includes('Proof\\b') && /scheduling|quantities\/cut/.test(f)) continue;
    t = t.replace(a, b);
  }
  if (/core\/(surface-tests|build-up|checking|fixtures|exchange)|app\/(screens\/build-up|pages\/api\/build-up)/.test(f))
    t = t.replace(/\bproof\b(?!\.ts)/g, 'known');
  if (t !== before) writeFileSync(f, t);
}
