import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { ReactNode } from 'react';
import { useJob } from '../open-job/use-job.ts';
import { goTo, useRoute } from '../device/route.ts';

interface StageViewsProps<View extends string> {
  stage: string;
  /** Names by the ids that stand in the address, the first of them shown where it says none. */
  views: Readonly<Partial<Record<View, string>>>;
  view: View;
  /** Beside them. */
  aside?: ReactNode;
}

/** The view of a stage that the address names, or else `usual`. */
export function useView<View extends string>(views: Readonly<Record<View, string>>, usual: NoInfer<View>): View {
  const { view } = useRoute();
  return view !== null && view in views ? (view as View) : usual;
}

/** Goes from one view of a stage to another; the group or piece that is open stays open. */
export function StageViews<View extends string>({ stage, views, view, aside }: StageViewsProps<View>) {
  const job = useJob();
  const { groupId, pieceId } = useRoute();
  return (
    <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, alignItems: 'center', mb: 2 }}>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={view}
        aria-label="View"
        onChange={(_event, next: View | null) =>
          next && goTo({ stage, jobId: job.id, view: next, groupId, pieceId }, 'replace')
        }
        sx={{ flexWrap: 'wrap' }}
      >
        {Object.entries<string | undefined>(views).map(([id, name]) => (
          <ToggleButton key={id} value={id}>
            {name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {aside}
    </Box>
  );
}
