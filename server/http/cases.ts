import type { GardenHere } from '../../core/garden/here';
import type { CaseFields } from '../../core/model/why';
import { mustKnow } from './names';

/** What is seen in a case, in words; a 422 fault where it names a symptom, cause, check, plant or creature that the library does not have. */
export function mustKnowCase({ library }: GardenHere, { symptom, cause, of, answers }: CaseFields): string {
  const seen = mustKnow(library.symptoms, symptom, 'symptom', 'symptom');
  if (of !== null) mustKnow([...library.plants, ...library.targets], of, 'of', 'plant or creature');
  const causes = library.causes.filter((row) => row.symptom === symptom).map((row) => ({ id: row.cause }));
  if (cause !== null) mustKnow(causes, cause, 'cause', 'cause of that symptom');
  for (const { check } of answers) mustKnow(library.checks, check, 'answers', 'check');
  return seen.name;
}
