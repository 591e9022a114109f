import { dateName, dayName } from '../model/half-month';
import type { FactId, SymptomPart } from '../model/symptoms';
import type { Outcome } from '../model/why';
import type { Reason, WhyVerdict } from '../why/diagnosis';
import type { Decision, DecisionKind } from '../garden/decisions';
import type { Lack } from '../why/finding';
import type { Notice } from '../why/overlook';
import type { Harm } from '../why/harm';
import { SETTINGS } from '../settings';
import { listed } from './lists';
import type { Units } from './units';
import { METHOD_WORDS } from './raise';
import { ACTION_WORDS, minutesWords, type Names } from './work';

/** Parts on which something is seen, as the pictures are grouped. */
export const PART_WORDS: Record<SymptomPart, string> = {
  flower: 'Flowers and fruit',
  leaf: 'Leaves',
  stem: 'Stems and bark',
  whole: 'The whole plant',
  root: 'Roots and pot',
  adult: 'Adults',
  egg: 'Eggs',
  larva: 'Caterpillars',
  pupa: 'Chrysalises',
};

type Figures = Readonly<Record<string, number | string>>;
type Said = (of: Figures, names: Names, units: Units) => string;
const n = (of: Figures, key: string) => Number(of[key] ?? 0);
const whole = (of: Figures, key: string) => String(Math.round(n(of, key)));
const hours = (of: Figures, key: string) => `${Number(n(of, key).toFixed(1))} h`;
const day = (of: Figures, key: string) => dayName(n(of, key));
const date = (of: Figures, key: string) => dateName(String(of[key]));
const years = (count: number) => (count === 0 ? 'this year' : count === 1 ? 'last year' : `${count} years ago`);
const percent = (of: Figures, key: string) => `${Math.round(100 * n(of, key))} %`;
const creature = (of: Figures, names: Names) => names.creature(String(of.creature));
const plant = (of: Figures, names: Names) => names.plant(String(of.plant));
const more = (of: Figures) => (n(of, 'more') > 0 ? ` and ${n(of, 'more')} more` : '');

