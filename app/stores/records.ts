import type { OwnLayer } from '~~/core/garden/garden-here';
import { isChanges, withChanges, type GardenChanges } from '~~/core/garden/changed';
import type { GardenState } from '~~/core/model/garden';

/** A record as it is stored. */
interface Stored {
  id: string;
  revision: number;
}

/**
 * The records of the open garden as the server has them, and the one way to change them. Changes are sent one after the
 * other, and an answer that another garden or a later change has overtaken is dropped.
 */
export const useRecordsStore = defineStore('records', () => {
  const libraryStore = useLibraryStore();
  const notices = useNoticesStore();
  const state = shallowRef<GardenState | null>(null);
  const id = computed(() => state.value?.garden.id ?? '');
  const turn = inTurn();
  /** The garden that is wanted: an answer about another one comes too late. */
  let wanted = '';
  /** The revision that the last change made here gave a record, by its address. */
  const mine = new Map<string, number>();
  /** Lays own rows over the library: fetched with the first garden that has some, since it brings every schema of it. */
  const ownLayer = shallowRef<OwnLayer | null>(null);
  async function readyFor({ own }: Pick<GardenState, 'own'>) {
    if (own.length > 0) ownLayer.value ??= (await import('~~/core/library/own')).withOwn;
  }
  /** How many answers were taken: a state asked for before the last of them is older than what is shown. */
  let taken = 0;

  function take(of: string, answer: GardenState) {
    if (of !== wanted) return;
    taken++;
    state.value = answer;
  }
  /** Opens a garden. False where another one was asked for meanwhile. */
  async function load(gardenId: string): Promise<boolean> {
    wanted = gardenId;
    const before = taken;
    const [answer] = await Promise.all([
      callApi<GardenState>('GET', `/api/gardens/${encodeURIComponent(gardenId)}`),
      libraryStore.load(),
    ]);
    await readyFor(answer);
    if (wanted === gardenId && taken === before) take(gardenId, answer);
    return wanted === gardenId;
  }
  /** The address of a change: of the garden that is open only what it lacks is asked for. */
  const addressOf = (of: string, path: string, known: GardenState | null) =>
    `/api/gardens/${of}${path}${known ? `${path.includes('?') ? '&' : '?'}since=${known.at}` : ''}`;
  /** Sends a change to a garden, when its turn has come, and takes the state that it is in then. */
  async function exchange<A extends object>(of: string, method: ApiMethod, path: string, body: unknown): Promise<A> {
    const known = state.value?.garden.id === of ? state.value : null;
    const answer = await callApi<A & (GardenState | GardenChanges)>(method, addressOf(of, path, known), body);
    const now = isChanges(answer)
      ? ((known && withChanges(known, answer)) ?? (await callApi<GardenState>('GET', `/api/gardens/${of}`)))
      : answer;
    await readyFor(now);
    take(of, now);
    rememberGarden(now);
    return answer;
  }
  /** Sends a change to a garden, the open one or another, and takes what it answers. */
  const sendFor = <A extends object>(of: string, method: ApiMethod, path: string, body: unknown) =>
    turn(() => exchange<A>(of, method, path, body));
  const send = <A extends object = object>(method: ApiMethod, path: string, body: unknown) =>
    sendFor<A>(id.value, method, path, body);
  const recordAt = (path: string, recordId: string): Stored | undefined => {
    const [, list] = path.split('/');
    if (!list) return state.value?.garden;
    return (state.value?.[list as 'sites'] as Stored[] | undefined)?.find((row) => row.id === recordId);
  };
  /**
   * Sends a change to a stored record, when its turn has come. Where the record was changed here since it was seen, as by
   * two fields filled in quick succession, the change is made to what it is by then.
   */
  function sendTo<R extends Stored>(path: string, record: R, request: (latest: R) => [ApiMethod, string, unknown], said: string) {
    const of = id.value;
    const address = `${of}${path}`;
    return turn(async () => {
      const now = recordAt(path, record.id) as R | undefined;
      const latest = now && mine.get(address) === now.revision ? now : record;
      await exchange(of, ...request(latest));
      const after = recordAt(path, record.id);
      if (after) mine.set(address, after.revision);
      if (said) undoable(said);
    });
  }

  const undoable = (said: string) => notices.say(said, 'done', { label: 'Undo', run: () => step('undo') });
  /** Makes a change and says so, unless there is nothing to say. */
  async function change(method: ApiMethod, path: string, body: unknown, said: string) {
    await send(method, path, body);
    if (said) undoable(said);
  }
  /**
   * A change whose fault is a notice, for presses that have no form to show it beside. Where somebody else changed the
   * record meanwhile, the notice offers to make the change all the same: `again` makes it at their revision.
   */
  async function attempt(
    work: () => Promise<unknown>,
    again?: (revision: number) => Promise<unknown>,
    label = 'Keep mine',
  ): Promise<boolean> {
    try {
      await work();
      return true;
    } catch (error) {
      if (!isApiFault(error)) throw error;
      const theirs = error.status === 409 ? (error.current as { revision: number } | null) : null;
      const keep = theirs && again ? { label, run: () => attempt(() => again(theirs.revision), again, label) } : null;
      notices.say(error.message, 'fault', keep);
      if (error.status === 409) await load(id.value);
      return false;
    }
  }
  /** Changes some fields of a stored record; the others stay as they were seen. */
  function revise<R extends Stored>(path: string, record: R, fields: Partial<Omit<R, keyof Stored>>, said: string) {
    const save = (at?: number) =>
      sendTo(
        path,
        record,
        (latest) => {
          const { id: _id, revision, ...row } = at === undefined ? latest : record;
          return ['PUT', path, { revision: at ?? revision, fields: { ...row, ...fields } }];
        },
        said,
      );
    return attempt(() => save(), save);
  }
  /** Removes a stored record. */
  function remove(path: string, record: Stored, said: string) {
    const work = (at?: number) =>
      sendTo(path, record, (latest) => ['DELETE', `${path}?revision=${at ?? latest.revision}`, undefined], said);
    return attempt(() => work(), work, 'Remove it all the same');
  }
  /** Undoes the last change, or does it again. Of presses in quick succession each goes one step further. */
  function step(way: 'undo' | 'redo') {
    const of = id.value;
    return attempt(() =>
      turn(async () => {
        // Looked up when its turn has come: the press before has changed what is last.
        const entry = of === id.value ? state.value?.history[way]?.entry : undefined;
        if (entry === undefined) return;
        const answer = await exchange<{ stepped: string }>(of, 'POST', `/${way}`, { entry });
        notices.say(`${way === 'undo' ? 'Undone' : 'Done again'}: ${answer.stepped}.`);
      }),
    );
  }
  return { state, id, ownLayer, readyFor, load, send, change, attempt, revise, remove, step, undoable, sendFor };
});
