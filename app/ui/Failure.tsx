import Button from '@mui/material/Button';
import { Component, type ReactNode } from 'react';
import { EmptyState } from './Section.tsx';

/** Catches a fault of one screen, so that the rest of Nivel and everything stated stays. */
export class Failure extends Component<{ children: ReactNode }, { message: string | null }> {
  override state: { message: string | null } = { message: null };

  static getDerivedStateFromError(error: unknown): { message: string } {
    return { message: error instanceof Error ? error.message : String(error) };
  }

  override render(): ReactNode {
    if (this.state.message === null) return this.props.children;
    return (
      <EmptyState
        title="This screen has failed"
        action={
          <Button variant="contained" onClick={() => this.setState({ message: null })}>
            Try again
          </Button>
        }
      >
        Nothing that you stated is lost: it was saved as you typed. The fault: {this.state.message}
      </EmptyState>
    );
  }
}
