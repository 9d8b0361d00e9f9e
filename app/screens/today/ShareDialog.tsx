import { FileButton } from '../../parts/FileButton.tsx';
import { counted } from '../../../core/units/sentence.ts';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState, type ReactNode } from 'react';
import { writeDayFile, writeStampsFile } from '../../../core/exchange/day-file.ts';
import { ownEntries } from '../../../core/job/document/own-entries.ts';
import { deviceId } from '../../keeping/device.ts';
import { picturesOf } from '../../keeping/photos.ts';
import { hasCamera } from '../../parts/codes/CodeReader.tsx';
import { CodeSeries } from '../../parts/codes/CodeSeries.tsx';
import { CodesIn } from '../../parts/codes/CodesIn.tsx';
import { download } from '../../device/download.ts';
import { useJob, useToday } from '../../open-job/use-job.ts';
import type { TakenIn } from './taking-in.ts';
import { useTakingIn } from './use-taking-in.ts';

type Way = 'choose' | 'day' | 'stamps' | 'camera';

interface ShareDialogProps {
  onClose(): void;
  onTaken(reason: string): void;
}

/** Two people on two devices: the day for the other one, the stamps back; as files or as codes from screen to camera. */
export default function ShareDialog({ onClose, onTaken }: ShareDialogProps) {
  const job = useJob();
  const today = useToday();
  const importShared = useTakingIn();
  const [way, setWay] = useState<Way>('choose');
  const [said, setSaid] = useState<TakenIn | null>(null);
  const [made, setMade] = useState('');
  const device = deviceId();
  const stem = job.name.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  const own = job.log.filter((entry) => entry.device === device).length;
  const dayText = (): string => writeDayFile(job, device, new Date().toISOString());
  const photos = ownEntries(job, device, '').photos.map(({ photo }) => photo.id);
  const stampsFile = async (): Promise<string> => {
    const kept = (await picturesOf([job.id]))[job.id] ?? {};
    const pictures = Object.fromEntries(Object.entries(kept).filter(([id]) => photos.includes(id)));
    return writeStampsFile(job, device, new Date().toISOString(), pictures);
  };

  const take = async (text: string): Promise<void> => {
    setWay('choose');
    const told = await importShared(text);
    setSaid(told);
    if (!told.isFault && told.areStamps) onTaken('Stamps of another device');
  };

  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="share-title">
      <DialogTitle id="share-title">Two devices, one day</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {said && <Alert severity={said.isFault ? 'warning' : 'success'}>{said.words}</Alert>}
        {way === 'choose' && (
          <>
            <Part
              title="Give the day to the other one"
              words="The job with its plan, as it stands now. The other device opens it, and stamps on it by itself."
            >
              <Button
                variant="outlined"
                sx={{ minHeight: 48 }}
                onClick={() => download(`${stem}-${today}.nivel-day.json`, dayText())}
              >
                Day as a file
              </Button>
              <Button
                variant="outlined"
                sx={{ minHeight: 48 }}
                onClick={() => {
                  setMade(dayText());
                  setWay('day');
                }}
              >
                Day as codes
              </Button>
            </Part>
            <Part
              title="Give the stamps back"
              words={`${counted(own, 'stamp was', 'stamps were')} made on this device; with tins, defects and counted bags.${
                photos.length > 0
                  ? ` ${photos.length === 1 ? 'A photo goes' : `${photos.length} photos go`} along with the file, not with the codes.`
                  : ''
              }`}
            >
              <Button
                variant="outlined"
                sx={{ minHeight: 48 }}
                onClick={() =>
                  void stampsFile().then((text) => download(`${stem}-${today}-${device}.nivel-stamps.json`, text))
                }
              >
                Stamps as a file
              </Button>
              <Button
                variant="outlined"
                sx={{ minHeight: 48 }}
                onClick={() => {
                  setMade(writeStampsFile(job, device, new Date().toISOString()));
                  setWay('stamps');
                }}
              >
                Stamps as codes
              </Button>
            </Part>
            <TakeIn onText={(text) => void take(text)} onCamera={() => setWay('camera')} />
          </>
        )}
        {(way === 'day' || way === 'stamps') && (
          <>
            <Box>
              Hold the other device’s camera over it until it has seen every code: Two devices, Take in, With the
              camera.
            </Box>
            <CodeSeries text={made} label={way === 'day' ? 'The day' : 'The stamps'} />
          </>
        )}
        {way === 'camera' && <CodesIn onText={(text) => void take(text)} />}
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        {way !== 'choose' && (
          <Button sx={{ minHeight: 48 }} onClick={() => setWay('choose')}>
            Back
          </Button>
        )}
        <Button sx={{ minHeight: 48 }} onClick={onClose}>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function TakeIn({ onText, onCamera }: { onText(text: string): void; onCamera(): void }) {
  return (
    <Part title="Take in" words="A day, or the stamps of the other device. What is in already is not doubled.">
      <FileButton
        variant="contained"
        sx={{ minHeight: 48 }}
        words="From a file"
        label="Day or stamps of another device"
        accept=".json,application/json"
        onChoose={(chosen) => void chosen.text().then(onText)}
      />
      {hasCamera() && (
        <Button variant="outlined" sx={{ minHeight: 48 }} onClick={onCamera}>
          With the camera
        </Button>
      )}
    </Part>
  );
}

function Part({ title, words, children }: { title: string; words: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title}>
      <strong>{title}</strong>
      <Box sx={{ color: 'var(--ink-soft)', mb: 1 }}>{words}</Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>{children}</Box>
    </Box>
  );
}