/** A fact that holds, in a sentence with its figures. */
const FACT_WORDS: Record<FactId, Said> = {
  shade: (of) => `It gets ${hours(of, 'sun_h')} of sun and wants ${hours(of, 'min')} or more`,
  'light-right': (of) => `Its light is right: ${hours(of, 'sun_h')}, and it wants ${hours(of, 'min')} to ${hours(of, 'max')}`,
  'too-sunny': (of) => `It gets ${hours(of, 'sun_h')} of sun, more than it bears here`,
  'dark-autumn': (of) => `In September and October the bed gets ${hours(of, 'sun_h')} of sun a day`,
  'shade-crept': (of) =>
    `The bed was said to have ${hours(of, 'was')} of sun, and as the yard is drawn now it has ${hours(of, 'is')}`,
  'dry-site': (of) =>
    `The ground is drier than it likes: step ${whole(of, 'moisture')}, and it wants ${whole(of, 'min')} or more`,
  'wet-site': (of) => `The ground is wetter than it likes: step ${whole(of, 'moisture')}, and it bears ${whole(of, 'max')}`,
  'drains-badly': (of) => `Water drains too slowly for it here (${of.drainage}; it wants ${of.wants})`,
  limy: (of) => `The soil is pH ${n(of, 'ph')}, and it wants ${n(of, 'max')} or less`,
  sour: (of) => `The soil is pH ${n(of, 'ph')}, and it wants ${n(of, 'min')} or more`,
  'ph-right': (of) => `The soil’s pH of ${n(of, 'ph')} suits it`,
  rich: () => 'The soil of this bed is rich',
  salty: () => 'Salt reaches this bed',
  windy: () => 'It stands in the wind',
  steep: () => 'The bed is steep',
  crowded: (of) => `Its bed is full: ${n(of, 'used_m2').toFixed(1)} m² of plants on ${n(of, 'area_m2').toFixed(1)} m²`,
  'under-tree': (of) => `It stands under ${of.names}`,
  'walnut-near': (of) => `${of.name} stands in or by the yard`,
  'lawn-near': () => 'There is lawn in this garden',
  pot: () => 'It grows in a pot',
  'pot-small': (of, _, units) => `Its pot holds ${units.volume(n(of, 'litres'))}, and it wants ${units.volume(n(of, 'min'))}`,
  deer: (of) => (of.deer === 'many' ? 'Many deer come here' : 'Deer come here'),
  dogs: () => 'A dog lives here',
  cats: () => 'A cat lives here',
  'first-year': (of) => `It was planted ${years(n(of, 'age'))}`,
  'last-autumn': () => 'It has been through one winter here',
  young: (of) => `It was planted ${years(n(of, 'age'))}, and flowers after ${whole(of, 'years')} years or so`,
  settled: (of) => `It has stood here for ${whole(of, 'age')} years`,
  'old-clump': (of) => `It has stood for ${whole(of, 'age')} years, and is divided every ${whole(of, 'every')}`,
  'at-its-end': (of) => `It has lived ${whole(of, 'age')} years, and such plants live about ${whole(of, 'years')}`,
  alone: () => 'It is the only one of its kind here',
  bought: (of) => (of.source ? `It was bought: ${of.source}` : 'It was bought'),
  'own-raised': () => 'It was raised here',
  'raised-indoors': () => 'It was raised indoors',
  biennial: () => 'It is a biennial: it flowers in its second year and dies',
  evergreen: () => 'It keeps its leaves through winter',
  vigorous: () => 'It is a vigorous kind',
  runner: () => 'It spreads below ground',
  seeder: () => 'It seeds itself freely',
  listed: (of) => `It is listed as ${of.status} here`,
  'not-hardy': (of) => `Its place has the winter of zone ${of.zone}, and it lives from zone ${of.min}`,
  hardy: (of) => `It is hardy here: it lives from zone ${of.min}, and its place is ${of.zone}`,
  'before-leaf': (of) => `It comes up about ${day(of, 'from')} here, and late risers until the middle of June`,
  'leaf-ending': (of) => `Its leaves end about ${day(of, 'to')} here`,
  'before-bloom': (of) => `It flowers here from about ${day(of, 'from')}`,
  'in-bloom': (of) => `It is in its season of bloom: ${day(of, 'from')} to ${day(of, 'to')}`,
  'after-bloom': (of) => `It is over here by about ${day(of, 'to')}`,
  host: (of, names) => `It is a host of ${creature(of, names)}${more(of)}`,
  'no-host': () => 'No creature of this library grows up on it here',
  'bud-host': (of, names) => `Caterpillars of ${creature(of, names)} eat its buds`,
  'larvae-due': (of, names) => `Caterpillars of ${creature(of, names)} are about now`,
  'larvae-on-it': (of, names) => `Caterpillars of ${creature(of, names)} were seen on ${date(of, 'on')}`,
  'eggs-on-it': (of, names) => `Eggs of ${creature(of, names)} were seen on ${date(of, 'on')}`,
  'eaten-seen': (of) => `It was written down as eaten on ${date(of, 'on')}`,
  'wants-cold': (of) => `Its seed wants ${whole(of, 'days')} days of cold`,
  'no-cold-given': (of) => `Its seed wants ${whole(of, 'days')} days of cold and was sown without`,
  'cold-given': () => 'Its seed had cold',
  'wants-light': () => 'Its seed wants light',
  'wants-warmth': (of, _, units) => `Its seed wants ${units.temperature(n(of, 'warmth_c'))}`,
  'hard-coat': () => 'Its seed has a hard coat',
  'not-due': (of) => `It was sown ${whole(of, 'days')} days ago, and takes up to ${whole(of, 'usual')}`,
  overdue: (of) => `It was sown ${whole(of, 'days')} days ago, and takes at most ${whole(of, 'usual')}`,
  'dry-spell': (of) => `No rain worth the name for ${whole(of, 'days')} days`,
  'wet-spell': (of, _, units) =>
    `${units.rain(n(of, 'mm'))} of rain in ${whole(of, 'days')} days, where ${units.rain(n(of, 'usual'))} is usual`,
  heat: (of) => `${whole(of, 'days')} hot days in the last ${whole(of, 'of')}`,
  'cold-nights': (of, _, units) => `The nights of this week were ${units.temperature(n(of, 'low_c'))} on average`,
  'late-frost': (of, _, units) => `${units.temperature(n(of, 'low_c'))} on ${date(of, 'on')}, when it was in leaf`,
  'hard-winter': (of, _, units) => `Last winter went down to ${units.temperature(n(of, 'low_c'))}, colder than zone ${of.zone}`,
  storm: (of, _, units) => `${units.rain(n(of, 'mm'))} of rain on one day of this week`,
  'winter-now': () => 'It is winter here',
  thirsty: (of) => `Its ground holds ${percent(of, 'held')} of the water it can`,
  'watered-often': (of) => `It was watered ${whole(of, 'times')} times in ${whole(of, 'days')} days`,
  fed: (of) => `It was fed ${ago(of)}`,
  'cut-lately': (of) => `${action(of)} ${ago(of)}`,
  'cut-in-bud': (of) => `${action(of)} ${ago(of)}, when it carried its buds`,
  'cut-down-autumn': (of) => `Stems were cut on ${date(of, 'on')}`,
  'no-host-here': () => 'No host of it grows here',
  'host-here': (of, names) => `A host of it grows here: ${plant(of, names)}`,
  'host-few': (of) => `${whole(of, 'plants')} host ${n(of, 'plants') === 1 ? 'plant' : 'plants'}: too few to be found`,
  'host-lost': (of, names) => `A host was lost: ${plant(of, names)}`,
  'host-wrong-light': (of, names) =>
    `${plant(of, names)} gets ${hours(of, 'sun_h')} of sun, and eggs are laid on it ${LIGHTS[String(of.light)]}`,
  'host-young': () => 'Its hosts were planted this year',
  'host-bought': (of, names) => `A host was bought lately: ${plant(of, names)}${of.source ? `, ${of.source}` : ''}`,
  'trap-here': (of, names) => `${plant(of, names)} grows here, on which its young die`,
  'leaf-short': () => 'Its hosts have too little leaf for a brood',
  'evergreen-milkweed': (of, names) => `${plant(of, names)} keeps its leaf here all year`,
  'nectar-gap': () => 'Nothing it drinks from is in flower now',
  'nectar-now': (of, names) => `In flower for it now: ${plant(of, names)}${more(of)}`,
  'no-perch': () => 'No tree, shrub or perch is recorded here',
  'feeder-here': () => 'A feeder hangs here',
  'not-flying': (of) => `It flies here from ${day(of, 'from')} to ${day(of, 'to')}`,
  flying: (of) => `It flies here now: ${day(of, 'from')} to ${day(of, 'to')}`,
  'flight-begins': (of) => `Its flight begins about ${day(of, 'from')}`,
  'flight-ends': (of) => `Its flight ends about ${day(of, 'to')}`,
  'passing-through': () => 'At this time it only passes through here',
  'not-laying': () => 'Those on the wing now do not lay',
  'seldom-here': () => 'It is seldom in this region',
  shy: () => 'It is one of the hardest to bring to a garden',
  'winters-as-pupa': () => 'It passes the winter as a chrysalis',
  'winters-as-larva': () => 'It passes the winter as a caterpillar',
  'larvae-grown': (of) => `Full-grown caterpillars were seen on ${date(of, 'on')}`,
  'eggs-seen': (of) => `Eggs, or laying, were seen on ${date(of, 'on')}`,
  'eggs-fresh': (of) => `The first eggs were seen on ${date(of, 'on')}`,
  'released-lately': (of) => `Released on ${date(of, 'on')}: ${of.called}`,
  'little-looked': (of) => `In the last ${whole(of, 'of')} days something was written down on ${whole(of, 'days')}`,
};
const LIGHTS: Record<string, string> = { sun: 'in sun', part: 'in part shade', shade: 'in shade', any: 'anywhere' };
const action = (of: Figures) => ACTION_WORDS[String(of.action) as keyof typeof ACTION_WORDS];
const ago = (of: Figures) => (n(of, 'ago') === 0 ? 'today' : n(of, 'ago') === 1 ? 'yesterday' : `${whole(of, 'ago')} days ago`);

