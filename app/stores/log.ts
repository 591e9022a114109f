import { useEventListener, useIntervalFn } from '@vueuse/core';
import { LogBook } from '~~/core/log/book';
import type { PackedLog } from '~~/core/log/packed';
import { ladderOf, type Ladder } from '~~/core/log/stages';
import { datesAsked } from '~~/core/log/dates';
import { yearOf } from '~~/core/model/days';
import type { Entry, EntryFields, NewEntry } from '~~/core/model/log';
import { entryWords } from '~~/core/words/log';
import type { Names } from '~~/core/words/work';

/**
 * The log of the open garden: fetched whole once, and after that only what changed. What could not be sent yet stands in
 * it too.
 */
export const useLogStore = defineStore('log', () => {
  const garden = useGardenStore();
  const records = useRecordsStore();
  const work = useWorkStore();
  const view = useViewStore();
  const notices = useNoticesStore();
  const outbox = useOutbox();

  const held = shallowRef<HeldLog | null>(null);
  const fault = ref('');
  const asked = ref(false);
  const begin = () => void (asked.value = true);
  let loading: Promise<void> | null = null;

  async function fetchSince(of: string) {
    const known = held.value?.of === of ? held.value : await rememberedLog(of);
    const answer = await callApi<PackedLog>('GET', `/api/gardens/${of}/log?since=${known?.at ?? 0}`);
    if (records.id !== of) return;
    let next = withChanges(known, of, answer);
    // What was remembered may be of another database under the same name.
    if (next.byId.size !== answer.count) {
      const whole = await callApi<PackedLog>('GET', `/api/gardens/${of}/log?since=0`);
      next = withChanges(null, of, whole);
    }
    if (records.id !== of) return;
    held.value = next;
    rememberLog(next);
  }
  /** Brings the log up to the last change that the garden knows of. */
  async function load() {
    if (loading) return loading;
    fault.value = '';
    const upToDate = () => held.value?.of === records.id && held.value.at >= (records.state?.log_at ?? 0);
    loading = (async () => {
      try {
        while (records.state && !upToDate()) {
          const of = records.id;
          const before = held.value;
          await fetchSince(of);
          // An answer that brought nothing new is not asked for again and again; of another garden, opened meanwhile, it is.
          if (records.id === of && held.value?.at === before?.at && held.value?.of === before?.of) break;
        }
      } catch (error) {
        if (!isApiFault(error)) throw error;
        // Without the network the log is as it was when it was last seen.
        const known = error.status === 0 ? await rememberedLog(records.id) : null;
        if (known && records.id === known.of) held.value = known;
        else fault.value = error.message;
      } finally {
        loading = null;
      }
    })();
    return loading;
  }
  watch([() => records.id, () => records.state?.log_at, asked], () => asked.value && records.state && void load(), {
    immediate: true,
  });

  const waiting = computed(() => outbox.waiting.value.filter(([, row]) => row.garden === records.id));
  const unsent = computed(() => waiting.value.reduce((sum, [, row]) => sum + row.entries.length, 0));
  const refused = computed(() => waiting.value.filter(([, row]) => row.fault !== ''));
  const book = computed(() => {
    const mine = held.value?.of === records.id ? held.value.byId : null;
    const queued = waiting.value.flatMap(([, row]) => row.entries.filter(({ id }) => !mine?.has(id)));
    return new LogBook([...(mine?.values() ?? []), ...queued.map((entry) => ({ ...entry, revision: -1 }))]);
  });
  const ready = computed(() => held.value?.of === records.id);

  /** Sends what waits, one after the other; stops where the server does not answer. */
  const turn = inTurn();
  const flush = () =>
    turn(async () => {
      try {
        await sendWaitingPhotos();
      } catch (error) {
        if (!isApiFault(error)) throw error;
        if (error.status === 0 || error.status >= 500) return;
        notices.say(`A photograph was not taken: ${error.message}`, 'fault');
      }
      for (const [key, row] of outbox.waiting.value) {
        if (row.fault !== '') continue;
        try {
          await records.sendFor(row.garden, 'POST', '/log', { entries: row.entries });
          await outbox.drop(key);
        } catch (error) {
          if (!isApiFault(error)) throw error;
          if (error.status === 0 || error.status >= 500) return;
          await outbox.refuse(key, row, error.message);
        }
      }
    });
  const sendAgain = () => void (outbox.waiting.value.length > 0 && flush());
  if (import.meta.client) {
    outbox.read().then(sendAgain, () => notices.say('This browser keeps nothing while the server does not answer.', 'fault'));
    useEventListener(window, 'online', sendAgain);
    useEventListener(document, 'visibilitychange', () => document.visibilityState === 'visible' && sendAgain());
    useIntervalFn(sendAgain, 30_000);
  }
  /** Takes what the server refused out of the queue. */
  const discard = (key: number) => outbox.drop(key);

  /** Names as they stand on the screens; a bed may have been removed. */
  const names: Names = {
    ...work.names,
    site: (id) => garden.sites.find((row) => row.id === id)?.name ?? 'a bed that is gone',
  };
  const words = (entry: EntryFields) => entryWords(entry, names, view.inUnits);
  /**
   * Writes entries down. Where the server does not answer they wait on this device and are sent later; what it refuses is
   * thrown, for the form to show.
   */
  async function write(entries: NewEntry[], said = '') {
    const text = said || (entries.length === 1 ? `${words(entries[0]!)}.` : `${entries.length} entries written down.`);
    try {
      await records.send('POST', '/log', { entries });
      records.undoable(text);
    } catch (error) {
      if (!isApiFault(error) || error.status !== 0) throw error;
      await outbox.put(records.id, entries);
      notices.say(`${text} Saved on this device; it is sent when the server answers again.`);
    }
  }
  const change = (entry: Entry, fields: Partial<EntryFields>, said = `${words({ ...entry, ...fields })}: changed.`) =>
    records.revise(`/log/${entry.id}`, entry, fields, said);
  /** The same for a form, which shows the fault itself. */
  const rewrite = (entry: Entry, fields: EntryFields) =>
    records.change('PUT', `/log/${entry.id}`, { revision: entry.revision, fields }, `${words(fields)}: changed.`);
  const remove = (entry: Entry) => records.remove(`/log/${entry.id}`, entry, `${words(entry)}: removed.`);

  /** The year of the garden’s day. */
  const year = computed(() => yearOf(work.today));
  const ladderIn = (target: string, ofYear: number): Ladder | null => {
    const here = garden.almanac?.targets.get(target);
    const chosen = garden.targets.find((row) => row.target === target);
    return here ? ladderOf(here, chosen?.ambition ?? 'breeds', book.value.about(target), ofYear, work.today) : null;
  };
  /** Was a life cycle seen to close in a year or in the one before? */
  const seenToClose = (target: string, ofYear: number): boolean =>
    ready.value && [ofYear, ofYear - 1].some((one) => ladderIn(target, one)?.seenToClose ?? false);
  /** Recorded dates far from what is expected, which count once they are confirmed. */
  const questions = computed(() => (garden.almanac ? datesAsked(garden.seen, garden.almanac) : []));

  return {
    begin,
    load,
    fault,
    ready,
    book,
    waiting,
    unsent,
    refused,
    flush,
    discard,
    write,
    change,
    rewrite,
    remove,
    year,
    ladderIn,
    seenToClose,
    questions,
    names,
    words,
  };
});
