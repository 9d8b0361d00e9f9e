/** On a phone, what can be done about a bar stands below its words. */
export const wrapping = {
  flexWrap: 'wrap',
  '& .MuiAlert-message': { flex: '1 1 240px', minWidth: 0 },
  '& .MuiAlert-action': { pt: 0 },
} as const;
