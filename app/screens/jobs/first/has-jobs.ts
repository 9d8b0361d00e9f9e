/** Under which name a device remembers that it has jobs, so that its first page begins with them and not with what Nivel is. */
export const HAS_JOBS = 'nivel-has-jobs';
