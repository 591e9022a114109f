/**
 * Every adjustable number of the calculations, in one place, each with its source or the judgement behind it.
 * "Trade" means a common default among practitioners; "judgement" means ours, to be corrected by use.
 */
export const SETTINGS = {
  coverage: {
    /** Supply ÷ demand from which a need is closed. By definition. */
    closed: 1,
    /** Below this it is open. Judgement: less than half of what is needed raises almost nothing. */
    thin: 0.4,
  },
  host: {
    /**
     * Larvae a brood should be able to raise where eggs are laid one by one. Judgement: ten eggs are worth a female's visit;
     * thirty hold a colony. Most larvae never grow up, so ten feed a visit, not a population: that takes the gardens around.
     */
    larvae: { visits: 0, breeds: 10, thrives: 30 },
    /** Share of the leaf that can be eaten before a plant stops being found or dies. Trade. */
    usableShare: 0.5,
    /** How much of a leaf of each rank becomes larva. A trap kills: nothing. Judgement. */
    rank: { primary: 1, accepted: 0.7, poor: 0.2, trap: 0 },
    /** Plants that make a patch a laying female finds. Trade. */
    patch: { woody: 1, vine: 2, largeHerb: 3, smallHerb: 6 },
    /** Metres between plants of one patch: farther off a second patch begins. Judgement: a female flutters on from plant to plant. */
    patchReach_m: 2,
    /** Height (cm) from which a herb counts as large. Judgement: violets and plantains are well below it. */
    largeHerbCm: 40,
    /** Height (cm) from which a shrub or tree counts as one whole patch. Judgement. */
    woodyPatchCm: 100,
    /** How readily a female lays, by hours of sun, for hosts laid on in sun, part sun and shade; straight between. Judgement. */
    light: {
      sun: [
        [1.5, 0],
        [3, 0.3],
        [4.5, 0.65],
        [6, 1],
      ],
      part: [
        [0, 0.3],
        [3, 1],
        [6, 1],
        [9, 0.5],
      ],
      shade: [
        [3, 1],
        [4.5, 0.6],
        [6, 0.25],
        [8, 0],
      ],
    },
    /** Share from which a host is laid on at all. Judgement. */
    laidOnFrom: 0.2,
    /** Share of a half-month in leaf, or bud, from which a host is worth offering for it. Judgement. */
    worthShare: 0.4,
  },
  light: {
    /** Hours of direct sun: from this a site is sunny. Trade: six hours is full sun. */
    sunH: 6,
    /** Below this a site is shady. Trade. */
    shadeH: 3,
    /** Hours of sun on the crown of a tree that stands in the yard, for those who lay on it. Judgement. */
    crownSunH: 8,
  },
  sun: {
    /** Altitude (degrees) from which the sun counts: lower it is dimmed by haze and hills. Judgement. */
    horizonDeg: 3,
    /** Steps (minutes) of the yard's raster, and of a bed's figure, which is given to the tenth of an hour. */
    stepMinutes: 10,
    bedStepMinutes: 15,
    /** Points at which a bed's light is taken. */
    bedPoints: 20,
    /** Half-months (March to October) that a growing season may hold when light is averaged. Judgement. */
    season: { first: 4, last: 19 },
    /** Share of the hours on one side of noon from which light is a morning's or an afternoon's. Judgement. */
    oneSided: 0.65,
    /** Hours on either side of noon that are midday, and the most hours that are still called so. Judgement. */
    middayH: 2,
    middayMostH: 5,
    /** Share of sun through a bare crown. Published values run from 0.4 (dense twigs) to 0.8. */
    bareLetsThrough: 0.6,
    /** Degrees of bearing within which two places in the sky are above one another; distance of a neighbour. Judgement. */
    sameBearingDeg: 6,
    nearSkyDeg: 12,
  },
  yard: {
    /** Metres within which something lies beside a bed, and percent of fall from which a slope is steep. Judgement. */
    besideM: 0.6,
    steepPct: 8,
  },
  nectar: {
    /**
     * Units (m² in bloom × value 0–3) wanted in each half-month of flight. Judgement: half a square metre of the best flowers,
     * of two kinds that each give a fair part; one kind counts for no more than all of it.
     */
    units: { visits: 0.5, breeds: 1.5, thrives: 4 },
    /** Kinds in bloom at once. Judgement. */
    kinds: { visits: 1, breeds: 2, thrives: 3 },
    /** Of hummingbirds, which defend one good patch; at either end of the season there often is but one. Judgement. */
    hummingbirdKinds: { visits: 1, breeds: 1, thrives: 2 },
    /** Hummingbirds need this many times the units: they feed all day and defend it. Judgement. */
    hummingbirdFactor: 2,
    /** Worth of a flower whose form the guest does not prefer but can drink from. Judgement. */
    otherForm: 0.5,
    /** Millimetres by which a tube may be longer than the tongue until nothing is reached: nectar stands in the tube. Judgement. */
    tongueReach_mm: 6,
    /**
     * Times over that the flowers of a plant cover the ground it takes at most, low ones standing under tall ones, in a bed
     * and in a pot; and most flowers (m²) of one climber on its support. Judgement.
     */
    layers: 1.5,
    vine_m2: 1.5,
    /** Height (m) above which guests visit less and less, and most flowers (m²) that one tree counts for. Judgement. */
    tree: { reach_m: 6, most_m2: 6 },
    /** Share of a half-month in bloom from which a kind counts as in bloom. Judgement. */
    inBloomShare: 0.34,
    /** Share of what is wanted from which a kind counts: a single stray flower is not a kind. Judgement. */
    kindShare: 1 / 6,
    /** Value from which a flower carries a guest: it counts as a kind, and at least half of the amount comes from such. Judgement. */
    kindValue: 2,
  },
  /** What is left of a low herb and of a taller one in a lawn, under the mower, and how low (cm). Judgement. */
  lawn: { low: 0.5, tall: 0.1, lowCm: 30 },
  shelter: {
    /** Square metres of the right undisturbed place. Judgement. */
    area: { visits: 0, breeds: 1, thrives: 2 },
    /** What the autumn leaves of each place, by school. Judgement; clearing removes a life stage. */
    autumn: {
      leave: { litter: 1, stems: 1, herbHost: 1, soil: 1 },
      cut: { litter: 0.7, stems: 0.5, herbHost: 0.5, soil: 1 },
      clear: { litter: 0.1, stems: 0, herbHost: 0.1, soil: 0.6 },
    },
    /** Height (cm) from which a herb's dead stem hangs a chrysalis. Judgement. */
    stemCm: 45,
    /** Metres from its host within which a full-grown larva finds its winter place: most go a few steps, some a stone's throw. Judgement. */
    nearM: 10,
    /** Square metres a log pile, a bare patch or a dense evergreen corner stands for. Judgement. */
    featureArea: 2,
  },
  special: {
    /**
     * Leaf (g) of native plants that feeds enough small insects for a hummingbird's young, counted by what their genera
     * feed (core/match/insect-leaf.ts). Judgement: a large shrub of a rich genus, or a bed of fifty perennials.
     */
    insectLeaf_g: 4000,
    /** Present height (cm) from which a shrub or tree is a perch, and dense enough to nest in. Judgement. */
    perchCm: 200,
    nestCm: 300,
  },
  /**
   * Shares (0–1) of what a plant gives where it thrives that each dimension of its site leaves it. All judgement, set so
   * that known plants on known sites come out as their growers say.
   */
  fit: {
    /** Shares from which a plant thrives, and from which it is workable; below it is unsuitable. */
    from: { thrives: 0.85, workable: 0.45 },
    /** Half-zones of cold margin from which winter is safe without cover; what is left at the edge, and of a tender plant grown for one summer. */
    coldSlack: 1,
    coldEdge: 0.8,
    coldAsAnnual: 0.75,
    /** By steps of summer hotter than it bears. */
    hotter: [1, 0.68, 0.3],
    /** Lost for each half-zone of winter too warm, and half-zones that do not count, by summer: where it is cool a mild winter harms nothing. */
    warmer: 0.12,
    warmSlack: { cool: 26, warm: 2, hot: 0 },
    /** Lost for each hour of sun short of the plant's least: it flowers less, leans, and at last starves. */
    perShortH: 0.3,
    /** Sun beyond the plant's most: lost for each hour, eased in over the last one, where nothing tempers it. */
    glare: {
      perOverH: 0.2,
      easeH: 1,
      /** Hours of an open place: what the sun's path adds at dawn and dusk burns nothing. */
      openH: 10,
      heat: { cool: 0.3, warm: 0.6, hot: 1 },
      /** By moisture 1–5: what can drink can cool itself. */
      moisture: [1.6, 1.2, 0.8, 0.4, 0.2],
      when: { morning: 0.35, 'all-day': 1, midday: 1, afternoon: 1.25 },
    },
    /** Most that a hot afternoon takes from what wants its shade. */
    afternoon: 0.3,
    /** By steps drier or wetter than it bears, in the ground and in a pot. */
    drier: [1, 0.7, 0.3, 0.1, 0],
    wetter: [1, 0.75, 0.35, 0.1, 0],
    pot: [1, 0.88, 0.65, 0.4, 0.2],
    /** By the drainage it wants: where it is sharp, well, moderate, wet. */
    drainage: {
      sharp: [1, 0.82, 0.42, 0.08],
      well: [0.92, 1, 0.95, 0.35],
      moderate: [0.7, 1, 1, 0.7],
      wet: [0.3, 0.75, 0.95, 1],
    },
    /** For one that takes any drainage: standing water where it wants no more than even moisture, run-off where it wants that at least. */
    drainageAny: { standing: 0.7, runsOff: 0.75 },
    /** Left where water stands in clay about a crown that wants air. */
    rotInClay: 0.6,
    /** By classes of texture from the nearest it takes; and where a plant of sharp drainage sits in clay. */
    texture: [1, 0.8, 0.55],
    sharpInClay: 0.7,
    /** Lost for each unit of pH outside the range: half a unit is slow sulfur or lime, a whole one is another plant. */
    perPh: 0.6,
    /** A plant of dry air in humid summers, and the reverse. */
    dampAir: 0.65,
    dryAir: 0.75,
    /** By steps of salt more than it bears. */
    saltier: [1, 0.6, 0.15],
    /** Power of the share of the ground it wants, and of the pot, that is there. */
    cramped: 0.9,
    smallPot: 1.6,
    possibleInPot: 0.75,
  },
  container: {
    /** Zones colder the roots of a pot left outdoors are treated as. Trade: schools differ, one or two. */
    zones: { 'one-zone': 1, 'two-zones': 2, indoors: 0 },
    /** Ground a plant takes in a pot beside the open ground. Trade: pots are planted at about two thirds of the spacing. */
    closeness: 0.45,
    /** Half-zone that a room without frost stands for. Its coldest night is about freezing. */
    frostFreeZone: '10b',
    /** Top (cm²) for one plant of a mixed pot: a 30 cm pot holds three, a 40 cm one five. Trade. */
    cm2PerPlant: 240,
    /** A pot is filled to a thumb's breadth below the rim; new mix settles by a tenth. Trade. */
    fillShare: 0.92,
    /**
     * Share of grit in a mix for what wants sharp drainage; grams of slow-release feed for each litre of mix, and litres of liquid
     * feed at half strength a week for each, where annuals grow. Trade; the label of the feed comes first.
     */
    fill: { grit: 0.25, slow_g: 3, liquid: 0.08 },
    settles: 0.1,
    /** Weight (kg) of a litre of wet mix, and of an empty pot for each litre it holds, by material. Trade sheets: 1.0 to 1.2; judgement. */
    wetMix_kg: 1.1,
    empty_kg: { clay: 0.35, glazed: 0.35, plastic: 0.03, wood: 0.15, metal: 0.1, fabric: 0.01, stone: 0.8 },
  },
  soil: {
    /** Fall of water in a hole (cm an hour) from which drainage is sharp, good, moderate. Extension sheets: 15 and 2.5; 1 is judgement. */
    drainCmPerHour: { sharp: 15, well: 2.5, moderate: 1 },
    /** Share of the volume that is water at wilting and at field capacity. Saxton and Rawls, rounded. */
    water: {
      sand: { wilting: 0.05, field: 0.13 },
      loam: { wilting: 0.13, field: 0.28 },
      clay: { wilting: 0.25, field: 0.38 },
    },
    /**
     * Shares of the store from which moisture is step 2, 3, 4 and 5 (above what the soil holds). Judgement, by beds that
     * growers know: an ordinary loam is even in the East and on the prairie, fairly dry in Texas, dry in the basins.
     */
    moistureSteps: [0.2, 0.37, 0.8, 1.1],
    /** Depth (m) of soil that a grown bed drinks from; of plants not rooted yet. Judgement: most roots of perennials. */
    rootM: 0.8,
    youngM: 0.3,
    /** Thirst of planted, mulched ground beside the reference grass. Judgement on published crop coefficients. */
    plantedDrinks: 0.75,
    /** Share of the store below which it is given up less readily. FAO 56. */
    readily: 0.5,
    /** Wet days that fall together. Judgement: fronts bring two. */
    spell_d: 2,
    /** Share of the store from which badly drained ground stands wet. Judgement. */
    standsFrom: 0.7,
    /** Steps that a bed does not fall below where water stands, runs in, or a hose reaches; nor rise above where it runs off. Judgement. */
    floor: { standing: 4, receives: 2, hose: 2 },
    ceiling: { sharp: 2, sheds: 3 },
    /** Rain that stays, where a bed sheds water or receives it from around. Judgement. */
    runoffShare: { none: 0.9, sheds: 0.65, receives: 1.6 },
    /** Share of the open-ground thirst left in full shade. Judgement. */
    shadeDrinks: 0.6,
    /** What ground that stands wet holds over field capacity, as a share of the store. Judgement. */
    wetHolds: 0.3,
    /** Years of probe readings that are looked at together. Judgement. */
    probeYears: 2,
    /** Readings from which their middle counts before what was stated. Judgement: three readings nearly halve the error (1⁄√3). */
    probeLeast: 3,
    /** The simulated probe: standard deviation of its noise (light: as a share), where its pH drifts to and how fast. */
    probe: { noise: { ph: 0.15, moisture_pct: 2, light: 0.08 }, drift: 0.3, driftDays: 200 },
    ph: {
      /** Grams per square metre for one unit of pH. Extension tables for ground sulfur and ground limestone, rounded. */
      sulfur: { sand: 50, loam: 100, clay: 150 },
      lime: { sand: 180, loam: 300, clay: 400 },
      /** The most in one year (g/m²) on planted ground. Extension: 1–2 lb sulfur, 5 lb lime to 100 sq ft. */
      yearly: { sulfur: 75, lime: 240 },
      /** Units of change, and pH, from which another plant is the wiser choice. Judgement. */
      farUnits: 1,
      limyPh: 7.5,
      /** Less than this is within the error of a probe. */
      least: 0.15,
    },
  },
  climate: {
    /**
     * Hopkins: days later per degree of latitude north, per metre up, and per degree of longitude east, which holds for the
     * East only: from the Plains on, height and the ocean make the spring. Used within a region, whose own dates are stated.
     */
    hopkins: { perLat: 4, perLon: 4 / 5, perMetre: 4 / 122, westernmost: -100 },
    /**
     * Reach about a garden within which another region's dates count, the points looked at (rings and directions), and the
     * least share that counts: of its own, below which the region chosen is taken at its word, and of another. Judgement.
     */
    border: { reach_km: 60, rings: 3, directions: 12, leastOwn: 0.25, least: 0.08 },
    /** Share of that shift left by day of the year, and its turn in autumn. Judgement on Hopkins: no jump at the new year. */
    seasonShare: [
      [32, 1],
      [100, 1],
      [132, 0.75],
      [182, 0.6],
      [213, 0.4],
      [237, 0],
      [290, -0.7],
      [320, -0.7],
    ],
    /** Base (°C) of the heat by which flowers keep time, as orchards and lilac networks count it. */
    heatBase_c: 5,
    /** Day from which nothing waits for that year's heat. */
    heatYearEnds: 305,
    /**
     * Share of a difference in heat between regions that still moves a first flower. Judgement on first flowers known from
     * the Gulf to Minnesota: whole in March, three quarters in mid-May, six tenths at midsummer, none from late August.
     */
    heatShare: [
      [60, 1],
      [100, 0.95],
      [132, 0.75],
      [182, 0.6],
      [213, 0.4],
      [237, 0],
      [305, 0],
    ],
    /** Days that short-day flowers open earlier per degree of latitude north and per metre up. Judgement on asters and goldenrods. */
    shortDays: { perLat: -2.2, perMetre: -0.008 },
    /** Share of the shift within its region that what opens with the rains follows: rain comes to a whole region. Judgement. */
    rainShare: 0.3,
    /** Mean of the day (°C) from which tender plants are set out where no frost is to be waited for. Trade. */
    tenderMean_c: 14,
    /** The longest that a tender bloom lasts beside its stated length: sown plants wear out in a long season. Judgement. */
    tenderLonger: 1.5,
    /** Days of bloom from which a woody plant flowers on as long as it grows, until frost. Judgement. */
    growsOn_d: 150,
    /** Days after the last frost in which an ever-blooming plant killed back flowers again. Judgement. */
    everAgain_d: 45,
    /** Frost-free days from which a tender plant that its winter spares keeps its leaf. Judgement. */
    leafKept_d: 300,
    /** Half-zone from which no frost is usual: its average coldest night is 35 °F. By the definition of the zones. */
    frostFreeZone: '10b',
    /** Lapse of the mean (°C per metre), and cooling per degree of latitude in January and July (°C). Standard atmosphere; normals of the East. */
    lapse: { perMetre: -0.0065, perLat: { january: -1.1, july: -0.4 } },
    /** Between what a region's blooms last on average beside what is stated of them, in a sound library. Judgement. */
    lengthKept: [0.9, 1.15],
    /** How much more the nearest of two statements must count: inverse of the distance in days, to this power. Judgement. */
    nearerCounts: 2,
    /** Standard deviations either side of the mean that hold eight years of ten. The normal distribution. */
    eightInTen: 1.28,
    /** Degrees by which the coldest night of some ten winters lies below the average of all: one and a half standard deviations. */
    rememberedBelow_c: 5,
    /** Days after the first frost that hardy herbs still flower. Judgement: light frosts spare asters. */
    hardyBloomAfterFrost: 21,
  },
  why: {
    /** Score (steps of doubling) of all causes that nobody thought of, and what is taken off out of its months. Judgement. */
    otherPrior: 2,
    outOfSeason: 3,
    /** The same where frost-free days make the year nearly one season, and from how many on: what is met in summer elsewhere is met at any time there. Judgement. */
    outOfLongSeason: 1,
    longSeason_d: 300,
    /** Likelihood from which one cause leads, and how many times the next; likelihood from which it is named where nothing is left to look at. Judgement. */
    clear_share: 0.62,
    clearTimes: 3,
    likely_share: 0.35,
    /** Least that a check is expected to tell (bits) to be worth asking, and steps of doubling from which an answer speaks for a cause, and strongly. Judgement. */
    tells_bits: 0.02,
    someFrom: 0.3,
    strongFrom: 2,
    /** Likeliest causes among which one that has to do with creatures calls for the word on sprays. */
    atStake: 5,
    /** Sun (hours) by which a bed is darker than it was said to be that counts as crept shade. Judgement: half of what part sun differs from sun. */
    crept_h: 1.5,
    /** Planted ground beside the ground there is from which plants crowd. Judgement. */
    crowded: 1.25,
    /** Years from which a plant is settled, and after which a clump is old where nobody says. Trade. */
    settled_y: 3,
    clump_y: 4,
    /** Days after its first leaf on which a plant may still come up, and the day of the year before which no late riser is late. Trade: the middle of June. */
    leafLate_d: 28,
    lateRiser_day: 166,
    /** Days before its last leaf in which it ends. */
    leafEnds_d: 30,
    /** Days that count as lately, as this season, and about a flight’s end. */
    lately_d: 30,
    season_d: 90,
    about_d: 14,
    flightEdge_d: 21,
    hatch_d: 8,
    released_d: 120,
    /** Days of the log, and days among them with something written down, below which little was looked. */
    looked_d: 30,
    looks: 3,
    /** Share of laying (0–1) on a host in the light it has under which that light is wrong. */
    wrongLight: 0.5,
    /** Half-zone from which milkweeds of the tropics keep their leaf. */
    evergreenFrom: '8b',
    /** Days and rain (mm, and times what is usual) of a wet spell; days and hot ones among them; nights and their mean low (°C). Judgement. */
    wet_d: 21,
    wet_mm: 90,
    wetTimes: 1.6,
    heat_d: 12,
    hotDays: 4,
    night_d: 7,
    coldNight_c: 7,
    /** Days for which a frost (°C) on the leaf is seen, and days back to the last winter’s coldest night. */
    frostSeen_d: 45,
    frost_c: -1,
    winter_d: 330,
    storm_d: 8,
    storm_mm: 30,
    /** Days, and waterings in them, that are often; days for which feed is felt. */
    watered_d: 14,
    wateredOften: 6,
    fed_d: 120,
    /** Shrubs that begin to flower before this day of the year flower on last year’s wood: cut within so many days after bloom. Trade. */
    oldWoodUntil_day: 181,
    afterBloom_d: 42,
    /** Days before its first flower in which a herb forms its buds. Judgement. */
    budding_d: 40,
    /** Days after a remedy on which it is asked whether it helped; where nothing is wrong nobody asks. Judgement: leaf shows it within weeks. */
    ask_d: 28,
    askWithin_d: 21,
    /** Days before and after the last frost of the next spring in which what helps from then on is done. Judgement. */
    nextSeason: { before_d: 30, after_d: 45 },
    /** Minutes of a remedy, where nothing says. Judgement. */
    remedyMinutes: 10,
    /** Years of life up to which a plant is short-lived. Trade. */
    shortLived_y: 5,
    /** Hot days without water after which a pot is in danger, and days after its usual first flower that a plant is late. Judgement. */
    hotUnwatered_d: 5,
    flowerLate_d: 24,
    /** How many times the usual days seed may take before it is overdue. Judgement. */
    overdueTimes: 1.3,
  },
  records: {
    /** How far the gardener's own dates move a calculated one, by years on record: one year is weather, three are the garden. Judgement. */
    weight: [0, 0.5, 0.8, 1],
    /** Years from which nobody seen early or late shortens a flight; one sighting lengthens it. Judgement: nobody looks every day. */
    shortenFrom: 3,
    /** Days between a recorded date and the expected one from which the gardener is asked whether it is right. Judgement: more than weather does. */
    askFrom_d: 21,
  },
  log: {
    /** Days from the first of its flight in which an adult fresh from its case has passed the winter, and before it. Judgement: a brood takes longer. */
    emerges_d: 30,
    early_d: 30,
    /** Times that adults were seen, and days since the first, without an egg or a caterpillar, from which one asks why. Judgement. */
    visitsUnlaid: 3,
    unlaid_d: 30,
    /** Minutes of a walk where none was walked before. Judgement: short enough to be repeated. */
    walkMinutes: 20,
    /** Days for which a sighting makes the next likely, and days of other years that count as the same weeks. Judgement. */
    recent_d: 14,
    about_d: 12,
    /** Days about an expected flower in which it is asked for. Judgement. */
    due_d: 14,
    /** Offers shown at once: what a phone has room for. */
    offers: 8,
  },
  cut: {
    /** Days a plant flowers before a cut is worth it, and after its last flower that a cut still brings a second bloom. Trade. */
    afterFirst_d: 14,
    afterLast_d: 7,
    /** The second bloom beside the first: how long it lasts, how full it is, and the least days it must have before the cold. Trade: thinner and shorter. */
    length: 0.5,
    fullness: 0.6,
    least_d: 10,
    /** Share of its leaf that a sheared plant keeps until it has grown again. Trade: by a third to a half. */
    leafLeft: 0.5,
  },
  sowing: {
    /** Days from sowing to flower that are believed: fewer or more means it is sown in another way. Judgement. */
    toFlower_d: { least: 40, most: 160 },
    /** Days after the last frost that a plant raised indoors flowers at the earliest: it has to root first. Trade. */
    afterPlantingOut_d: 14,
    /** Weeks that a sowing indoors can be earlier than usual: seedlings kept longer grow lank. Trade. */
    earlierIndoors_w: 4,
    /** Days before the first frost that a sowing must flower to be worth it, and from sowing until it bears leaf. Judgement. */
    beforeFrost_d: 21,
    toLeaf_d: 21,
  },
  broods: {
    /** Share of egg-to-adult heat spent as egg, larva and pupa. General entomology; species vary by a tenth. */
    share: { egg: 0.15, larva: 0.6, pupa: 0.25 },
    /** Degree-days a day below which larvae stop growing in autumn, and below which they have not begun in spring. Judgement. */
    autumnStop: 3,
    springStart: 1,
    /** Share of its feeding a part-grown larva has left for spring. Judgement. */
    springShare: 0.5,
    /** Days by which the last larvae may precede the last laying adult, and the first follow the first, in a sound library. */
    believed: { lastBefore_d: 45, firstAfter_d: 35, share: 0.03 },
    /** Share of a region's easy creatures that a sound library may leave without a host in trade. */
    easyWithoutTrade: 0.1,
  },
  /** What is planted instead of a plant that is not. All of it is judgement. */
  instead: {
    weights: { place: 0.25, size: 0.2, colour: 0.15, season: 0.1, guests: 0.3 },
    /** Left of the likeness where the form of growth differs; of the place where one is evergreen and one is not. */
    otherForm: 0.45,
    otherLeaf: 0.8,
    /** Left of one that is seldom for sale, and of an introduced one unless the garden takes any that is harmless. */
    seldom: 0.6,
    introduced: 0.85,
    /** A tree up to this height takes a shrub's place. */
    shrubUpTo_cm: 600,
    /** Hours of sun beyond which more is no different. */
    fullSun_h: 8,
    /** Distance in OKLab at which two colours are nothing alike. */
    otherColour: 0.35,
  },
  quantities: {
    /** Ground (m²) a tree's trunk and root collar keep from other plants. Judgement. */
    treeGroundM2: 1,
    /** Ground (m²) a climber takes at the foot of its support. Judgement. */
    vineGroundM2: 0.25,
  },
  shopping: {
    /** A packet of seed (hundredths), and what a plug, pot, large pot or bulb costs beside the library's price. Judgement. */
    prices: { packet: 350, share: { plug: 0.45, pot: 1, large: 1, bulb: 0.3 } },
    /** Plants a packet of seed raises with a beginner's luck. Judgement: a packet holds some hundred seeds. */
    plantsPerPacket: 25,
    /** As how many own plants the trade's losses count beside those on record. Judgement: ten of one's own weigh as much. */
    lossesWeigh: 10,
    /** Share lost in the first year, to be bought as spares. Trade: one plug in five, one pot in ten; a shrub is looked after. */
    losses: { plug: 0.2, pot: 0.1, large: 0, bulb: 0.1 },
    /** Litres and price (hundredths) of a bag of potting mix and of mulch, and of a trellis or wigwam of canes; depth (cm) of mulch. Trade: 40 L; 5 cm. */
    goods: { mix: { bag_l: 40, price: 1400 }, mulch: { bag_l: 50, price: 600 }, support: { price: 2000 } },
    mulchCm: 5,
  },
  /** Crown beside that of a grown one, of trees and shrubs that stand about and are not drawn. Judgement. */
  nearby: { young: 0.1, half: 0.4, grown: 1 },
  planting: {
    /** Days before the first frost that a plant wants to root, and that a shrub or tree does. Trade: six weeks, and eight. */
    rootingDays: 42,
    woodyRootingDays: 56,
  },
  plantingDay: {
    /** Width and depth (cm) of what is planted, by how it is sold, and litres it drinks at planting and at each watering after. Trade. */
    ball: {
      plug: { wide_cm: 5, deep_cm: 6, first_l: 1, then_l: 0.5 },
      pot: { wide_cm: 14, deep_cm: 13, first_l: 4, then_l: 2 },
      large: { wide_cm: 26, deep_cm: 24, first_l: 12, then_l: 8 },
      bulb: { wide_cm: 4, deep_cm: 4, first_l: 1, then_l: 0 },
    },
    /** Hole beside the ball: so many times as wide, never deeper. A bulb lies at so many times its height. Trade. */
    holeTimes: 2,
    bulbTimes: 2.5,
    /** Days between waterings in the first two weeks, in the four after, and until autumn of a dry summer. Trade. */
    waterEvery_d: [3, 7, 14],
    /** Height (cm) from which an annual is leggy enough to be set deeper, and by how much. Trade. */
    leggyCm: 60,
    deeper_cm: 3,
    /** How far (cm) what rots stands above the soil. Trade. */
    high_cm: 3,
    /** Share of the hole that grit takes for what wants sharp drainage on other ground. Trade: a third. */
    gritShare: 0.33,
    /** Room (cm) for water below the rim of a pot, and of mulch round a stem that is left bare. Trade. */
    rim_cm: 3,
    bare_cm: 5,
    /** Height (cm) from which a slender plant in the open gets a stake. Judgement. */
    stakeCm: 150,
  },
  raise: {
    /** Mean of the day (°C) up to which seed counts as chilled outdoors, and from which it comes up there. Trade: below 7, above 10. */
    cold_c: 7,
    up_c: 10,
    /** Temperature (°C) of a refrigerator that seed is chilled in. Trade. */
    fridge_c: 4,
    /** Days of cold outdoors below which a winter is mild, and coldest mean (°C) above which dry summers make the year. Judgement. */
    mildBelow_d: 45,
    dryAbove_c: 2,
    /** Rain beside thirst of a year below which a place is desert. Judgement: by UNEP's arid limit 0.2 and semi-arid 0.5. */
    desertShare: 0.35,
    /** Share of the year’s rain below which June to August are dry, and rain (mm) of December to February that makes up for it. Judgement. */
    drySummer: { share: 0.12, winter_mm: 120 },
    /** When seed is sown in place in autumn, by class of year, where its row does not say. Trade. */
    autumn: {
      'cold-winter': 'first-frost+14..first-frost+56',
      'mild-winter': 'first-frost..first-frost+60',
      'frost-free': '10-15..12-31',
      'dry-summer': 'rains..rains+60',
      desert: '10-01..12-15',
    },
    /** When parts are taken, where the row does not say. Trade. */
    parts: {
      softwood: 'last-frost+25..last-frost+85',
      'half-ripe': 'first-frost-90..first-frost-30',
      hardwood: 'leaf-fall+14..last-frost-21',
      'root-cutting': 'leaf-fall+14..last-frost-14',
      division: 'last-frost-28..last-frost+21',
      layering: 'last-frost..first-frost-60',
      offsets: 'leaf-fall+14..last-frost-14',
    },
    /** Weeks before the last frost of a sowing indoors, of what its row does not say; and by how many it can be earlier. Trade. */
    indoors_w: 8,
    earlier_w: 3,
    /** Days: to order seed before it is needed; looks after sowing; from coming up to pricking out; to hardening, and of it. Trade. */
    order_d: 21,
    looks_d: [7, 14, 21],
    pot_on_d: 24,
    grow_d: 28,
    harden_d: 8,
    /** Days between looks at cuttings; from rooting to a size to plant. Trade: weekly; four weeks in a pot. */
    cuttingLook_d: 7,
    afterRoots_d: 28,
    /** Days before the last frost from which what is hardy is set out. Trade. */
    hardyOut_d: 14,
    /** Days after the last frost that a tender plant is still planted for this summer. Judgement. */
    tenderUntil_d: 45,
    /** Days before the first frost that what is tender is still set out at home. Judgement. */
    tenderWorth_d: 60,
    /** Days between two starts of one kind, made so that one lost tray is not all. Judgement. */
    secondStart_d: 14,
    /** Share that becomes plants of what comes up or roots, and of what would come up under cover when it is sown in the open. Trade: damping off, slugs; birds and drought. */
    survive: { seed: 0.8, cutting: 0.85, part: 0.95 },
    inPlace: 0.35,
    /** Chance of enough plants that is sown for. */
    chance: 0.9,
    /** As how many seeds or cuttings of one’s own a row counts at the most, by its confidence. Judgement. */
    weighs: { high: 40, medium: 24, low: 12 },
    /** Share of an 80 % range on either side of the mean, in standard deviations. Normal law. */
    tenth: 1.2816,
    /** What containers hold: seeds, litres of mix, square metres of shelf. Trade: a lidded jug, a tray of 24 cells with two seeds each, a 13 cm pot of cuttings. */
    holds: {
      'winter-container': { units: 25, mix_l: 2, shelf_m2: 0 },
      tray: { units: 48, mix_l: 2.5, shelf_m2: 0.15 },
      'cutting-pot': { units: 7, mix_l: 0.9, shelf_m2: 0.02 },
      'deep-pot': { units: 1, mix_l: 1.5, shelf_m2: 0.02 },
    },
    /** Depth (mm) from which seed is large, one to a deep pot; litres of mix in the pot it is pricked out into. Trade. */
    largeSeed_mm: 20,
    pot_l: 0.4,
    /** Seeds a packet holds, for seed as fine as dust, small and large. Trade: it says so on the packet. */
    packet: { fine: 200, small: 60, large: 15 },
    /** Money (hundredths) for a litre of mix, the share of a price that is to be had elsewhere. Trade: 40 l for 14. */
    litrePrice: 35,
    /** Points of a way: a year until it flowers, its chance, money beside the dearest, minutes, and the chosen school. Judgement. */
    points: { year: 12, chance: 40, money: 25, work: 10, school: 15, sill: -12 },
    /** Minutes of work for a batch, by way: to begin it, and each look. Judgement. */
    minutes: { begin: 30, look: 5, potEach: 2, divideEach: 10 },
  },
  gates: {
    /** Severity (1–3) of a caution from which it is a danger to who lives here. By the scale: 2 harms, 1 upsets. */
    danger: 2,
  },
  /** What makes a plan one that a gardener would plant. */
  craft: {
    /** Most of a bed, and of the places of a pot, that one kind may take. Trade: no bed of one kind. */
    kindShare: 0.4,
    /** Herbs in one drift, for each so many square metres of bed; hosts may have this many drifts. Trade: three to seven. */
    driftMost: 7,
    driftPer_m2: 10,
    hostDrifts: 3,
    /** Herbs taller than this (cm) are few: so many for each ten square metres. Judgement. */
    tallCm: 160,
    tallMost: 5,
    /** Most of a weed, a thistle or a half-parasite in one bed. Judgement: a clump is let stand, more is a bed of weeds. */
    unlovedMost: 12,
    /** Ground (m²) from which a bed holds what runs. Judgement: less is soon all of it. */
    runsFrom_m2: 20,
    /** Height (cm) up to which a climber stands a windy pot. Judgement. */
    windyClimberCm: 120,
    /** Severity from which what takes a plant speaks against it. By the scale: 3 kills it. */
    disease: 3,
    /** Share of the growing season in leaf from which a plant keeps its place alive. Judgement: bulbs and ephemerals do not. */
    backboneShare: 0.7,
    /** Share of a half-month in flower or leaf from which it counts. Judgement. */
    presentShare: 0.5,
    /** Milkweeds of other countries, and the half-zone from which they stay green and carry parasites through the winter. Monarch advice. */
    exoticMilkweeds: { genera: ['Asclepias', 'Gomphocarpus', 'Calotropis'], from: '8b' },
    /** Share of a pot's places that are planted, and of a bed where less bare ground is wished. Trade; judgement. */
    potFilled: 0.75,
    bedFilled: 0.7,
    /** Places of a long trough to each tall plant in it. Judgement. */
    placesPerUpright: 10,
    /** Climbers to one support: woody ones, and those of one summer. Trade. */
    perSupport: { woody: 1, summer: 3 },
  },
  /** Creatures proposed to begin with, and the ground that is thought of where there is none yet. Judgement. */
  firstSet: {
    easy: 8,
    worthTrying: 2,
    area_m2: 20,
    sun_h: 8,
    /** Ground (m²) of the flowers that all of them share, beside what one asks for itself. */
    common_m2: 2,
    /** What a creature counts by how easy it is (1 easy, 2 takes care, 3 hard). */
    ease: [0, 1, 0.5, 0],
    /** Part of the ground that one creature may ask for. */
    most: 0.5,
    /** Share of its needs from which a creature is nearly served: where winters flower, a January lacks in nearly every garden. */
    nearly: 0.8,
    /** Share of its flight in which a visitor to pots finds something. */
    visiting: 0.5,
  },
  planner: {
    /** Herbs are planted in threes at least where they stand closer than this (cm). Trade: a drift is three to seven. */
    drift: 3,
    driftSpacingCm: 90,
    /** Most plants of a kind on a site, and climbers there: each wants a support of its own. Judgement. */
    mostOfKind: 40,
    mostClimbers: 4,
    /** Worth of a closed life cycle beside all the cells of its needs at full. Judgement: half a life cycle is worth little. */
    cellsWorth: 0.5,
    /** Part of the leaf it wants from which a creature has some. Judgement. */
    someLeaf: 0.25,
    /** Steps below which a need may not fall while a plan is made cheaper. */
    keptSteps: 4,
    /**
     * What preferences weigh, in hundredths of the currency, so that they can be set against prices: a kind more, a
     * square metre used, a feature made, and what each preference adds for a square metre. Judgement.
     */
    weigh: {
      kind: { few: 8000, any: 300, many: -1500 },
      /**
       * By how it can be had, for a kind; for a kind that is wild-looking; for a plant that grows but does not
       * thrive, and by how far it does not; for each month in which a bed or pot has no flower; what a square metre
       * in flower all season is worth where flowers are wished; for a drawback.
       */
      trade: { common: 0, 'native-nurseries': 400, 'seed-only': 1500, seldom: 4000 },
      wild: 800,
      workable: 300,
      unfit: 400,
      flowerless: 700,
      showy: 900,
      drawback: 6000,
      ground: 150,
      feature: 500,
      strength: { off: 0, some: 1, much: 4 },
      /** How much money counts at each strength of wanting it cheap. */
      money: { off: 0.3, some: 1, much: 3 },
      /** Not native (and once for such a kind); browsed by deer; to be watered; to be fussed over; each year late to flower; in no colour asked for. */
      foreign: 2500,
      foreignKind: 3000,
      browsed: 1500,
      thirsty: 1000,
      careful: 800,
      lateYear: 500,
      colour: 800,
    },
    /**
     * Where a search ends: at a number of branch-and-bound nodes for each objective, so that the same question has the same
     * answer on every machine; the seconds for all of it are a guard for slow ones. An alternative is looked for as
     * quickly as that; what is short of closing a target with `shortfall`. Judgement, measured on the demo gardens: the
     * first node finds plans of the same worth and cost as thousands, what follows proves it.
     */
    effort: {
      quick: { nodes: 1, seconds: 60 },
      usual: { nodes: 20, seconds: 120 },
      long: { nodes: 5000, seconds: 900 },
    },
    shortfall: { nodes: 500, seconds: 30 },
    /** Part of a closed life cycle that is not worth any money. Judgement. */
    worthStep: 0.05,
    /** What a plan may cost by the preferences for that part, where as much is gained by it. Judgement. */
    worthMoney: 100_000,
    /** Kinds with a drawback that each target more is worth. Judgement: who wants four weeds for one butterfly? */
    drawbacksEach: 2,
    /** Nodes of the rounds that follow where shared leaf fell short. */
    laterNodes: 2,
    /** Gap at which a plan is as cheap as needs be. */
    nearEnough: 0.02,
    /** How many times over a sturdy plan gives what is needed. Judgement, tried out kind by kind. */
    sturdy: 1.8,
    /** An alternative: where its search ends. */
    alternative: { nodes: 60, seconds: 30 },
  },
  leaf: {
    /** Mean of the day (°C) at which leaf begins to grow, and from which it grows as fast as it can. Judgement. */
    warmth: { from_c: 5, full_c: 18 },
    /** Share of the reference thirst below which rain keeps leaf from growing back on unwatered ground. Judgement. */
    dryBelow: 0.5,
    /** Moisture of a site from which its leaf grows on through a dry month. Judgement. */
    wateredFrom: 3,
    /** Share of full leaf in the half-months after leaf-out. Judgement. */
    opening: [0.4, 0.75],
    /** Share of what was eaten that grows back in a half-month at its best, by kind. Judgement: a stripped milkweed or vine is in leaf again in five weeks, a shrub hardly in a summer. */
    regrowth: { herb: 0.35, bulb: 0, grass: 0.45, vine: 0.4, shrub: 0.15, tree: 0.1 },
    /** Half-month from which shrubs and trees hardly flush again, and what is left of it then. Judgement: midsummer. */
    flushEnds: 13,
    lateShare: 0.25,
    /** Buds and flowers beside the leaf of a plant (fresh mass), how soon new ones come, and green pods beside flowers. Judgement. */
    budsShare: 0.15,
    budsAgain: 0.4,
    podsShare: 0.6,
  },
  leafRange: {
    /** How far the leaf of a plant may differ from its figure, by its confidence; how far a larva's appetite. Judgement. */
    leaf: { high: 0.25, medium: 0.35, low: 0.5 },
    appetite: 0.25,
    /** Share eaten from which a plant is down to its stems. Judgement. */
    stripped: 0.85,
  },
  succession: {
    /** Days from sowing an annual host until it is large enough to be laid on, and that it then stands in leaf. Trade: dill, parsley's kin and beans. */
    growDays: 42,
    standDays: 35,
  },
  whatIf: {
    /** Hours of sun a bed loses, and half-zones a winter is colder. */
    lessSunH: 2,
    /** Years in the ground from which a plant finds water of its own, and how deep (m) it then drinks. Trade: two seasons; judgement. */
    rootedYears: 2,
    rootedM: 1.2,
    /** Steps drier than it bears at which a young plant dies, and a rooted one drops its leaf. Judgement. */
    youngDies: 2,
    rootedDrops: 2,
    /** Half-months that leaf and flowers are then gone, the dry month with them; and what is left of them. Judgement. */
    dropsFor: 3,
    dropsTo: 0.3,
    /**
     * A hard winter: half-zones short from which a plant dies of it; from which half-zone up a plant's leaf and flowers are
     * frozen back whatever its roots bear, where the winter is no milder than `frozenBelow`; from which half-month they
     * are gone, and how many half-months after the last frost they are back. Judgement on freezes in the South.
     */
    diesAt: 2,
    tenderFrom: '8b',
    frozenBelow: '9b',
    frozenFrom: 1,
    backAfter: 3,
  },
  age: {
    /** Share of mature size by years since planting, for herbs, for shrubs and vines, for trees. Judgement. */
    herb: [0.3, 0.7, 1],
    woody: [0.1, 0.25, 0.45, 0.7, 1],
    tree: [
      0.02, 0.04, 0.07, 0.1, 0.13, 0.17, 0.21, 0.25, 0.29, 0.33, 0.37, 0.41, 0.45, 0.49, 0.53, 0.57, 0.62, 0.67, 0.72, 0.77, 0.81,
      0.85, 0.89, 0.93, 0.97, 1,
    ],
  },
  /** The simulated weather station. All judgement, set so that its years look like those of the places we know. */
  station: {
    /** Standard deviation of a day from its normals (°C) in midwinter and midsummer. */
    stray: { winter_c: 4.6, summer_c: 2.6 },
    /** How much of a day's straying is left the day after; and that of weeks, with its size. */
    spell: 0.72,
    slow: { holds: 0.96, stray_c: 1.4 },
    /** How much likelier rain is after rain; how much cooler a wet day's noon; its thirst beside the month's; thirst for each degree of warmth. */
    again: 0.3,
    wetCooler_c: 2.5,
    wetThirst: 0.6,
    thirstPer_c: 0.03,
    /** A flash freeze: how likely in each half of a year, how far it falls, for how many days. */
    flash: { chance: 0.3, drop_c: 11, days: 2 },
    /** Forecasts: days, their error (°C) on the first and for each day more, and the chance for each day that rain is misplaced. */
    forecast: { days: 7, errs_c: 0.8, errsMore_c: 0.35, missesRain: 0.05 },
  },
  work: {
    /** Days after the coldest of the year that stand for the last frost where none is usual, and before it for the first. Judgement. */
    frostless: { after_d: 30, before_d: 45 },
    /** Degrees by which the first night of a season lies below the average of its date. Judgement: nights stray by some four. */
    nightStrays_c: 4,
    /** Degrees of doubt about a forecast night before what is tender is brought in, and days ahead that are looked at. Judgement. */
    forecastDoubt_c: 2,
    nightsAhead: 3,
    /** Rain (mm) within so many days, and share of the thirst, that show the rains have set in. Judgement. */
    rains: { mm: 20, days: 7, share: 0.6 },
    /** Years since planting of what is in the ground and of which the year is not known. Judgement. */
    unknownAge: 5,
    /** Days that eggs are on a plant before the first larva feeds. Judgement: a week. */
    eggs_d: 7,
    /** Days beyond its window that a cut may wait for young to leave. Judgement. */
    waitsFor_d: 30,
    /** Days after its window that a task not done is still shown as late. Judgement. */
    late_d: 28,
    /** Days ahead that are this week, and that are coming. */
    week_d: 7,
    coming_d: 28,
    /** Days that a window stays open from which a task is for when it suits. Judgement. */
    anytime_d: 42,
    /** Rain (mm) from which a day is no day for dry work; heat (°C) from which it is none for planting. Judgement. */
    wetDay_mm: 4,
    hotDay_c: 29,
    /** Minutes to plant one plant, to sow a row or pot, to look up a measurement again, and that every task takes at least. Judgement. */
    minutes: { plant: 6, plantWoody: 25, sow: 10, cut: 2, measure: 15, clear: 120, least: 2 },
    /** Years after which a measurement is taken again, and days between probe readings in the growing season. Extension: every two or three years. */
    measureYears: 3,
    probeDays: 30,
    water: {
      /** Depth (m) that is watered, by how dry the ground may grow. Judgement on root depths. */
      depth_m: { moist: 0.25, even: 0.3, spell: 0.45, 'long-spell': 0.8, none: 1.2 },
      /** Share of its store below which it is watered. FAO 56 has half of it readily taken by most plants. */
      from: { moist: 0.65, even: 0.5, spell: 0.3, 'long-spell': 0.1, none: 0 },
      /** Share that it is filled to: more runs off or through. */
      to: 0.95,
      /** Share of the mix of a pot that holds water for its plants, share of the rain that falls into it, and its thirst beside that of open ground. */
      potHolds: 0.25,
      potRain: 0.6,
      potDrinks: 1.2,
      /** Days back from which the bucket of a bed is followed: what it held before makes no difference. Judgement. */
      looksBack_d: 200,
      /** Litres a minute of a hose, of a can, and minutes a can takes. Trade. */
      hose_l: 12,
      can_l: 9,
      can_min: 2.5,
      /** Least litres worth going out for. Judgement. */
      least_l: 0.5,
      /** Mean of the day (°C) under which nothing in the ground is watered, and days between waterings of a pot at rest. Trade: every few weeks. */
      rests_c: 6,
      potRests_d: 28,
      /** Slope: the most water (mm) at once before it runs off. Judgement. */
      slope_mm: 10,
    },
    warn: {
      /** Low (°C) from which a frost is warned of, a fall (°C) from one day to the next that is a flash freeze, and its low. Judgement. */
      frost_c: 1,
      flash: { fall_c: 12, low_c: -4 },
      /** High (°C) from which heat is warned of, days without 5 mm that are a dry spell, rain (mm) in a day that washes a slope. */
      heat_c: 32,
      dry_d: 12,
      dryRain_mm: 5,
      heavy_mm: 40,
      /** Days before an average frost from which its odds are given. */
      frostNears_d: 21,
    },
  },
  layout: {
    /** A bed that is not drawn is taken to be a rectangle so many times as long as deep, and no deeper (m) than an arm reaches from both sides. Judgement. */
    undrawn: { longer: 2.5, deepest_m: 2.4 },
    sides: {
      /** A wall, fence or path this near (m) lies along a side. Judgement. */
      besideM: 0.7,
      /** From a path, and from the windows of a house, this far (m) a bed is looked at. Judgement. */
      seenM: { path: 5, house: 14 },
      /** Over a fence no higher (m) people look in. Judgement: below the eye. */
      lowFenceM: 1.4,
    },
    /** Steps of moisture (1–5) by which places of a bed differ from its mean. Judgement: a step is a whole class of plants. */
    moisture: {
      /** From the middle to the foot of a slope of `fullFall_pct` and more, and to the side that is found wetter. */
      slope: 0.7,
      fullFall_pct: 10,
      side: 1,
      /** Along paving, and at the foot of a wall out of the rain: the most, and how far it reaches (m). */
      paving: 0.6,
      pavingM: 0.5,
      wall: 0.7,
      wallM: 0.5,
      /** Under the crown of a tree. */
      roots: 0.5,
      /** For each hour of sun less than the bed has, and the most of it. */
      perShadeH: 0.12,
      mostShade: 0.5,
    },
    /** Places that are tried for plants are no closer (m) and no farther apart, and about so many. Judgement: a trowel's width. */
    cells: { least_m: 0.06, most_m: 0.2, wanted: 2600 },
    /** Least distance (m) of a stem from the edge of its bed. Trade: a hand's breadth. */
    edge_m: 0.1,
    /**
     * Distances between two plants, as shares of the mean of their spacings at mature size. The same kind knits into a drift;
     * what comes up between others (bulbs and what dies down by summer) wants little; under shrubs low plants go close.
     */
    apart: {
      own: 0.95,
      other: 1,
      between: 0.5,
      underShrub: 0.8,
      crown: 0.85,
      underTree_m: 0.6,
      climberFoot_m: 0.3,
      leastBulb_m: 0.08,
    },
    /** No plant stands closer to another than this share of that, however full the bed: a rule. Judgement. */
    closest: 0.72,
    /** How much closer they are set, step by step, where a bed is too full. */
    closer: [1, 0.9, 0.8, 0.72],
    /** Most plants in one drift: more of a kind make several. Trade: three to seven is the usual unit, a large mass eleven. */
    drift: { most: 11, usual: 7 },
    /** Plants of a kind are in one group where none is farther from the next than so many spacings. Judgement. */
    linked: 1.7,
    /** How far (m) a climber may stand from what it climbs. Trade. */
    climbM: 0.5,
    /** A plant hides another that is behind it, no farther than this (m), and not higher by more than this share. Judgement. */
    hides: { within_m: 2.5, over: 1.15 },
    /**
     * A crown reaches over a worn edge by no more than it can be held back (m), and over another by no more than a share of
     * its radius; thorns and sap keep away from a worn one (m). Judgement.
     */
    worn: { over_m: 0.05, most_m: 0.6, harm_m: 0.8 },
    overEdge: 0.35,
    /** Deer browse first what stands within this (m) of an open edge. Judgement. */
    deerM: 0.9,
    /** Neighbours are those whose distance is below so many times what they want. */
    neighbour: 1.5,
    /** Share of flowers of one family of colour in the best half-month from which a bed is all in one colour. Judgement. */
    oneColour: 0.85,
    /**
     * What each wish weighs in the score. Judgement: a host nobody lays on and a plant in the wrong light are worse than a
     * colour beside another.
     */
    weights: {
      heights: 3,
      groups: 2.5,
      hosts: 3,
      light: 2.5,
      water: 2,
      room: 2,
      colour: 1.2,
      edges: 1,
      harm: 1.5,
      neighbours: 1,
      tap: 0.5,
      deer: 0.8,
    },
    /** Starts of a search, and rounds of taking some out and placing them again from each. The seed is the bed's own. */
    search: { starts: 3, rounds: 80, heat: 0.004, fine: 0.02 },
    /** Height and spread of a selection beside the species. Trade: dwarf selections are about a third as tall. */
    selection: {
      species: { height: 1, spread: 1 },
      compact: { height: 0.66, spread: 0.8 },
      dwarf: { height: 0.34, spread: 0.6 },
    },
    /** How height follows the ground: see sizeHere. Judgement: the same species stands up to twice as tall in wet ground. */
    size: { perMoisture: 0.35, spread: 0.25, leggy: 0.12, shadeShort: 0.2, range: 0.25 },
  },
} as const;
