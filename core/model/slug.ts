/** A name as an id is written: lower-case letters and digits, all else one hyphen; empty where nothing of it is left. */
export function slugOf(name: string): string {
  return name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
}
