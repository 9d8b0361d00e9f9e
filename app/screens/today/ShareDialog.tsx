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
import { fileStem } from '../../../core/exchange/job-file.ts';
import { writeDayFile, writeStampsFile } from '../../../core/exchange/day-file.ts';
import { ownEntries } from '../../../core/job/document/own-entries.ts';
import { deviceId } from '../../keeping/device.ts';
import { picturesOf } from '../../keeping/photos.ts';
import { hasCamera } from '../../parts/codes/CodeReader.tsx';
import { CodeSeries } from '../../parts/codes/CodeSeries.tsx';
import { CodesIn } from '../../parts/codes/CodesIn.tsx';
import { canShareFiles, shareText } from '../../device/share.ts';
import { packedText } from '../../keeping/packed-text.ts';
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
  const stem = fileStem(job);
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
    if (!told.isFault && told.areStamps) onTaken('Log of another device');
  };

  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="share-title">
      <DialogTitle id="share-title">Share with another device</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {said && <Alert severity={said.isFault ? 'warning' : 'success'}>{said.words}</Alert>}
        {way === 'choose' && (
          <>
            <Part
              title="Send this day"
              words="The job and its plan as they are now. Work is logged on the other device."
            >
              {canShareFiles() && (
                <Button
                  variant="contained"
                  sx={{ minHeight: 48 }}
                  onClick={() =>
                    void shareText(`${stem}-${today}.nivel-day.txt`, packedText(dayText())).then(
                      (words) => words !== null && setSaid({ words, isFault: true, areStamps: false }),
                    )
                  }
                >
                  Share day
                </Button>
              )}
              <Button
                variant="outlined"
                sx={{ minHeight: 48 }}
                onClick={() => download(`${stem}-${today}.nivel-day.json`, dayText())}
              >
                Save day as file
              </Button>
              <Button
                variant="outlined"
                sx={{ minHeight: 48 }}
                onClick={() => {
                  setMade(dayText());
                  setWay('day');
                }}
              >
                Show day as codes
              </Button>
            </Part>
            <Part
              title="Send my log"
              words={`${counted(own, 'entry', 'entries')} from this device, with tins, defects and counted bags.${
                photos.length > 0 ? ` The file has ${counted(photos.length, 'photo')} too. Codes don’t.` : ''
              }`}
            >
              <Button
                variant="outlined"
                sx={{ minHeight: 48 }}
                onClick={() =>
                  void stampsFile().then((text) => download(`${stem}-${today}-${device}.nivel-stamps.json`, text))
                }
              >
                Save log as file
              </Button>
              <Button
                variant="outlined"
                sx={{ minHeight: 48 }}
                onClick={() => {
                  setMade(writeStampsFile(job, device, new Date().toISOString()));
                  setWay('stamps');
                }}
              >
                Show log as codes
              </Button>
            </Part>
            <TakeIn onText={(text) => void take(text)} onCamera={() => setWay('camera')} />
          </>
        )}
        {(way === 'day' || way === 'stamps') && (
          <>
            <Box>On the other device: Two devices › Receive › Use camera. Hold it over the codes.</Box>
            <CodeSeries text={made} label={way === 'day' ? 'The day' : 'The log'} />
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
    <Part title="Receive" words="A day, or the other device’s log. Duplicates are skipped.">
      <FileButton
        variant="contained"
        sx={{ minHeight: 48 }}
        words="Choose file"
        label="Day or log of another device"
        accept=".json,.txt,application/json,text/plain"
        onChoose={(chosen) => void chosen.text().then(onText)}
      />
      {hasCamera() && (
        <Button variant="outlined" sx={{ minHeight: 48 }} onClick={onCamera}>
          Use camera
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
