/** Whether a text is a colour as documents write it: `#2f4b5c`. */
export const isHex = (text: string): boolean => /^#[0-9a-f]{6}$/i.test(text);
