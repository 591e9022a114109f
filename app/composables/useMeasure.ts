import { MeasureFields, type MeasureKind, type Reading } from '~~/core/model/yard';

/** A measurement being recorded on a site: its date, its reading, and its faults beside their fields. */
export function useMeasure<K extends MeasureKind>(kind: K, site: () => string, reading: () => Reading<K>, said: string) {
  const yard = useYardStore();
  const view = useViewStore();
  const form = useDraft(
    MeasureFields,
    () => ({ kind, site_id: site(), taken_on: isoDay(view.today), note: '', reading: reading() }) as never,
  );
  const draft = form.draft as unknown as Ref<{ taken_on: string; note: string; reading: Reading<K> }>;
  async function submit() {
    const result = await form.save((fields) => yard.measure(fields, said));
    if (result === 'saved') form.restart();
    return result;
  }
  const error = (key: string) => form.errors.value[`reading.${key}`];
  return { draft, errors: form.errors, fault: form.fault, saving: form.saving, error, submit };
}
