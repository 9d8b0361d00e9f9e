import { lazy, Suspense, useEffect, useState } from 'react';
import { FirstPage } from '../screens/jobs/first/FirstPage.tsx';

const App = lazy(() => import('./App.tsx'));

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
