/**
 * The words of the trade and of the house that stand on the screens, each with its one sentence. What explains a word where
 * it stands takes it from here.
 */
export const GLOSSARY = {
  target: 'A target is a butterfly, moth or hummingbird that you have chosen to plant for.',
  ambition:
    'Ambition is what you want of a creature: that it visits (finds nectar), breeds (completes its whole life here) or thrives (breeds with room to spare).',
  served:
    'A creature is served when all it needs through the year is there: food for its young, nectar, shelter and what else it wants.',
  'life cycle':
    'A life cycle closes when every stage of a creature, from egg to adult and through the winter, finds what it needs here.',
  closed: 'Closed, thin, open: a need that is fully met, partly met, or hardly at all.',
  ease: 'How readily it comes to a garden of its region: easy, takes care, or hard.',
  host: 'A host is a plant that a caterpillar can grow up on; most caterpillars eat only a few kinds.',
  nectar: 'Nectar is what adults drink at flowers; they want some in every half-month in which they fly.',
  shelter: 'Shelter is where it spends the winter: leaf litter, standing stems, bark, soil or evergreen cover.',
  'half-month': 'A half-month is one of 24 parts of the year, from the 1st to the 15th of a month or from the 16th to its end.',
  'half-zone':
    'A half-zone is a step of five degrees Fahrenheit of the coldest night of an average year, from 1a (coldest) to 13b.',
  region: 'A region is a part of the continent with one climate and its own plants and creatures; the library knows 18.',
  'frost-free': 'Frost-free days lie between the average last frost of spring and the average first frost of autumn.',
  drainage: 'Drainage is how fast water leaves a hole that was filled with it: sharp, well, moderate or wet.',
  texture: 'Texture is what the soil is made of: sand, loam or clay.',
  pH: 'The pH says how acid soil is: 7 is neutral, below it acid, above it limy.',
  moisture: 'Moisture is how wet a bed stays between rains in the season, from 1 (dry) to 5 (wet).',
  'direct sun': 'Direct sun is the hours a day in which the sun itself reaches the bed; six hours is called full sun.',
  'usual here': 'Usual here: nobody has looked; it is what soils of the region mostly are, until you measure.',
  fit: 'Fit is how well a plant suits a bed: it thrives, it is workable (it grows, but gives less), or it is unsuitable.',
  native: 'A plant is native where it grew before it was brought there by people.',
  locked: 'Locked plantings are left as they are by whatever is proposed.',
  'less bare ground': 'Fills the beds that are planted beyond what the creatures need.',
  drift: 'A drift is a group of one kind planted together, three to seven, so that it is found.',
  budget: 'The budget is for everything that is bought: plants, potting mix, mulch and supports.',
  proven: 'Proven: by what the library knows, a search through all possible plans has shown that none is better.',
  plug: 'A plug is a young plant with a root ball the size of a thumb; it costs less than a pot and takes a year longer.',
  'winter container':
    'A winter container is a clear box with a lid and holes, sown in winter and left outdoors: the cold wakes the seed, and it comes up by itself in spring.',
  'half-ripe': 'Half-ripe cuttings are this year’s shoots when they are firm at the base, from high summer into autumn.',
  frass: 'Frass is the droppings of caterpillars: small dark grains on the leaves below them.',
  honeydew: 'Honeydew is the sweet water that aphids and scale drop on the leaves below; black mould grows on it.',
  'root ball': 'The root ball is the earth and roots that came out of a plant’s pot; dry inside, it takes up no water by itself.',
  crown: 'The crown of a plant is where its stems meet its roots; buried or wet it rots.',
  'prick out': 'To prick out is to lift a seedling with its first true leaves and give it a pot of its own.',
  softwood: 'Softwood cuttings are tips of this year’s growth, taken in early summer and rooted.',
  filler: 'In a pot: an upright stands in the middle, fillers around it, and trailers hang over the edge.',
  braid: 'The braid is the year drawn as a river: a channel for each creature, a strand for each need, dry where it is not met.',
  strand: 'A strand is one need of a creature through the year: full where it is met, frayed where thin, a dry bed where not.',
  ledger: 'The ledger is the braid as a table.',
  brood: 'A brood is one generation of a creature; many have two or three in a year.',
  instar: 'An instar is a caterpillar between two moults; most have five, each larger than the one before.',
  chrysalis:
    'A chrysalis is the resting stage in which a caterpillar becomes a butterfly; a moth’s often lies in a cocoon or in the soil.',
  laying: 'A butterfly that lays eggs touches leaves again and again, the tip of its body curled beneath it.',
  deadhead: 'To deadhead is to cut spent flowers off above the next bud, so that more come.',
  pinch: 'To pinch is to take the tips of young stems off, so that they branch and stand without stakes.',
  shear: 'To shear is to cut a whole plant back by a third when it has flowered, for fresh leaf and a second bloom.',
  divide: 'To divide is to lift a clump and part it into pieces with roots and shoots, which are planted again.',
  'harden off':
    'To harden off is to set a plant that grew indoors outside for longer each day, so that sun and wind do not burn it.',
} as const satisfies Record<string, string>;
export type GlossaryWord = keyof typeof GLOSSARY;
