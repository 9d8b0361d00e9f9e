import Button from '@mui/material/Button';
import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { Suspense, useEffect, useState } from 'react';
import { FirstPage } from '../screens/jobs/first/FirstPage.tsx';
import { fetchedLater } from '../device/fetched-later.ts';
import { setScripts } from '../device/scripts.ts';
import { stageAt } from '../screens/registry.ts';
import { EmptyState } from '../parts/Section.tsx';
import { Failure } from '../parts/Failure.tsx';
import { holdPresses } from './held-press.ts';
import { drafts } from '../keeping/drafts.ts';
import { lastJob } from '../keeping/last-job.ts';
import { tellUnwritten } from '../keeping/keeping.ts';
import { download, downloadUnreadable } from '../device/download.ts';
import { JobProvider, type Opening } from '../open-job/JobProvider.tsx';
import { KeepingBars } from '../parts/keeping/KeepingBars.tsx';
import { Link } from '../parts/Link.tsx';
import { openAhead } from '../open-job/open-ahead.ts';
import { currentRoute, goTo, useRoute } from '../device/route.ts';
import { onFirstNotice } from '../device/notices.ts';
import { Shell } from './Shell.tsx';
import { holdVersion, watchForVersions } from '../keeping/new-version.ts';
import { theme } from './theme.ts';
import './tokens.css';

holdPresses(window);
drafts.onUnkept = (texts) => {
  const [first] = texts.values();
  tellUnwritten(
    'drafts',
    first === undefined
      ? null
      : {
          words: `Text typed in ${texts.size === 1 ? 'a field' : `${texts.size} fields`}: ${first.why}. It stays on the screen.`,
          tryAgain: () => void drafts.tryAgain(),
          save: () =>
            download(
              'typed.txt',
              [...texts].map(([field, { text }]) => `${field}\n${text}\n`).join('\n'),
              'text/plain',
            ),
        },
  );
};

// A shortcut names a stage alone: it means the job that was open last.
const asked = currentRoute();
const last = stageAt(asked.stage) && !asked.jobId ? lastJob() : null;
if (last !== null) goTo({ ...asked, jobId: last }, 'replace');

// The job and the screen that are asked for come while all the rest is still being set up.
const first = currentRoute();
const firstStage = stageAt(first.stage);
if (firstStage && first.jobId) openAhead(first.jobId);
firstStage?.prepare();

const Jobs = fetchedLater(() => import('../screens/jobs/Jobs.tsx'));
const Start = fetchedLater(() => import('../screens/start/Start.tsx'));
const Practice = fetchedLater(() => import('../screens/practice/Practice.tsx'));
const Notices = fetchedLater(() => import('./Notices.tsx'));

function Waiting({ words }: { words: string }) {
  return (
    <div role="status" style={{ padding: 40, color: 'var(--ink-soft)' }}>
      {words}
    </div>
  );
}

/** Pages beside the jobs, by their address. */
const PAGES = {
  start: { title: 'Start a job · Nivel', screen: Start },
  practice: { title: 'Practice · Nivel', screen: Practice },
} as const;
const pageAt = (address: string): (typeof PAGES)[keyof typeof PAGES] | null =>
  Object.hasOwn(PAGES, address) ? PAGES[address as keyof typeof PAGES] : null;

/** What stands there as long as a job is not open, or when it can't be opened. */
function NotOpen({ opening }: { opening: Opening }) {
  switch (opening.state) {
    case 'missing':
      return (
        <EmptyState title="This job isn’t in this browser" action={<Link to={{ stage: '' }}>Go to your jobs</Link>}>
          Jobs stay in the browser they were made in. Export it there as a file, then import it here.
        </EmptyState>
      );
    case 'damaged':
      return (
        <EmptyState
          title="This job can’t be read"
          action={
            <Button variant="contained" onClick={() => downloadUnreadable(opening.row)}>
              Save as file
            </Button>
          }
        >
          {opening.message} It is unchanged. <Link to={{ stage: '' }}>All jobs</Link>
        </EmptyState>
      );
    case 'failed':
      return (
        <EmptyState title="This browser’s storage isn’t responding" action={<Link to={{ stage: '' }}>All jobs</Link>}>
          The browser won’t let Nivel save: {opening.message}. Check for a private window or a full disk.
        </EmptyState>
      );
    default:
      return <Waiting words="Opening the job…" />;
  }
}

function Screens() {
  const route = useRoute();
  const { stage: address, jobId } = route;
  const stage = stageAt(address);

  useEffect(() => {
    if (stage && stage.id !== address) goTo({ ...route, stage: stage.id }, 'replace');
  }, [stage, address, route]);

  useEffect(() => {
    document.title = stage ? `${stage.name} · Nivel` : (pageAt(address)?.title ?? 'Nivel');
  }, [stage, address]);

  if (!stage || !jobId) {
    const Page = pageAt(address)?.screen ?? Jobs;
    return (
      <Failure key={address}>
        <Suspense fallback={address === '' ? <FirstPage /> : <Waiting words="Opening Nivel…" />}>
          <Page />
        </Suspense>
      </Failure>
    );
  }
  const { screen: Screen } = stage;
  return (
    <Failure>
      <JobProvider
        jobId={jobId}
        fallback={(opening) => (
          <>
            <KeepingBars />
            <NotOpen opening={opening} />
          </>
        )}
      >
        <Shell stage={stage}>
          <Failure key={stage.id}>
            <Suspense fallback={<Waiting words={`Opening ${stage.name}…`} />}>
              <Screen />
            </Suspense>
          </Failure>
        </Shell>
      </JobProvider>
    </Failure>
  );
}

/** Milliseconds after the start. */
const OFFLINE_AFTER = 2500;

/** All of Nivel in the browser. Every page mounts it; stages change without a server. */
export default function App() {
  const [hasNotices, setHasNotices] = useState(false);
  useEffect(() => onFirstNotice(() => setHasNotices(true)), []);
  useEffect(() => setScripts('running'), []);
  useEffect(() => {
    if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
    const build = new URL(import.meta.url).pathname;
    holdVersion(build);
    // Fetching everything for later waits until the screen that was asked for stands.
    const timer = setTimeout(() => watchForVersions(build), OFFLINE_AFTER);
    return () => clearTimeout(timer);
  }, []);
  return (
    <ThemeProvider theme={theme} defaultMode="system">
      <CssBaseline />
      <Screens />
      {hasNotices && (
        <Failure>
          <Suspense>
            <Notices />
          </Suspense>
        </Failure>
      )}
    </ThemeProvider>
  );
}
