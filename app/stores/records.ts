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
    if (wanted === gardenId && taken === before) take(gardenId, answer);
    return wanted === gardenId;
  }
  /** Sends a change to a garden, when its turn has come, and takes the state it answers. */
  async function exchange<A extends object>(
    of: string,
    method: ApiMethod,
    path: string,
    body: unknown,
    stateOf: (answer: A) => GardenState,
  ) {
    const answer = await callApi<A>(method, `/api/gardens/${of}${path}`, body);
    take(of, stateOf(answer));
    return answer;
  }
  /** Sends a change to the open garden and takes the state it answers. */
  function send<A extends object>(method: ApiMethod, path: string, body: unknown, stateOf: (answer: A) => GardenState) {
    const of = id.value;
    return turn(() => exchange(of, method, path, body, stateOf));
  }

  const undoable = (said: string) => notices.say(said, 'done', { label: 'Undo', run: () => step('undo') });
  /** Makes a change and says so, unless there is nothing to say. */
  async function change(method: ApiMethod, path: string, body: unknown, said: string) {
    await send<GardenState>(method, path, body, (answer) => answer);
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
    const { id: _id, revision, ...row } = record;
    const save = (at: number) => change('PUT', path, { revision: at, fields: { ...row, ...fields } }, said);
    return attempt(() => save(revision), save);
  }
  /** Removes a stored record. */
  function remove(path: string, { revision }: Stored, said: string) {
    const work = (at: number) => change('DELETE', `${path}?revision=${at}`, undefined, said);
    return attempt(() => work(revision), work, 'Remove it all the same');
  }
  /** Undoes the last change, or does it again. Of presses in quick succession each goes one step further. */
  function step(way: 'undo' | 'redo') {
    const of = id.value;
    return attempt(() =>
      turn(async () => {
        // Looked up when its turn has come: the press before has changed what is last.
        const entry = of === id.value ? state.value?.history[way]?.entry : undefined;
        if (entry === undefined) return;
        const answer = await exchange<GardenState & { stepped: string }>(of, 'POST', `/${way}`, { entry }, (state) => state);
        notices.say(`${way === 'undo' ? 'Undone' : 'Done again'}: ${answer.stepped}.`);
      }),
    );
  }
  return { state, id, load, send, change, attempt, revise, remove, step, undoable };
});
