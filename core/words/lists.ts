/** Things in a row: `a`, `a and b`, `a, b and c`. */
export const listed = (things: readonly string[]): string =>
  things.length < 2 ? (things[0] ?? '') : `${things.slice(0, -1).join(', ')} and ${things.at(-1)}`;

/** Words as they begin a sentence: their first letter large. */
export const sentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** A sentence as it stands within another: its first letter small. */
export const within = (sentence: string): string => sentence.charAt(0).toLowerCase() + sentence.slice(1);
