/** A calculation in steps, so that who runs it can do something else between two of them. */
export type Steps<T> = Generator<void, T, void>;

/** Runs a calculation to its end, and returns what it found. */
export function finish<T>(steps: Steps<T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
