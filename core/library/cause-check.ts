import type { Library } from '../model/reference';
import type { ReferenceFile } from '../model/tables';
import { isOfCreatures } from '../model/symptoms';
import { PLANT_TAGS, RULED_TAGS } from '../model/vocabulary';
import { CauseBook } from './causes';

const TAGS: readonly string[] = [...PLANT_TAGS, ...RULED_TAGS].map((tag) => `#${tag}`);

/** Says what the tables of symptoms, causes and checks contradict. `plants`: every name of a plant or kind. */
export function checkCauses(
  library: Library,
  plants: ReadonlySet<string>,
  say: (file: ReferenceFile, row: object, about: string, message: string) => void,
): void {
  const ofPlants = new Set([...plants, ...TAGS]);
  const ofCreatures = new Set(
    library.targets.flatMap(({ id, scientific, family, kind }) => [id, scientific.toLowerCase().split(' ')[0]!, family, kind]),
  );
  const book = new CauseBook(library);
  const asked = new Set<string>();
  for (const row of library.symptoms) {
    const names = isOfCreatures(row.part) ? ofCreatures : ofPlants;
    for (const name of row.who.split('|').filter(Boolean))
      if (!names.has(name)) say('symptoms.csv', row, row.id, `${name} is nobody’s name.`);
    if (book.causesOf(row.id).length < 2) say('symptoms.csv', row, row.id, 'A symptom has two causes or more.');
  }
  for (const row of library.causes) {
    const about = `${row.symptom}: ${row.cause}`;
    const symptom = book.symptom(row.symptom);
    if (!symptom) {
      say('causes.csv', row, about, 'No symptom has this id.');
      continue;
    }
    const names = isOfCreatures(symptom.part) ? ofCreatures : ofPlants;
    for (const name of row.who.split('|').filter(Boolean))
      if (!names.has(name)) say('causes.csv', row, about, `${name} is nobody’s name.`);
    if (row.evidence === '' && row.asks === '' && row.months === '' && row.who === '')
      say('causes.csv', row, about, 'It rests on nothing: no fact, no check, no months, and nobody in particular.');
  }
  for (const symptom of library.symptoms)
    for (const { row, asks } of book.causesOf(symptom.id))
      for (const { check } of asks) {
        asked.add(check);
        if (!book.check(check)) say('causes.csv', row, `${row.symptom}: ${row.cause}`, `No check has the id ${check}.`);
      }
  for (const row of library.checks) if (!asked.has(row.id)) say('checks.csv', row, row.id, 'No cause asks for it.');
}
