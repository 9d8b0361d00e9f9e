import { counted, inSentence } from '../../../core/units/sentence.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Candidate } from '../../../core/build-up/compose.ts';
import { againstStep, OTHER_STEPS } from '../../../core/build-up/other-steps.ts';
import type { Rule } from '../../../core/build-up/rule.ts';
import { shelfOf } from '../../../core/job/queries/shelf.ts';
import type { BuildUp, FinishGroup } from '../../../core/job/document/group-schema.ts';
import type { Offers } from '../../asking/packed-offers.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Section, Sheet } from '../../parts/Section.tsx';
import { RuleLink } from './RuleLink.tsx';
import { SEVERITY } from './severity.ts';

const productsOf = ({ buildUp }: Candidate): string[] => [
  ...buildUp.coats.map(({ product }) => product),
  ...(buildUp.faceCoats.back ?? []).map(({ product }) => product),
];

/** Rules that forbid, each with how many of these build-ups it forbids; the most frequent first. */
function forbidding(found: readonly Candidate[]): { rule: Rule; count: number }[] {
  const counts = new Map<Rule, number>();
  for (const { verdict } of found) {
    for (const { rule } of verdict.findings) {
      if (rule.severity === 'forbidden') counts.set(rule, (counts.get(rule) ?? 0) + 1);
    }
  }
  return [...counts].map(([rule, count]) => ({ rule, count })).sort((one, other) => other.count - one.count);
}

/** Why a product or a step is not among what is permitted: the rules, by name. */
export function WhyNot({ group, offers }: { group: FinishGroup; offers: Offers }) {
  const job = useJob();
  const localise = useLocalise();
  const [product, setProduct] = useState('');
  const coatings = shelfOf(job).coatings.filter(({ archived, role }) => !archived && role !== 'sealer');
  const excluded = offers.excluded.filter((candidate) => product === '' || productsOf(candidate).includes(product));
  const permitted = offers.permitted.filter(
    ({ candidate }) => product === '' || productsOf(candidate).includes(product),
  );
  const rules = forbidding(excluded);
  const basis = group.buildUp ?? offers.permitted[0]?.candidate.buildUp;
  const name = coatings.find(({ id }) => id === product)?.name;
  return (
    <Section title="Why isn’t it offered?">
      <Sheet>
        <ChoiceField
          size="small"
          label="Product"
          value={product}
          sx={{ width: 320, maxWidth: '100%', mb: 1.5 }}
          choices={[
            { value: '', words: 'any product' },
            ...coatings.map(({ id, name: words }) => ({ value: id, words })),
          ]}
          onChange={setProduct}
        />
        <Box sx={{ mb: 1 }}>
          {excluded.length === 0
            ? `${name ? `${localise(name)} works` : 'Every product works'} in every build-up for ${group.name}.`
            : `${name ? `With ${inSentence(localise(name))}, ` : ''}${counted(excluded.length, 'build-up')} won’t work on ${group.name}; ${permitted.length} will.`}
        </Box>
        <Box component="ul" aria-label="Rules against" sx={{ display: 'grid', gap: 1 }}>
          {rules.map(({ rule, count }) => (
            <Box component="li" key={rule.id} sx={{ borderLeft: '5px solid var(--late)', pl: 1.25, fontSize: 14 }}>
              <RuleLink rule={rule} /> <span style={{ color: 'var(--ink-soft)' }}>({count})</span>.{' '}
              {localise(rule.reason)} <span style={{ color: 'var(--ink-soft)' }}>{localise(rule.fixText)}</span>
            </Box>
          ))}
        </Box>
        {basis && <OtherSteps group={group} buildUp={basis} />}
      </Sheet>
    </Section>
  );
}

/** Why a step is not done otherwise: the rules that would speak against it, on what is chosen or recommended. */
function OtherSteps({ group, buildUp }: { group: FinishGroup; buildUp: BuildUp }) {
  const job = useJob();
  const localise = useLocalise();
  const [stepId, setStepId] = useState('');
  const steps = OTHER_STEPS.flatMap((step) => {
    const found = againstStep(job, group, buildUp, step);
    return found === null ? [] : [{ step, found }];
  });
  const chosen = steps.find(({ step }) => step.id === stepId);
  return (
    <Box sx={{ mt: 2, pt: 2, borderTop: '1px solid var(--line)' }}>
      <ChoiceField
        size="small"
        label="Step"
        value={chosen?.step.id ?? ''}
        sx={{ width: 320, maxWidth: '100%', mb: 1 }}
        choices={[
          { value: '', words: 'no change' },
          ...steps.map(({ step }) => ({ value: step.id, words: localise(step.words) })),
        ]}
        onChange={setStepId}
      />
      {chosen && (
        <Box component="ul" aria-label="Rules against it" sx={{ display: 'grid', gap: 1, fontSize: 14 }}>
          {chosen.found.length === 0 && <li>No rule against it – your choice.</li>}
          {chosen.found.map(({ rule }) => (
            <Box
              component="li"
              key={rule.id}
              sx={{ borderLeft: `5px solid ${SEVERITY[rule.severity].colour}`, pl: 1.25 }}
            >
              {SEVERITY[rule.severity].word}: <RuleLink rule={rule} />. {localise(rule.reason)}{' '}
              <span style={{ color: 'var(--ink-soft)' }}>{localise(rule.fixText)}</span>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
