import { z } from 'zod';
import { NewEntry } from '../../../../../core/model/log';
import { isSighting } from '../../../../../core/model/vocabulary';
import { addEntries } from '../../../../database/records/log';
import { mustKnowNames } from '../../../../http/log-names';
import { change } from '../../../../http/route';

/** What is sent at once: a day in the garden, or a table that was read in. */
const Entries = z.object({
  entries: z.array(NewEntry).min(1, 'Send at least one entry.').max(10_000, 'Send at most 10,000 entries at once.'),
});

export default change(
  {
    does: 'Writes entries of the log. One that is there already, by its id, is left as it is.',
    body: Entries,
    most: 12_000_000,
  },
  ({ db, body, library, gardenId }) => {
    const { entries } = body;
    mustKnowNames(entries, library);
    const [only] = entries;
    const label = entries.length > 1 ? `Write down ${entries.length} entries` : labelOf(only!.what);
    addEntries(db, gardenId, entries, label);
  },
);

function labelOf(what: NewEntry['what']): string {
  if (what === 'lost') return 'Write down a loss';
  if (what === 'mislabelled') return 'Write down a mislabelled plant';
  if (what === 'walk') return 'Write down a walk';
  return isSighting(what) ? 'Write down a sighting' : 'Write down a note';
}
