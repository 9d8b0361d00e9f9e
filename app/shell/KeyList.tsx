import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { STAGES } from '../screens/registry.ts';

const KEYS: readonly (readonly [string, string])[] = [
  ['/ or Ctrl K', 'Find a piece, product, stage or command'],
  ['?', 'This list'],
  ['Ctrl Z', 'Undo'],
  ['Ctrl Shift Z', 'Redo'],
  ['j', 'All jobs'],
  ['n', 'Quick add on Walk'],
  ...STAGES.map((stage) => [stage.key, stage.name] as const),
];

/** Every key and what it does. */
export default function KeyList({ onClose }: { onClose(): void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Shortcuts</DialogTitle>
      <DialogContent>
        <table style={{ borderSpacing: '16px 6px' }}>
          <tbody>
            {KEYS.map(([key, does]) => (
              <tr key={key}>
                <th scope="row" style={{ textAlign: 'right' }}>
                  <kbd
                    style={{
                      border: '1px solid var(--line)',
                      borderRadius: 4,
                      padding: '2px 8px',
                      background: 'var(--ground)',
                    }}
                  >
                    {key}
                  </kbd>
                </th>
                <td>{does}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </DialogContent>
    </Dialog>
  );
}
