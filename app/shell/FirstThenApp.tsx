import { lazy, Suspense, useEffect, useState } from 'react';
import { setScripts } from '../device/scripts.ts';
import { FirstPage } from '../screens/jobs/first/FirstPage.tsx';

const App = lazy(() =>
  import('./App.tsx').catch(() => {
    // The first page stays, with its links, under a notice.
    setScripts('failed');
    return { default: FirstPage };
  }),
);

/** The first page as it stands in its file, and all of Nivel in its place once it has been painted and its scripts are there. */
export default function FirstThenApp() {
  const [isPainted, setIsPainted] = useState(false);
  useEffect(() => setIsPainted(true), []);
  if (!isPainted) return <FirstPage />;
  return (
    <Suspense fallback={<FirstPage />}>
      <App />
    </Suspense>
  );
}
