/** “upper left panel”, “panel”. */
export const named = (field, name) => `${field.place} ${name}`.trim();
