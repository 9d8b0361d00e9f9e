import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import { rankingReasons } from '../../../core/choosing/offer.ts';
import type { Weighed } from '../../../core/choosing/weigh.ts';
import type { BuildUp, FinishGroup } from '../../../core/job/document/group-schema.ts';
import type { SurfaceFacts } from '../../../core/surface-tests/known-surface.ts';
import { costAccount } from '../../../core/pricing/cost-account.ts';
import { How } from '../../parts/How.tsx';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { useCostWords } from './cost-words.ts';
import { RuleLink } from './RuleLink.tsx';
import { SEVERITY } from './severity.ts';
import { StackOfFaces, usePreparationWords } from './StackOfFaces.tsx';

const SHOWN = 4;
const MAX_SHOWN = 30;

interface OfferListProps {
  group: FinishGroup;
  facts: SurfaceFacts;
  permitted: readonly Weighed[];
  compared: readonly string[];
  onCompare(id: string): void;
  onChoose(buildUp: BuildUp): void;
}

/** What the rules permit, the best first. */
export function OfferList({ permitted, ...rest }: OfferListProps) {
  const [isAll, setIsAll] = useState(false);
  return (
    <>
      <Box component="ol" aria-label="Permitted build-ups" sx={{ display: 'grid', gap: 1.5 }}>
        {permitted.slice(0, isAll ? MAX_SHOWN : SHOWN).map((weighed, index) => (
          <OfferCard
            key={weighed.candidate.id}
            weighed={weighed}
            isBest={index === 0}
            permitted={permitted}
            {...rest}
          />
        ))}
      </Box>
      {permitted.length > SHOWN && (
        <Button sx={{ mt: 1 }} onClick={() => setIsAll(!isAll)}>
          {isAll
            ? 'Show fewer'
            : permitted.length > MAX_SHOWN
              ? `Show the best ${MAX_SHOWN} of ${permitted.length}`
              : `Show all ${permitted.length}`}
        </Button>
      )}
    </>
  );
}

interface OfferCardProps extends OfferListProps {
  weighed: Weighed;
  isBest: boolean;
}

/** A build-up that could be chosen: its cross-section, what it costs, and why it is as it is. */
function OfferCard({ weighed, isBest, permitted, group, facts, compared, onCompare, onChoose }: OfferCardProps) {
  const localise = useLocalise();
  const [isOpen, setIsOpen] = useState(false);
  const { candidate, cost } = weighed;
  const job = useJob();
  const costWords = useCostWords();
  const preparation = usePreparationWords()(candidate.buildUp);
  const isChosen = group.buildUp !== null && JSON.stringify(group.buildUp) === candidate.id;
  return (
    <Box
      component="li"
      aria-label={localise(candidate.name)}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '136px minmax(0, 1fr) auto' },
        gap: 2,
        alignItems: 'start',
        background: 'var(--sheet)',
        border: '1px solid',
        borderColor: isChosen ? 'var(--ink)' : 'var(--line)',
        boxShadow: isBest ? 'inset 6px 0 0 var(--vial)' : 'none',
        borderRadius: '8px',
        p: 2,
      }}
    >
      <Box>
        <StackOfFaces bare group={group} buildUp={candidate.buildUp} facts={facts} />
      </Box>
      <Box sx={{ minWidth: 0 }}>
        {isBest && <Box sx={{ color: 'var(--ready)', fontSize: 14, fontWeight: 700 }}>Recommended</Box>}
        <Box sx={{ fontWeight: 700, fontSize: 16, lineHeight: 1.3 }}>{localise(candidate.name)}</Box>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>{preparation}</Box>
        <Box sx={{ fontSize: 15, my: 0.75, display: 'flex', gap: 2, flexWrap: 'wrap' }}>
          {costWords.figures(cost).map(({ name, value }) => (
            <span key={name}>
              <strong>{value}</strong> {localise(name)}
            </span>
          ))}
          <How of={candidate.name} lines={() => costAccount(job, group, candidate.buildUp, cost)} page="methods" />
        </Box>
        <RiskLine weighed={weighed} />
        <Button size="small" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)} sx={{ ml: -0.75 }}>
          {isBest ? 'Why this one?' : 'Details'}
        </Button>
        {isOpen && <Why weighed={weighed} permitted={permitted} isBest={isBest} />}
      </Box>
      <Box sx={{ display: 'grid', justifyItems: 'end' }}>
        <Button
          variant={isBest && !isChosen ? 'contained' : 'outlined'}
          onClick={() => onChoose(candidate.buildUp)}
          disabled={isChosen}
        >
          {isChosen ? 'Chosen' : 'Choose'}
        </Button>
        <FormControlLabel
          control={<Checkbox checked={compared.includes(candidate.id)} onChange={() => onCompare(candidate.id)} />}
          label="compare"
          sx={{ mr: 0 }}
        />
      </Box>
    </Box>
  );
}

/** The risks of a build-up in a line; unknowns are told together. */
function RiskLine({ weighed }: { weighed: Weighed }) {
  const localise = useLocalise();
  const risks = weighed.candidate.verdict.findings.filter(({ rule }) => rule.severity === 'risk');
  if (risks.length === 0)
    return <Box sx={{ fontSize: 14, color: 'var(--ready)', fontWeight: 650 }}>No known risks.</Box>;
  const unknown = risks.filter(({ rule }) => rule.id.endsWith('-unknown'));
  const known = risks.filter((finding) => !unknown.includes(finding));
  return (
    <Box sx={{ fontSize: 14, display: 'grid', gap: 0.25 }}>
      {known.map(({ rule }) => (
        <Box key={rule.id}>
          <RuleLink rule={rule} colour={SEVERITY[rule.severity].colour} /> {localise(rule.reason)}
        </Box>
      ))}
      {unknown.length > 0 && (
        <Box sx={{ color: 'var(--tacky)' }}>{unknown.map(({ rule }) => localise(rule.name)).join(' · ')}</Box>
      )}
    </Box>
  );
}

/** Why it stands where it stands, and the rules that made it what it is. */
function Why({ weighed, permitted, isBest }: { weighed: Weighed; permitted: readonly Weighed[]; isBest: boolean }) {
  const localise = useLocalise();
  const costWords = useCostWords();
  const { leads, gives } = rankingReasons(weighed, permitted);
  return (
    <Box sx={{ fontSize: 14, display: 'grid', gap: 0.75, mt: 0.5 }}>
      <Box>
        {isBest ? 'Best match for your priorities' : 'Ahead on'}:{' '}
        {leads.length > 0 ? leads.join(', ') : 'nothing in particular'}.
        {gives.length > 0 && (
          <> Gives up: {gives.map(({ criterion, more }) => costWords.more(criterion, more)).join(', ')}.</>
        )}
      </Box>
      {weighed.candidate.appliedRules.length > 0 && <strong>Rules applied</strong>}
      {weighed.candidate.appliedRules.map((rule) => (
        <Box key={rule.id}>
          <RuleLink rule={rule} colour={SEVERITY[rule.severity].colour} /> {localise(rule.reason)}
        </Box>
      ))}
    </Box>
  );
}
