import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import { HistoryButton } from './HistoryButton.tsx';
import { useCommands, useHistoryLabels } from '../open-job/use-job.ts';
import { SettingsButton } from './SettingsButton.tsx';
import { RedoIcon, UndoIcon } from '../drawing/icons.tsx';

/** What may be done on every screen: undo, redo, what was done, and how it is shown. */
export function JobButtons() {
  const { undoLabel, redoLabel } = useHistoryLabels();
  const { undo, redo } = useCommands();
  return (
    <>
      <Tooltip title={undoLabel ? `Undo: ${undoLabel}` : 'Nothing to undo'}>
        <span>
          <IconButton aria-label="Undo" onClick={undo} disabled={undoLabel === null}>
            <UndoIcon />
          </IconButton>
        </span>
      </Tooltip>
      <Tooltip title={redoLabel ? `Redo: ${redoLabel}` : 'Nothing to redo'}>
        <span>
          <IconButton aria-label="Redo" onClick={redo} disabled={redoLabel === null}>
            <RedoIcon />
          </IconButton>
        </span>
      </Tooltip>
      <HistoryButton />
      <SettingsButton />
    </>
  );
}
