/** Forbidden: will fail. Risk: may fail, and is shown as one. Advice: worth knowing. Caution: can hurt someone. */
export const SEVERITIES = ['forbidden', 'risk', 'caution', 'advice'];
