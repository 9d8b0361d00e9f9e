import { expose } from 'comlink';
import type { StoredJob } from '../keeping/database.ts';
import { readStored } from '../keeping/stored-job.ts';
import { accepted, type Outcome } from '../../core/units/outcome.ts';

const checking = {
  /** Whether a stored job can be read, with the reason where it can't. */
  check(row: StoredJob): Outcome<null> {
    const read = readStored(row);
    return read.ok ? accepted(null) : read;
  },
};

export type Checking = typeof checking;

expose(checking);