/** The same of facts that tell by not holding. */
const NOT_WORDS: Partial<Record<FactId, string>> = {
  pot: 'It does not grow in a pot',
  'walnut-near': 'No walnut is known in or by the yard',
  listed: 'It is not listed here',
  'bud-host': 'No creature that eats buds lives on it here',
  dogs: 'No dog lives here',
  cats: 'No cat lives here',
  'feeder-here': 'No feeder is recorded here',
  runner: 'It does not spread below ground',
  'host-bought': 'No host was bought lately',
  'released-lately': 'By the log nothing was released',
  'trap-here': 'No plant grows here on which its young die',
  alone: 'More than one of its kind stand here',
  'no-cold-given': 'Its seed had the cold it wants, or wants none',
  'wants-light': 'Its seed does not want light',
  'hard-coat': 'Its seed has no hard coat',
  'wants-warmth': 'Its seed does not want much warmth',
  salty: 'No salt reaches this bed',
  'under-tree': 'It stands under no tree that is drawn',
};
/** Has a fact words for where it does not hold? */
export const hasNotWords = (fact: FactId): boolean => fact in NOT_WORDS;

/** Why a cause is more or less likely, in a sentence. */
export function reasonWords(reason: Reason, names: Names, units: Units): string {
  if (reason.kind === 'season') return 'It is not usual in this month.';
  if (reason.kind === 'answer') return `${reason.check.question} ${reason.yes ? 'Yes.' : 'No.'}`;
  if (!reason.finding.is) return `${NOT_WORDS[reason.fact] ?? ''}.`;
  return `${FACT_WORDS[reason.fact](reason.finding.of ?? {}, names, units)}.`;
}

