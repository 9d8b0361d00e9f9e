import { Wordmark } from '../../../parts/Wordmark.tsx';
import { FirstLook } from './FirstLook.tsx';

/** The first page before its jobs are there: in the page itself, and while its scripts load. */
export function FirstPage() {
  return (
    <>
      <div className="first-head">
        <Wordmark ink="var(--ink)" />
      </div>
      <FirstLook />
    </>
  );
}
