import type { z } from 'zod';
import { rebased } from './rebased';

/**
 * A form's own copy of a record, checked field by field. Nothing typed is lost when saving fails: the draft
 * stays as it is, with a sentence beside each field at fault.
 */
export function useDraft<S extends z.ZodType>(schema: S, start: () => z.input<S>) {
  type Draft = z.input<S>;
  let begun = structuredClone(start()) as Draft;
  const draft = ref(structuredClone(begun)) as Ref<Draft>;
  const errors = ref<Record<string, string>>({});
  const fault = ref('');
  const saving = ref(false);

  function check(): z.output<S> | null {
    const result = schema.safeParse(toRaw(draft.value));
    errors.value = {};
    if (result.success) return result.data;
    for (const issue of result.error.issues) errors.value[issue.path.join('.')] ??= issue.message;
    return null;
  }
  /** Checks and hands the record on; faults of the server come back beside their fields. Returns whether it was saved. */
  async function save(keep: (record: z.output<S>) => Promise<void>): Promise<ApiFault | 'saved' | 'invalid'> {
    fault.value = '';
    const record = check();
    if (!record) return 'invalid';
    saving.value = true;
    try {
      await keep(record);
      return 'saved';
    } catch (error) {
      if (!isApiFault(error)) throw error;
      errors.value = error.fields;
      fault.value = error.message;
      return error;
    } finally {
      saving.value = false;
    }
  }
  function restart() {
    begun = structuredClone(start());
    draft.value = structuredClone(begun);
    errors.value = {};
    fault.value = '';
  }
  /** Takes over what the record says now, but for what was typed here meanwhile. */
  function follow() {
    const now = structuredClone(start());
    draft.value = rebased(toRaw(draft.value), begun, now) as Draft;
    begun = structuredClone(now);
  }
  return { draft, errors, fault, saving, save, restart, follow };
}
