/** A row of ailments.csv, a table of before there were symptoms and causes. */
interface EarlierAilment {
  file: 'ailments.csv';
  key: string;
  cells: Record<string, string> | null;
}
const isEarlier = (row: unknown): row is EarlierAilment =>
  typeof row === 'object' && row !== null && 'file' in row && row.file === 'ailments.csv' && 'key' in row && 'cells' in row;

/** A name in lower-case letters, digits and hyphens. */
const slug = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'own';

/**
 * An own row as its table is now: an ailment that the gardener wrote becomes a cause of their own under “Something else”;
 * one that struck a shipped ailment out strikes out nothing that is still there.
 */
export function ownRowNow(row: unknown): unknown {
  if (!isEarlier(row)) return row;
  const cause = `own-${slug(row.key).slice(0, 200)}`;
  const { plant = '', symptom = '', cause: name = '', check = '', remedy = '' } = row.cells ?? {};
  return {
    file: 'causes.csv',
    key: `other + ${cause}`,
    cells: row.cells && {
      symptom: 'other',
      cause,
      name: `${symptom}: ${name}`,
      who: plant,
      prior: '2',
      months: '',
      evidence: '',
      asks: '',
      well: 'n',
      action: '',
      now: remedy,
      next: '',
      creatures: '',
      expert: check,
    },
  };
}
