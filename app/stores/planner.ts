import { proxy, type Remote } from 'comlink';
import { differenceOf } from '~~/core/coverage/difference';
import type { NeedCoverage } from '~~/core/coverage/types';
import { freeName } from '~~/core/model/free-name';
import { FRESH_WISHES, freshWishesFor } from '~~/core/model/fresh-wishes';
import type { PlanWishes } from '~~/core/model/wishes';
import { SPIRITS, type Spirit } from '~~/core/plan/planner/alternatives';
import { fit } from '~~/core/match/fit/fit';
import { isHostHere, withheld } from '~~/core/match/craft/kinds';
import { obstaclesTo } from '~~/core/plan/planner/obstacles';
import { gardenWith, moneySplit, type Judged, type Proposed } from '~~/core/plan/planner/proposal';
import type { Purpose } from '~~/core/plan/purpose';
import { isKept, keptOf } from '~~/core/plan/planner/question';
import type { Shortfall } from '~~/core/plan/planner/shortfall';
import type { SolveStep } from '~~/core/plan/planner/solve';
import { replacementsFor } from '~~/core/plan/planner/replacements';
import { helpersFor } from '~~/core/plan/planner/why-open';
import type { MoneyFields, Planting } from '~~/core/model/garden';
import type { Asked, Planner } from '~/workers/planner';

