import { parse } from 'csv-parse/browser/esm/sync';
import { OwnDayFields } from '../model/work';

/** Columns of a file of days, and the field each fills. */
const COLUMNS = { date: 'on_day', low_c: 'low_c', high_c: 'high_c', rain_mm: 'rain_mm' } as const;

/**
 * Days of weather from a CSV with the columns date, low_c, high_c and rain_mm (°C and millimetres; all but the date may be
 * missing or blank). All or nothing: `fault` names the row and what would be right.
 */
export function parseWeatherCsv(text: string): { days: OwnDayFields[]; fault: string } {
  let rows: Record<string, string>[];
  try {
    rows = parse(text, {
      columns: (names: string[]) => names.map((name) => name.trim().toLowerCase()),
      skip_empty_lines: true,
      trim: true,
      bom: true,
    });
  } catch (error) {
    return { days: [], fault: `This is no CSV that can be read: ${error instanceof Error ? error.message : ''}` };
  }
  if (rows.length === 0) return { days: [], fault: 'The file has no day in it.' };
  if (!('date' in rows[0]!)) return { days: [], fault: 'The column date is missing.' };
  const days: OwnDayFields[] = [];
  for (const [i, row] of rows.entries()) {
    const fields: Record<string, string | number | null> = {};
    for (const [column, field] of Object.entries(COLUMNS)) {
      const cell = row[column] ?? '';
      fields[field] = column === 'date' ? cell : cell === '' ? null : Number(cell);
    }
    const day = OwnDayFields.safeParse(fields);
    if (!day.success) return { days: [], fault: `Row ${i + 2}: ${day.error.issues[0]!.message}` };
    days.push(day.data);
  }
  return { days, fault: '' };
}
