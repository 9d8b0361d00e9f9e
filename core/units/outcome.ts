/** What reading something typed answers: a value, or a message that says what is wrong and what would be right. */
export type Outcome<T> = { ok: true; value: T } | { ok: false; message: string };

/** A successful outcome. */
export const accepted = <T>(value: T): Outcome<T> => ({ ok: true, value });

/** A refused outcome with a message in the painter's words. */
export const refused = (message: string): Outcome<never> => ({ ok: false, message });
