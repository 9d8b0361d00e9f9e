import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { isChosen } from '../../../core/build-up/coat-stack.ts';
import { withFix } from '../../../core/build-up/compose.ts';
import type { Rule } from '../../../core/build-up/rule.ts';
import { groundsOf } from '../../../core/build-up/situation.ts';
import { knownOf, reviewBuildUp } from '../../../core/build-up/build-up-review.ts';
import type { BuildUp, FinishGroup } from '../../../core/job/document/group-schema.ts';
import { Fold } from '../../parts/Fold.tsx';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { EmptyState, Section, Sheet } from '../../parts/Section.tsx';
import { BuildUpEditor } from './BuildUpEditor.tsx';
import { Compare } from './Compare.tsx';
import { Findings } from './Findings.tsx';
import { GroupHeader } from './GroupHeader.tsx';
import { OfferList } from './OfferList.tsx';
import { SchoolTable } from './SchoolTable.tsx';
import { StackOfFaces, usePreparationWords } from './StackOfFaces.tsx';
import { useOffers } from './use-offers.ts';
import { Weighing } from './Weighing.tsx';
import { WhyNot } from './WhyNot.tsx';

const MAX_COMPARED = 3;

/** The build-up of one group: what is chosen, drawn and judged, and what could be chosen instead. */
export function GroupBuildUp({ group }: { group: FinishGroup }) {
  const job = useJob();
  const { apply } = useCommands();
  const { offers, isStale, failed } = useOffers(job, group);
  const [compared, setCompared] = useState<string[]>([]);
  const preparationWords = usePreparationWords();
  const [ground] = groundsOf(job, group);
  const standing = reviewBuildUp(job, group);
  if (!ground) {
    return <EmptyState title="Nothing to paint in this group">In Walk, choose a face or edge to paint.</EmptyState>;
  }
  const choose = (buildUp: BuildUp | null): void =>
    void apply('choose-build-up', { groupId: group.id, buildUp, chosenFor: knownOf(job, group) });
  const lift = (rule: Rule): void => {
    const changed = group.buildUp && withFix(job, group, group.buildUp, rule);
    if (changed) choose(changed);
  };
  const isLiftable = (rule: Rule): boolean =>
    group.buildUp !== null && rule.autoFix !== undefined && withFix(job, group, group.buildUp, rule) !== null;
  const toggle = (id: string): void =>
    setCompared((before) =>
      before.includes(id) ? before.filter((other) => other !== id) : [...before, id].slice(-MAX_COMPARED),
    );

  return (
    <Box>
      <GroupHeader group={group} />
      {standing !== null && standing.changes.length > 0 && (
        <ChangedSince
          changes={standing.changes}
          onKeep={() => apply('keep-build-up', { groupId: group.id, chosenFor: knownOf(job, group) })}
        />
      )}
      {isChosen(group) && standing && (
        <Section
          title="Chosen build-up"
          aside={
            <Button size="small" onClick={() => choose(null)}>
              Clear choice
            </Button>
          }
        >
          <Sheet>
            <StackOfFaces group={group} buildUp={group.buildUp} facts={ground.known.facts} />
            <Box sx={{ fontSize: 15, mb: 1 }}>
              <strong>Prep:</strong> {preparationWords(group.buildUp)}
            </Box>
            <Findings
              hasTwoFaces={ground.faces.length > 1}
              verdict={standing.verdict}
              isLiftable={isLiftable}
              onLift={lift}
            />
            <Box sx={{ mt: 1.5, mb: -2 }}>
              <Fold title="Edit steps" summary="cleaning, key, filling, coats">
                <BuildUpEditor job={job} buildUp={group.buildUp} onChange={choose} />
              </Fold>
            </Box>
          </Sheet>
        </Section>
      )}
      {failed !== null && <Alert severity="error">Can’t work out build-ups: {failed}</Alert>}
      {offers === null && failed === null && (
        <Box sx={{ my: 3 }}>
          <LinearProgress aria-label="Working out build-ups" />
          <Typography sx={{ mt: 1, color: 'var(--ink-soft)' }}>Working out build-ups…</Typography>
        </Box>
      )}
      {offers !== null && (
        <Box aria-busy={isStale} sx={{ opacity: isStale ? 0.6 : 1, transition: 'opacity 150ms' }}>
          {offers.none.length > 0 && <NothingPermitted reasons={offers.none} />}
          {compared.length > 1 && (
            <Compare
              group={group}
              facts={ground.known.facts}
              offers={offers}
              ids={compared}
              onRemove={toggle}
              onChoose={choose}
            />
          )}
          <Section title={isChosen(group) ? 'Other options' : 'Choose a build-up'}>
            <Weighing />
            <OfferList
              group={group}
              facts={ground.known.facts}
              permitted={offers.permitted}
              compared={compared}
              onCompare={toggle}
              onChoose={choose}
            />
          </Section>
          <SchoolTable group={group} offers={offers} />
          <WhyNot group={group} offers={offers} />
        </Box>
      )}
    </Box>
  );
}

/** What has become known since a build-up was chosen, and the way to stay with it. */
function ChangedSince({ changes, onKeep }: { changes: readonly string[]; onKeep(): void }) {
  return (
    <Alert
      severity="warning"
      sx={{ mb: 2 }}
      action={
        <Button color="inherit" onClick={onKeep}>
          Keep it
        </Button>
      }
    >
      Something changed since you chose this. {changes.join('. ')}. Check it, or keep it.
    </Alert>
  );
}

function NothingPermitted({ reasons }: { reasons: readonly Rule[] }) {
  return (
    <Alert severity="error" sx={{ mb: 3 }}>
      <strong>Nothing on your shelf suits this surface.</strong>
      <Box component="ul" sx={{ pl: 2, listStyle: 'disc' }}>
        {reasons.map(({ id, reason, fixText }) => (
          <li key={id}>
            {reason} {fixText}
          </li>
        ))}
      </Box>
    </Alert>
  );
}
