import Button from '@mui/material/Button';
import { Component, type ReactNode } from 'react';
import { NotFetched } from './fetched-later.ts';
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
    if (fault instanceof NotFetched) {
      return (
        <EmptyState
          title="A part of this screen could not be fetched"
          action={
            <Button variant="contained" onClick={() => window.location.reload()}>
              Load it again
            </Button>
          }
        >
          Nivel’s server does not answer, or has a newer Nivel. Nothing that you stated is lost: it was saved as you
          typed.
        </EmptyState>
      );
    }
    return (
      <EmptyState
        title="This screen has failed"
        action={
          <Button variant="contained" onClick={() => this.setState({ fault: null })}>
            Try again
          </Button>
        }
      >
        Nothing that you stated is lost: it was saved as you typed. The fault: {fault.message}
      </EmptyState>
    );
  }
}
