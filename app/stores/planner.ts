import { wrap, proxy, type Remote } from 'comlink';
import { differenceOf } from '~~/core/coverage/difference';
import type { NeedCoverage } from '~~/core/coverage/types';
import { FRESH_WISHES, PlanWishes } from '~~/core/model/wishes';
import { SPIRITS, type Spirit } from '~~/core/planner/alternatives';
import { obstaclesTo } from '~~/core/planner/contradictions';
import { gardenWith, type Judged, type Proposed } from '~~/core/planner/proposal';
import { purposesOf } from '~~/core/planner/purpose';
import { isKept, keptOf, type PlanQuestion } from '~~/core/planner/question';
import type { Shortfall } from '~~/core/planner/shortfall';
import type { SolveStep } from '~~/core/planner/solve';
import { helpersFor } from '~~/core/planner/why-open';
import type { MoneyFields, Planting } from '~~/core/model/garden';
import type { Asked, Planner } from '~/workers/planner';

const SECONDS_FOR_ALTERNATIVES = 8;
const SECONDS_FOR_SHORTFALL = 6;
export const FRESH_MONEY: MoneyFields = { currency: 'USD', prices: {}, sizes: {} };

/** Looks for plans in a worker, and keeps what it found until the garden has changed. */
export const usePlannerStore = defineStore('planner', () => {
  const garden = useGardenStore();
  const notices = useNoticesStore();
  const view = useViewStore();
  const money = computed<MoneyFields>(() => garden.garden?.money ?? FRESH_MONEY);
  const coin = (minor: number) =>
    new Intl.NumberFormat('en-US', { style: 'currency', currency: money.value.currency }).format(minor / 100);

  /** What is wished of a plan, as it is being set; kept with the plan when a plan is asked for. */
  const wishes = ref<PlanWishes>(structuredClone(FRESH_WISHES));
  const freshWishes = (): PlanWishes => ({
    ...structuredClone(FRESH_WISHES),
    natives: garden.garden?.school_plants === 'any-harmless' ? 'off' : 'much',
  });
  const question = computed<PlanQuestion | null>(() =>
    garden.input ? { ...garden.input, wishes: wishes.value, prices: money.value.prices, sizes: money.value.sizes } : null,
  );
  const obstacles = computed(() => (question.value ? obstaclesTo(question.value, view.area, coin) : []));

  /** What an answer rests on; it is stale once this differs. */
  const subject = computed(() =>
    JSON.stringify(
      [garden.garden, garden.sites, garden.targets, garden.plantings, garden.own, garden.seen, wishes.value],
      (key, value: unknown) => (key === 'revision' ? undefined : value),
    ),
  );
  const answered = ref('');
  const stale = computed(() => best.value !== null && answered.value !== subject.value);

  const best = shallowRef<Judged | null>(null);
  const step = ref<SolveStep | 'done' | 'stopped' | null>(null);
  const gap = ref<number | null>(null);
  const targetsGap = ref<number | null>(null);
  const seconds = ref(0);
  const searching = ref(false);
  const others = shallowRef<Partial<Record<Spirit, Judged | null>>>({});
  const otherSought = ref<Spirit | null>(null);
  /** Which of the plans found is looked at in full. */
  const chosen = ref<'best' | Spirit>('best');
  watch(chosen, () => (shortfalls.value = {}));
  const shown = computed(() => (chosen.value === 'best' ? null : others.value[chosen.value]) ?? best.value);
  const shortfalls = shallowRef<Record<string, Shortfall>>({});
  const shortSought = ref('');

  let worker: Worker | null = null;
  function end() {
    worker?.terminate();
    worker = null;
    searching.value = false;
    otherSought.value = null;
    shortSought.value = '';
  }
  /** Forgets what was found. */
  function drop() {
    end();
    best.value = null;
    chosen.value = 'best';
    step.value = null;
    others.value = {};
    shortfalls.value = {};
  }
  /** A worker of its own that knows the question. */
  async function started(): Promise<Remote<Planner>> {
    const mine = new Worker(new URL('../workers/planner.ts', import.meta.url), { type: 'module' });
    worker = mine;
    mine.onerror = (event) => {
      notices.say(`The search stopped: ${event.message || 'the worker failed'}.`, 'fault');
      end();
    };
    const planner = wrap<Planner>(mine);
    const { almanac: _almanac, ...records } = question.value!;
    // Plain copies: the worker is sent no reactive object. The library is large and plain already.
    const asked = {
      ...JSON.parse(JSON.stringify({ ...records, garden: garden.garden, seen: garden.seen })),
      library: toRaw(garden.library!),
    } as Asked;
    await planner.ask(asked);
    return planner;
  }

  async function keepWishes() {
    const { plan } = garden;
    if (!plan || JSON.stringify(plan.wishes) === JSON.stringify(wishes.value)) return;
    await garden.attempt(() => garden.change('PUT', `/plans/${plan.id}`, { revision: plan.revision, fields: wishes.value }, ''));
  }

  /** Looks for the best plan; what there is so far is in `best`. */
  async function propose() {
    drop();
    searching.value = true;
    await keepWishes();
    answered.value = subject.value;
    const planner = await started();
    const mine = worker;
    targetsGap.value = null;
    const outcome = await planner.propose(
      wishes.value.seconds,
      proxy((progress) => {
        if (worker !== mine) return;
        best.value = progress.best;
        step.value = progress.step;
        gap.value = progress.gap;
        seconds.value = progress.seconds;
        targetsGap.value = progress.targetsGap;
      }),
    );
    if (worker !== mine) return;
    best.value = outcome.best;
    targetsGap.value = outcome.targetsGap;
    gap.value = outcome.wishesGap;
    seconds.value = outcome.seconds;
    step.value = 'done';
    end();
  }
  /** Ends the search with the best plan so far. */
  function stop() {
    end();
    if (best.value) step.value = 'stopped';
  }

  /** Looks for three plans that truly differ, one after the other. */
  async function seekOthers() {
    if (!best.value) return;
    end();
    others.value = {};
    chosen.value = 'best';
    otherSought.value = SPIRITS[0];
    const planner = await started();
    const mine = worker;
    const found: Judged[] = [best.value];
    for (const spirit of SPIRITS) {
      otherSought.value = spirit;
      const other = await planner.alternative(
        spirit,
        found,
        SECONDS_FOR_ALTERNATIVES,
        proxy((progress) => {
          if (worker === mine && progress.best.proposed.plants.length > 0)
            others.value = { ...others.value, [spirit]: progress.best };
        }),
      );
      if (worker !== mine) return;
      others.value = { ...others.value, [spirit]: other };
      if (other) found.push(other);
    }
    end();
  }

  /** How much more would close a target that the best plan leaves open. */
  async function seekShortfall(target: string) {
    if (!shown.value) return;
    end();
    shortSought.value = target;
    const planner = await started();
    const mine = worker;
    const closing = shown.value.covered.targets.filter((row) => row.verdict === 'closed').map((row) => row.target);
    const found = await planner.shortfall(target, closing, SECONDS_FOR_SHORTFALL);
    if (worker !== mine) return;
    shortfalls.value = { ...shortfalls.value, [target]: found };
    end();
  }

  const planned = (judged: Judged) => gardenWith(question.value!, keptOf(question.value!), judged.proposed);
  const purposes = computed(() => {
    const judged = shown.value;
    if (!judged || !question.value || stale.value) return new Map();
    const input = planned(judged);
    return purposesOf(
      input,
      judged.covered,
      judged.proposed.plants.map((row) => `proposed ${row.plant} ${row.site_id}`),
    );
  });
  const helpers = (judged: Judged, target: string, covered: NeedCoverage) =>
    helpersFor(question.value!, planned(judged).plantings, target, covered, { area: view.area, length: view.length });
  /** What a proposal changes beside the plan as it is. */
  const against = (judged: Judged) => (garden.served ? differenceOf(garden.served, judged.covered) : null);

  /** Plantings that a proposal takes out of the plan. */
  const outOf = (within: (row: Planting) => boolean) =>
    garden.plantings
      .filter(within)
      .filter((row) => row.state !== 'lost' && row.state !== 'removed' && !isKept(row, wishes.value.keep))
      .map((row) => row.id);
  /** Keeps a proposal as a plan beside the one gone by. Features belong to the beds, not to a plan: they are not kept. */
  function keepBeside(proposed: Proposed, name: string) {
    const taken = new Set(garden.plans.map((row) => row.name));
    let free = name;
    for (let n = 2; taken.has(free); n++) free = `${name} ${n}`;
    return garden.attempt(() => garden.keepPlan({ name: free, out: outOf(() => true), plants: proposed.plants }));
  }

  /** Takes a proposal, or a part of it, into the plan; what it replaces goes out. */
  function take(proposed: Proposed, label: string, part?: { site: string } | { plant: string; site: string }) {
    const whole = part === undefined;
    const ofPart = (row: { plant?: string; site_id: string }) =>
      whole || (row.site_id === part.site && (!('plant' in part) || row.plant === part.plant));
    const out = outOf(ofPart);
    const features = part && 'plant' in part ? [] : proposed.features.filter(ofPart);
    return garden.attempt(() =>
      garden.change('POST', '/plans/take', { label, out, plants: proposed.plants.filter(ofPart), features }, `${label}.`),
    );
  }

  const saveMoney = (fields: Partial<MoneyFields>) =>
    garden.changeGarden({ money: { ...money.value, ...fields } }, 'Prices kept.');

  watch(
    () => garden.plan?.id,
    () => {
      const kept = garden.plan?.wishes;
      wishes.value = kept ? structuredClone(toRaw(kept)) : freshWishes();
      drop();
    },
    { immediate: true },
  );

  return {
    wishes,
    freshWishes,
    money,
    saveMoney,
    coin,
    question,
    obstacles,
    best,
    step,
    gap,
    targetsGap,
    seconds,
    searching,
    stale,
    propose,
    stop,
    drop,
    others,
    otherSought,
    chosen,
    shown,
    seekOthers,
    shortfalls,
    shortSought,
    seekShortfall,
    purposes,
    helpers,
    against,
    take,
    keepBeside,
  };
});
