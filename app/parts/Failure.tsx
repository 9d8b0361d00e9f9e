import Button from '@mui/material/Button';
import { Component, type ReactNode } from 'react';
import { NotFetched } from '../device/fetched-later.ts';
import { useReload } from './keeping/use-reload.ts';
import { EmptyState } from './Section.tsx';

/** Catches a fault of one screen, so that the rest of Nivel and everything stated stays. */
export class Failure extends Component<{ children: ReactNode }, { fault: Error | null }> {
  override state: { fault: Error | null } = { fault: null };

  static getDerivedStateFromError(error: unknown): { fault: Error } {
    return { fault: error instanceof Error ? error : new Error(String(error)) };
  }

  override render(): ReactNode {
    const { fault } = this.state;
    if (fault === null) return this.props.children;
    if (fault instanceof NotFetched) return <PartNotFetched />;
    return (
      <EmptyState
        title="This screen stopped working"
        action={
          <Button variant="contained" onClick={() => this.setState({ fault: null })}>
            Try again
          </Button>
        }
      >
        Your work is saved. The fault: {fault.message}
      </EmptyState>
    );
  }
}

function PartNotFetched() {
  const { isReloading, fault, reloadPage } = useReload();
  return (
    <EmptyState
      title="Part of this screen didn’t load"
      action={
        <Button variant="contained" disabled={isReloading} onClick={reloadPage}>
          Reload page
        </Button>
      }
    >
      {fault === null ? 'No connection, or Nivel has been updated.' : `Can’t reload right now: ${fault}.`} Your work is
      saved.
    </EmptyState>
  );
}
