/** What a piece of torture did, in a line, and what went wrong: nothing, where all is well. */
export interface Outcome {
  line: string;
  faults: string[];
}

/** However long the start took, it goes on for so long (ms). */
const LEAST_MS = 6000;
export const atLeast = (until: number): number => Math.max(until, Date.now() + LEAST_MS);

export type Random = () => number;
export const oneOf = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
