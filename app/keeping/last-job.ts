import { keepLocally, local } from './local.ts';

const KEY = 'nivel-last-job';

/** Remembers the job that was open last, for addresses that name none: a shortcut to Today. */
export const keepLastJob = (jobId: string): void => keepLocally(KEY, jobId);

/** The job that was open last; null before the first. */
export const lastJob = (): string | null => local.getItem(KEY) || null;
