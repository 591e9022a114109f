/** What a piece of torture did, in a line, and what went wrong: nothing, where all is well. */
export interface Outcome {
  line: string;
  faults: string[];
}

export type Random = () => number;
export const oneOf = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
