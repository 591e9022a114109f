import Database from 'better-sqlite3';

/** Does a file hold a whole database? What is wrong with it otherwise, in SQLite's words; null for nothing. */
export function flawOf(file: string): string | null {
  let db: Database.Database | undefined;
  try {
    db = new Database(file, { readonly: true, fileMustExist: true });
    const found = db.pragma('integrity_check(1)', { simple: true });
    return found === 'ok' ? null : String(found);
  } catch (error) {
    return (error as Error).message;
  } finally {
    db?.close();
  }
}
