/** A linear program as it is written: columns with their bounds, rows with their entries. */
export type Entry = readonly [column: number, value: number];

export class Rows {
  readonly lower: number[] = [];
  readonly upper: number[] = [];
  readonly starts: number[] = [0];
  readonly indices: number[] = [];
  readonly values: number[] = [];

  /** Adds lower ≤ Σ value × column ≤ upper and returns its number. Entries of one column are summed. */
  add(lower: number, upper: number, entries: Iterable<Entry>): number {
    const row = new Map<number, number>();
    for (const [column, value] of entries) row.set(column, (row.get(column) ?? 0) + value);
    for (const [column, value] of row) {
      if (value === 0) continue;
      this.indices.push(column);
      this.values.push(value);
    }
    this.starts.push(this.indices.length);
    this.lower.push(lower);
    return this.upper.push(upper) - 1;
  }
  /** Adds Σ value × column ≤ upper. */
  atMost(upper: number, ...entries: Entry[]) {
    return this.add(-Infinity, upper, entries);
  }
  /** Adds Σ value × column ≥ lower. */
  atLeast(lower: number, ...entries: Entry[]) {
    return this.add(lower, Infinity, entries);
  }
}

export class Columns {
  readonly lower: number[] = [];
  readonly upper: number[] = [];
  readonly integers: number[] = [];

  /** Adds a column between its bounds and returns its number. */
  add(lower: number, upper: number, integer: boolean): number {
    this.lower.push(lower);
    this.upper.push(upper);
    return this.integers.push(integer ? 1 : 0) - 1;
  }
  integer = (upper: number) => this.add(0, upper, true);
  share = () => this.add(0, 1, false);
  get count() {
    return this.lower.length;
  }
}
