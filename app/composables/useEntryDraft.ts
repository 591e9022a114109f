import { dayNumber } from '~~/core/model/days';
import { temperatureAt } from '~~/core/log/hour';
import { BLANK_ENTRY } from '~~/core/model/blank-entry';
import { EntryFields, type Entry, type NewEntry } from '~~/core/model/log';

/** An entry without what is stored beside its fields. */
function fieldsOf(start: Partial<EntryFields>): Partial<EntryFields> {
  const { id: _id, revision: _revision, ...fields } = start as Partial<Entry>;
  return fields;
}

/** The time of the day by the clock of this device. */
const clockTime = () => new Date().toTimeString().slice(0, 5);

/**
 * An entry while it is written: begun on the garden’s day, at this hour where that is today, and with the weather of that
 * hour filled in when it is saved.
 */
export function useEntryDraft(start: Partial<EntryFields> & Pick<EntryFields, 'what'>, entry: Entry | null = null) {
  const work = useWorkStore();
  const log = useLogStore();
  const garden = useGardenStore();
  const view = useViewStore();
  const begun = (): EntryFields => ({
    ...BLANK_ENTRY,
    on_day: work.onDay,
    at: work.onDay === isoDay(view.today) ? clockTime() : null,
    ...fieldsOf(start),
    what: start.what,
  });
  const form = useDraft(EntryFields, begun);
  const draft = form.draft as Ref<EntryFields>;
  /** Photographs chosen here; those the entry has already are kept beside them. */
  const photos = ref<ReadyPhoto[]>([]);
  const dated = ref(false);
  /** The first photograph says when it was seen, unless that is said already. */
  function taken(on_day: string, at: string | null) {
    if (dated.value || entry || on_day > work.onDay) return;
    dated.value = true;
    Object.assign(draft.value, { on_day, at });
  }
  /** Forgets what was said, but for day and bed. */
  function another() {
    const { on_day, site_id, walk_id } = draft.value;
    form.restart();
    photos.value = [];
    dated.value = false;
    Object.assign(draft.value, { on_day, site_id, walk_id });
  }
  /** An entry that is changed keeps the weather it has. */
  const submit = () =>
    form.save(async (record) => {
      const fields = { ...record, photos: [...record.photos, ...photos.value.map(({ id }) => id)] };
      await sendPhotos(garden.id, photos.value);
      if (entry) return log.rewrite(entry, fields);
      const temp_c = fields.temp_c ?? (work.weather ? temperatureAt(work.weather, dayNumber(fields.on_day), fields.at) : null);
      await log.write([{ ...fields, temp_c, id: freshId() } satisfies NewEntry]);
    });
  return { ...form, draft, photos, taken, submit, another };
}