/** Searches for plans in a worker, and holds what it found until the garden has changed. */
export const usePlannerStore = defineStore('planner', () => {
  const garden = useGardenStore();
  const records = useRecordsStore();
  const commands = useCommands();
  const notices = useNoticesStore();
  const view = useViewStore();
  const advise = useAdvice();
  const money = computed<MoneyFields>(
    () => garden.garden?.money ?? { currency: view.currency, prices: {}, sizes: {}, raises: false },
  );
  const coin = (minor: number) => view.inUnits.money(minor);

  /** What is wished of a plan, as it is being set; saved with the plan when a plan is asked for. */
  const wishes = ref<PlanWishes>(structuredClone(FRESH_WISHES));
  const freshWishes = (): PlanWishes => (garden.garden ? freshWishesFor(garden.garden) : structuredClone(FRESH_WISHES));
  const question = computed(() => garden.here?.questionOf(wishes.value) ?? null);
  const obstacles = computed(() => (question.value ? obstaclesTo(question.value) : []));

  /** What an answer rests on; it is stale once this differs. */
  const subject = computed(() =>
    restsOn([garden.garden, garden.sites, garden.targets, garden.plantings, garden.own, garden.dates, wishes.value]),
  );
  const answered = ref('');
  const stale = computed(() => best.value !== null && answered.value !== subject.value);

  const best = shallowRef<Judged | null>(null);
  const step = ref<SolveStep | 'done' | 'stopped' | null>(null);
  const gap = ref<number | null>(null);
  const targetsGap = ref<number | null>(null);
  const seconds = ref(0);
  /** Was the search carried to its end, and what was wished of it? */
  const complete = ref(false);
  const asked = shallowRef<PlanWishes | null>(null);
  const others = shallowRef<Partial<Record<Spirit, Judged | null>>>({});
  const shortfalls = shallowRef<Record<string, Shortfall>>({});
  /** Which of the plans found is looked at in full. */
  const chosen = ref<'best' | Spirit>('best');
  watch(chosen, () => (shortfalls.value = {}));
  const shown = computed(() => (chosen.value === 'best' ? null : others.value[chosen.value]) ?? best.value);

  const task = useWorkerTask<Planner>(
    () => new Worker(new URL('../workers/planner.ts', import.meta.url), { type: 'module' }),
    (cause) => notices.say(`The search stopped: ${cause}. Nothing was changed; try again.`, 'fault'),
  );
  /** What is being searched for; nothing while the worker rests. */
  const sought = ref<'best' | { other: Spirit } | { shortfall: string } | null>(null);
  watch(task.running, (running) => {
    if (!running) sought.value = null;
  });
  const searching = computed(() => sought.value === 'best');
  const otherSought = computed(() =>
    sought.value && typeof sought.value === 'object' && 'other' in sought.value ? sought.value.other : null,
  );
  const shortSought = computed(() =>
    sought.value && typeof sought.value === 'object' && 'shortfall' in sought.value ? sought.value.shortfall : '',
  );

  /** Forgets what was found. */
  function drop() {
    task.stop();
    best.value = null;
    chosen.value = 'best';
    step.value = null;
    others.value = {};
    shortfalls.value = {};
  }
  /** Gives a worker the question. Plain copies: it is sent no reactive object. The library is large and plain already. */
  const ask = (planner: Remote<Planner>) =>
    planner.ask({
      ...(JSON.parse(JSON.stringify({ records: garden.here!.records, wishes: wishes.value })) as Pick<
        Asked,
        'records' | 'wishes'
      >),
      year: garden.year,
      library: toRaw(useLibraryStore().library!),
    });

  async function saveWishes() {
    const { plan } = garden;
    if (!plan || JSON.stringify(plan.wishes) === JSON.stringify(wishes.value)) return;
    const fields = { revision: plan.revision, fields: wishes.value };
    await records.attempt(() => records.change('PUT', `/plans/${plan.id}/wishes`, fields, ''));
  }

  /** Searches for the best plan; what there is so far is in `best`. */
  async function propose() {
    drop();
    sought.value = 'best';
    await saveWishes();
    answered.value = subject.value;
    targetsGap.value = null;
    complete.value = false;
    // Fetched with the first question: with it comes what every form is checked by.
    const schemas = await import('~~/core/model/wishes');
    asked.value = schemas.PlanWishes.parse(JSON.parse(JSON.stringify(wishes.value)));
    sought.value = 'best';
    const outcome = await task.run(async (planner, mine) => {
      await ask(planner);
      return planner.propose(
        proxy((progress) => {
          if (!mine()) return;
          best.value = progress.best;
          step.value = progress.step;
          gap.value = progress.gap;
          seconds.value = progress.seconds;
          targetsGap.value = progress.targetsGap;
        }),
      );
    });
    if (!outcome) return;
    best.value = outcome.best;
    targetsGap.value = outcome.targetsGap;
    gap.value = outcome.wishesGap;
    seconds.value = outcome.seconds;
    complete.value = outcome.complete;
    step.value = 'done';
  }
  /** Ends the search with the best plan so far. */
  function stop() {
    task.stop();
    if (best.value) step.value = 'stopped';
  }

  /** Searches for plans in other spirits, one after the other. */
  async function seekOthers() {
    const first = best.value;
    if (!first) return;
    others.value = {};
    chosen.value = 'best';
    await task.run(async (planner, mine) => {
      sought.value = { other: SPIRITS[0] };
      await ask(planner);
      for (const spirit of SPIRITS) {
        if (!mine()) return;
        sought.value = { other: spirit };
        const other = await planner.alternative(spirit, first);
        if (!mine()) return;
        others.value = { ...others.value, [spirit]: other };
      }
    });
  }

  /** How much more would close a target that the plan shown leaves open. */
  async function seekShortfall(target: string) {
    const judged = shown.value;
    if (!judged) return;
    const found = await task.run(async (planner) => {
      sought.value = { shortfall: target };
      await ask(planner);
      return planner.shortfall(target, judged);
    });
    if (found) shortfalls.value = { ...shortfalls.value, [target]: found };
  }

  const planned = (judged: Judged) => gardenWith(question.value!, keptOf(question.value!), judged.proposed);
  /** What each plant of the plan shown is there for; found in a worker for a large garden, so it may come a moment later. */
  const purposes = shallowRef<ReadonlyMap<string, Purpose>>(new Map());
  watch([shown, stale], async () => {
    const judged = shown.value;
    if (!judged || !question.value || stale.value) return void (purposes.value = new Map());
    const found = await advise('purposes', wishes.value, judged);
    if (shown.value === judged) purposes.value = found;
  });
  const helpers = (judged: Judged, target: string, covered: NeedCoverage) =>
    helpersFor(question.value!, planned(judged).plantings, target, covered);
  /** What could stand in the place of a planting: of the plan as it is, or of the proposal shown. */
  const replacements = (planting: Planting, judged: Judged | null = null) =>
    question.value ? replacementsFor(question.value, judged ? planned(judged).plantings : garden.plantings, planting) : [];
  const split = (judged: Judged) => moneySplit(question.value!, keptOf(question.value!), judged.proposed);
  /** Plantings that came with the last proposal taken, to be marked on Plan. */
  const added = ref<ReadonlySet<string>>(new Set());
  /** What a proposal changes compared with the plan as it is. */
  const against = (judged: Judged) => (garden.served ? differenceOf(garden.served, judged.covered) : null);

  /** Plantings that a proposal takes out of the plan. */
  const outOf = (within: (row: Planting) => boolean) =>
    garden.plantings
      .filter(within)
      .filter((row) => row.state !== 'lost' && row.state !== 'removed' && !isKept(row, wishes.value))
      .map((row) => row.id);
  /** Saves a proposal as a further plan. Features belong to the beds, not to a plan: they are not saved with it. */
  function saveAsPlan(proposed: Proposed, name: string) {
    const free = freeName(
      name,
      garden.plans.map((row) => row.name),
    );
    return records.attempt(() => commands.savePlan({ name: free, out: outOf(() => true), plants: proposed.plants }));
  }

  /** Takes a proposal, or a part of it, into the plan; what it replaces goes out. */
  async function take(proposed: Proposed, label: string, part?: { site: string } | { plant: string; site: string }) {
    const whole = part === undefined;
    const ofPart = (row: { plant?: string; site_id: string }) =>
      whole || (row.site_id === part.site && (!('plant' in part) || row.plant === part.plant));
    const out = outOf(ofPart);
    const features = part && 'plant' in part ? [] : proposed.features.filter(ofPart);
    const plants = proposed.plants.filter(ofPart);
    const before = new Set(garden.plantings.map((row) => `${row.id} ${row.count}`));
    const said = `${plants.length} ${plants.length === 1 ? 'kind' : 'kinds'} added to the plan.`;
    const taken = await records.attempt(() => records.change('POST', '/plans/take', { label, out, plants, features }, said));
    if (taken)
      added.value = new Set(garden.plantings.filter((row) => !before.has(`${row.id} ${row.count}`)).map((row) => row.id));
    return taken;
  }

  /** Allows a plant in spite of what it is a danger to, or takes that back. */
  const allow = (plant: string, on = true) => {
    const rest = garden.garden!.allowed.filter((row) => row !== plant);
    const said = on
      ? `${garden.nameOf(plant)} is allowed here, and may be proposed.`
      : `${garden.nameOf(plant)} is kept out again.`;
    return commands.changeGarden({ allowed: on ? [...rest, plant] : rest }, said);
  };
  /** Hosts of the chosen creatures that are left out for somebody's sake, and may be allowed. */
  const withheldHosts = computed(() => {
    const asked = question.value;
    if (!asked) return [];
    return [...asked.almanac.plants.values()].flatMap((here) => {
      const why =
        isHostHere(asked, here.plant.id) && here.status.offered
          ? withheld(here, asked.garden, asked.almanac.place.half_zone)
          : null;
      const grows =
        why !== null && asked.sites.some((site) => fit(here.plant, site, asked.almanac.place).verdict !== 'unsuitable');
      if (!why || !grows) return [];
      const targets = asked.targets.filter(({ target }) => asked.almanac.targets.get(target)?.hosts.has(here.plant.id));
      return [{ here, why, targets: targets.map(({ target }) => target) }];
    });
  });
  const saveMoney = (fields: Partial<MoneyFields>) =>
    commands.changeGarden({ money: { ...money.value, ...fields } }, 'Prices saved.');

  watch(
    () => garden.plan?.id,
    () => {
      const saved = garden.plan?.wishes;
      wishes.value = saved ? structuredClone(toRaw(saved)) : freshWishes();
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
    complete,
    asked,
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
    replacements,
    split,
    allow,
    withheldHosts,
    added,
    against,
    take,
    saveAsPlan,
  };
});
