/** A successful outcome. */
export const accepted = (value) => ({ ok: true, value });
/** A refused outcome with a message in the painter's words. */
export const refused = (message) => ({ ok: false, message });
