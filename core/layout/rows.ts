import { Filling } from './filling';
import type { Arrangement, LayoutQuestion } from './question';

/** The plain arrangement: row by row, the tallest at the back, each plant in the first place that is free. */
export function rowsOf(question: LayoutQuestion, closeness = 1): Arrangement {
  const { cells, kinds, back } = question;
  const filling = new Filling(question, closeness);
  const order = [...Array(cells.count).keys()].sort((a, b) => back[b]! - back[a]! || cells.x[a]! - cells.x[b]!);
  const tallFirst = [...kinds.keys()].sort((a, b) => kinds[b]!.height - kinds[a]!.height);
  for (const kind of tallFirst) {
    let left = kinds[kind]!.count - filling.countOf(kind);
    for (const cell of order) {
      if (left <= 0) break;
      if (!filling.isFree(kind, cell)) continue;
      filling.place(kind, cell);
      left--;
    }
  }
  return filling.arrangement();
}
