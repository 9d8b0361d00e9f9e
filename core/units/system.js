/** Which units a job is written and read in. Everything is stored in SI; this only changes what is typed and shown. */
export const UNIT_SYSTEMS = ['metric', 'us'];
