/**
 * Work done one after the other, in the order it is asked for, so that answers come in the order of their requests. A
 * piece that fails does not keep the next from being done.
 */
export function inTurn() {
  let last: Promise<unknown> = Promise.resolve();
  return <T>(work: () => Promise<T>): Promise<T> => {
    const mine = last.then(work, work);
    last = mine.catch(() => undefined);
    return mine;
  };
}