/** What a reason weighs, in plain words. */
export type Weight = 'strong' | 'some' | 'against' | 'strongly against';
export function weightOf(bits: number): Weight {
  const { strongFrom } = SETTINGS.why;
  if (bits < 0) return bits <= -strongFrom ? 'strongly against' : 'against';
  return bits >= strongFrom ? 'strong' : 'some';
}

/** How likely a cause is, in plain words. */
export function likelihoodWords(share: number): string {
  const { clear_share, likely_share } = SETTINGS.why;
  if (share >= 0.9) return 'almost certain';
  if (share >= clear_share) return 'very likely';
  if (share >= likely_share) return 'likely';
  return share >= 0.1 ? 'possible' : 'unlikely';
}

export const VERDICT_WORDS: Record<WhyVerdict, string> = {
  clear: 'One cause leads clearly.',
  likely: 'One cause leads, and there is nothing more to look at.',
  open: 'It is not clear yet: a look will tell more.',
  expert:
    'What is known here does not decide it. Take photographs and a piece of it to the extension office before you treat anything.',
};

/** What is not known, and would tell. */
export const LACK_WORDS: Record<Lack, string> = {
  site: 'in which bed it grows',
  sun: 'how much sun its bed gets: it is taken to be what is usual',
  moisture: 'how moist its bed is: it is taken to be what is usual',
  drainage: 'how its bed drains: it is taken to be what is usual',
  ph: 'the pH of its bed: it is taken to be what is usual',
  age: 'when it was planted',
  purchase: 'where it came from',
  batch: 'how and when it was sown',
};

export const OUTCOME_WORDS: Record<Outcome, string> = {
  helped: 'It helped',
  partly: 'It helped a little',
  not: 'It did not help',
  dropped: 'Not followed up',
};

/** What is to be heeded before anything is done. */
export function harmWords(harm: Harm, names: Pick<Names, 'creature'>): string {
  switch (harm.kind) {
    case 'young': {
      const who = listed(harm.creatures.slice(0, 3).map(names.creature));
      if (harm.seen !== null)
        return `Caterpillars or eggs were seen on it on ${dateName(harm.seen)}: look before you cut, rinse or move it.`;
      return `Eggs and caterpillars may be on it now (${who}): look before you cut, rinse or move it.`;
    }
    case 'first':
      return harm.text;
    case 'plant':
      return harm.note;
    case 'pesticide':
      return 'Use no spray, soap or systemic on what creatures feed on. Where a product is used all the same, its label is the law: keep to it, and away from flowers.';
    case 'tree':
      return 'Large limbs and felling are work for a licensed arborist; some diseases must be reported.';
  }
}

