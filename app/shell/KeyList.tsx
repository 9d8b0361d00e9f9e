import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Link from '@mui/material/Link';
import type { Stage } from '../screens/registry.ts';
import { KEYS } from './keys.ts';

/** The guide’s page of the stage that is open, and every key. */
export default function KeyList({ stage, onClose }: { stage: Stage; onClose(): void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Help</DialogTitle>
      <DialogContent>
        <p style={{ margin: '0 0 12px' }}>
          <Link href={`/guide/${stage.id}`}>Guide: {stage.name}</Link> · <Link href="/guide">All of the guide</Link>
        </p>
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