/** What the weekly look found, in a sentence with its evidence. */
export function noticeWords({ kind, of, site, figures }: Notice, names: Names): string {
  const where = site === null ? '' : names.site(site);
  switch (kind) {
    case 'shade-crept':
      return `Shade has crept over ${where}: it was said to have ${hours(figures, 'was')} of sun and has ${hours(figures, 'is')}. ${names.plant(of)} wants more.`;
    case 'host-few':
      return `The hosts of ${names.creature(of)} are too few to be found: ${percent(figures, 'patch')} of a patch.`;
    case 'at-its-end':
      return `${names.plant(of)} in ${where} is ${whole(figures, 'age')} years old and lives about ${whole(figures, 'years')}: raise young ones to follow it.`;
    case 'dry-pot':
      return `${where} had no water for ${whole(figures, 'days')} days, ${whole(figures, 'hot')} of them hot.`;
    case 'dry-young':
      return `${names.plant(of)} in ${where} is newly planted and had neither rain nor water for ${whole(figures, 'days')} days.`;
    case 'never-laid':
      return `${names.creature(of)} was seen ${whole(figures, 'times')} times in ${whole(figures, 'days')} days, and never an egg or a caterpillar.`;
    case 'lost-again':
      return `${names.plant(of)} was lost in ${where} in ${whole(figures, 'times')} years, and is there again.`;
    case 'no-flower':
      return `${names.plant(of)} flowered last year by your log; this year it is ${whole(figures, 'days')} days late.`;
    case 'seed-late':
      return `The seed of ${names.plant(of)} was sown ${whole(figures, 'days')} days ago and takes at most ${whole(figures, 'usual')}.`;
  }
}

/** What one may decide, as it is pressed. */
export const DECISION_WORDS: Record<DecisionKind, string> = {
  more: 'More of it',
  move: 'Move it',
  propagate: 'Raise more from it',
  replace: 'Replace it',
  remove: 'Do without it',
};

const REFUSED_WORDS: Record<NonNullable<Decision['refused']>, string> = {
  'no-room': 'No bed that it fits has room for more.',
  'no-site': 'No other bed here that it would thrive in has room for it.',
  'no-way': 'The library knows no way to raise it at this time.',
  'no-plant': 'No plant of the library serves the same guests here without a drawback.',
  gone: 'It does not stand here any more.',
};

/** What a decision means here, in a sentence. */
export function decisionWords(decision: Decision, names: Names): string {
  const { kind, refused, count, plant: of, site_id, verdict, method } = decision;
  if (refused !== null) return REFUSED_WORDS[refused];
  const there = verdict === null ? '' : ` (${verdict})`;
  switch (kind) {
    case 'more':
      return `${count} more in ${names.site(site_id)}${there}.`;
    case 'move':
      return `To ${names.site(site_id)}${there}, in its season.`;
    case 'propagate':
      return `${METHOD_WORDS[method!]}: ${count} for ${names.site(site_id)}${there}.`;
    case 'replace':
      return `By ${count} ${names.plant(of)}${there}, for the same guests.`;
    case 'remove':
      return `Take it out of the plan; the ground is free for others.`;
  }
}

/** The effect of a decision on life cycles, work and money. */
export function effectWords({ effect }: Decision, names: Pick<Names, 'creature'>, units: Units): string[] {
  if (!effect) return [];
  const { difference, minutes, money_minor } = effect;
  const said: string[] = [];
  if (difference.opened.length > 0) said.push(`opens ${listed(difference.opened.map(names.creature))}`);
  if (difference.closed.length > 0) said.push(`closes ${listed(difference.closed.map(names.creature))}`);
  if (said.length === 0) {
    const [worse, better] = [difference.worse.length, difference.better.length];
    if (worse > 0) said.push(`${worse} ${worse === 1 ? 'need is' : 'needs are'} served less`);
    if (better > 0) said.push(`${better} ${better === 1 ? 'need is' : 'needs are'} served better`);
    if (worse + better === 0) said.push('life cycles stay as they are');
  }
  said.push(minutes === 0 ? 'no more work' : `${minutesWords(Math.abs(minutes))} ${minutes > 0 ? 'more' : 'less'} a year`);
  said.push(money_minor === 0 ? 'no money' : units.money(money_minor));
  return said;
}
