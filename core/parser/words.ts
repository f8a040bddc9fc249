import type { Form, FruitState } from '../ingredients/index.ts';
import { ALLOWANCES, REMARK_WORDS } from './remarks.ts';
import { LONGEST_TAKEN_OUT, takenOut, TAKEN_OUT_WORDS, type Loss } from './takenOut.ts';
import { tokensOf } from './tokens.ts';

/** What of a fruit, or of an egg, is meant when not all of it. */
export type Part = 'juice' | 'zest' | 'peel' | 'pulp' | 'yolk' | 'white';

/** What a word or phrase beside the name says. */
export type Effect = {
  readonly form?: Form;
  readonly state?: FruitState;
  /** 0 (green) to 1 (over-ripe). */
  readonly ripeness?: number;
  /** Cut so fine that it fills its cup nearly as crushed fruit does. */
  readonly fine?: true;
  /** Unripe, of fruit that is not green when it is ripe. */
  readonly isGreen?: true;
  readonly size?: string;
  readonly part?: Part;
  readonly loses?: Loss;
  /** The peel stays: `unpeeled`, `skin on`. */
  readonly keepsPeel?: true;
  readonly weighed?: 'as bought' | 'prepared';
  /** The juice or syrup that it stood in is poured away. */
  readonly drained?: true;
  /** A colour or a kind: only of fruit and eggs. */
  readonly kind?: 'colour' | 'variety';
  /** What follows names kinds: `such as`, `preferably`. */
  readonly kindsFollow?: true;
  /** A word for how it grows, of herbs and flowers: the measure it may count in. */
  readonly grows?: string;
  /** Its seeds alone are used: of a vanilla pod that is what is meant. */
  readonly seeds?: true;
  /** The juice as it drips from cooked fruit, which holds pectin, and no drink. */
  readonly extracted?: true;
  /** It need not go in: `optional`, `to taste`. */
  readonly optional?: true;
  /** Only in brackets, or after the name. */
  readonly remark?: true;
};

/** A phrase as it is looked up: plain words, one space between. */
export const phraseKey = (text: string): string =>
  tokensOf(text)
    .map(({ word }) => word)
    .join(' ');

const says = (effect: Effect, phrases: string): (readonly [string, Effect])[] =>
  phrases
    .split('|')
    .map((phrase) => phrase.trim())
    .filter((phrase) => phrase !== '')
    .map((phrase) => [phraseKey(phrase), effect] as const);

/**
 * Ripeness, 0 (green) to 1 (over-ripe). A ripe fruit is the ordinary case. The first word of a
 * value is the one written.
 */
export const RIPENESS_WORDS: ReadonlyMap<string, number> = new Map(
  Object.entries({
    'over-ripe': 0.95,
    overripe: 0.95,
    'fully-ripe': 0.75,
    'very-ripe': 0.8,
    'really ripe': 0.8,
    'soft-ripe': 0.8,
    'under-ripe': 0.2,
    underripe: 0.2,
    unripe: 0.1,
    'not yet ripe': 0.1,
    'barely-ripe': 0.3,
    'just-ripe': 0.4,
    'slightly-under-ripe': 0.3,
    'slightly underripe': 0.3,
    'slightly unripe': 0.3,
    'not quite ripe': 0.3,
    'not too ripe': 0.4,
    'nearly ripe': 0.3,
    'very green': 0.05,
    'quite green': 0.15,
    'still green': 0.15,
    'slightly green': 0.3,
    'a little green': 0.3,
    'a little under-ripe': 0.3,
  }),
);

const PREPARING = [
  'peeling', 'coring', 'stoning', 'pitting', 'preparing', 'preparation', 'prep', 'hulling', 'trimming', 'deseeding', 'shelling',
  'peeling and coring', 'topping and tailing', 'peeling and stoning', 'peeling and pitting', 'destoning',
]; // prettier-ignore
const PREPARED = [
  'prepared', 'peeled', 'cored', 'stoned', 'pitted', 'peeled and cored', 'peeled and stoned', 'peeled and pitted', 'trimmed', 'hulled', 'shelled', 'deseeded', 'destoned',
]; // prettier-ignore

/** Where an amount goes or what it is for; it says nothing about the thing itself. */
const PURPOSES = [
  'jam', 'jelly', 'marmalade', 'curd', 'conserve', 'chutney', 'spread', 'pot', 'pan', 'preserving', 'boiling', 'set', 'setting', 'flavour', 'flavor', 'flavouring', 'colour', 'color',
  'acid', 'acidity', 'safety', 'foam', 'topping', 'dusting', 'sprinkling', 'garnish', 'garnishing', 'bag', 'infusion', 'infusing', 'syrup', 'soaking', 'steeping', 'stewing', 'poaching', 'simmering',
  'cooking', 'later', 'end', 'finish', 'finishing', 'fruit', 'puree', 'batch', 'recipe', 'kettle', 'jar', 'skimming', 'sweetness', 'spice bag', 'muslin bag', 'jelly bag', 'canning', 'bottling', 'freezing', 'foaming', 'starting', 'thinning', 'us', 'me',
]; // prettier-ignore

const TABLE: readonly (readonly [string, Effect])[] = [
  ...says({ form: 'whole' }, 'whole|left whole|kept whole|uncut'),
  ...says(
    { form: 'sliced' },
    `sliced|slices|slice|slivered|slivers|shredded|shreds|halved|halves|half|quartered|quarters|wedges|segments|segmented|rounds|rings|strips|julienned
     |julienne|ribbons|shaved|matchsticks|cut in half|cut into halves|cut in halves|cut in quarters|cut into quarters|cut into eighths|cut in eighths|eighths|sliced thin|sliced thinly|thin sliced|half moons`,
  ),
  ...says(
    { form: 'chopped' },
    'chopped|diced|dice|cubed|cubes|chunks|chunked|cut up|cut small|chopped up|roughly cut|roughly chopped|hand chopped|nibbed',
  ),
  ...says(
    { form: 'chopped', fine: true },
    'minced|finely chopped|finely diced|finely minced|finely cut|very finely chopped|chopped finely|chopped very finely|chopped fine|minced finely|cut very small',
  ),
  ...says(
    { form: 'crushed' },
    'cooked|stewed|crushed|mashed|pulped|smashed|squashed|muddled|crushed up|mashed up|squished|lightly crushed|crushed lightly|slightly crushed',
  ),
  ...says(
    { form: 'pureed' },
    'pureed|puree|sieved|milled|blended|blitzed|liquidised|liquidized|processed|pushed through a sieve|passed through a sieve|rubbed through a sieve|put through a mill|put through a food mill|pressed through a sieve|smooth puree|mushed',
  ),
  ...says(
    { form: 'packed' },
    'packed|firmly packed|lightly packed|tightly packed|well packed|loosely packed|pressed down',
  ),
  ...says(
    { state: 'frozen' },
    'frozen|thawed|defrosted|from frozen|from the freezer|out of the freezer|frozen and thawed|frozen then thawed|partly thawed|partially thawed|still frozen|unthawed|home-frozen',
  ),
  ...says({ state: 'dried' }, 'dried|ready to eat dried|sun-dried|dehydrated'),
  ...says(
    { state: 'canned' },
    `canned|tinned|from a can|from a tin|out of a can|out of a tin|from cans|from tins|in juice|in its juice|in their juice|in its own juice|in their own juice|in own juice|in natural juice|in fruit juice|in apple juice|in grape juice|in pear juice|with juice|with its juice
     |with their juice|in syrup|in light syrup|in heavy syrup|in its own syrup|in water|juice reserved|juice and all|including juice|including its juice|packed in juice|packed in syrup`,
  ),
  ...[...RIPENESS_WORDS].map(([words, ripeness]) => [phraseKey(words), { ripeness }] as const),
  ...[
    'tiny',
    'small',
    'smallish',
    'little',
    'medium',
    'medium-sized',
    'medium size',
    'average',
    'large',
    'largish',
    'large-sized',
    'big',
    'very small',
    'very large',
    'extra large',
    'extra-large',
    'xl',
    'jumbo',
    'huge',
  ].map((word) => [phraseKey(word), { size: word }] as const),
  ...says({ size: 'medium' }, 'med|med sized|medium large'),
  ...says({ size: 'large' }, 'lg|lge|lrg|good sized|good-sized'),
  ...says({ size: 'small' }, 'sm|sml'),
  ...says(
    { part: 'juice' },
    'juice|juiced|juice only|juice of|squeezed juice|juice squeezed|strained juice|juice strained|juicing|squeezed for juice|for juice|juice from|for juicing|just the juice',
  ),
  ...says(
    { part: 'zest' },
    'zest|zested|zest only|zest of|grated zest|finely grated zest|rind|grated rind|rind of|rind only|finely zested|zest grated|rind grated|zest finely grated|rind finely grated|pared rind|pared zest|zests|just the zest',
  ),
  ...says({ part: 'peel' }, 'peel|peel only|peel of|just the peel|peels'),
  ...says(
    { part: 'pulp' },
    'pulp|pulp only|flesh|flesh only|pulp of|flesh of|pulp and seeds|pulp scooped out|flesh scooped out',
  ),
  ...says({ part: 'yolk' }, 'yolk|yolks only|yolk only|just the yolks'),
  ...says({ part: 'white' }, 'whites only|white only|just the whites'),
  ...says({ loses: 'peel' }, 'peeled|skinned|pared'),
  ...says(
    { loses: 'core' },
    'stoned|pitted|cored|destoned|de-stoned|deseeded|de-seeded|seeded|hulled|dehulled|capped|trimmed|stemmed|destemmed|de-stemmed|topped|tailed|topped and tailed|top and tailed|shelled|destalked|de-stalked|podded|pipped|stripped|stripped from stems|stripped from their stems|stripped from the stalks|stripped from their stalks|off the stalk|off the stems',
  ),
  ...says(
    { keepsPeel: true },
    `unpeeled|skin on|skins on|with skin|with skins|peel and all|skin and all|skins and all|peel on|with peel|with the peel|with their skins|unskinned|peel left on|skin left on|skins left on|not peeled|no need to peel|do not peel|don't peel|don't peel them|do not peel them|no need to peel them|including peel|including skin|including skins|including rind`,
  ),
  ...says(
    { weighed: 'as bought' },
    'as bought|unprepared|unprepared weight|gross weight|gross|whole weight|with stones|with the stones|stones in|stone in|unstoned|unpitted|with pits|pits in|uncored|with cores|in the pod|in shell|bought weight|as picked',
  ),
  ...PREPARING.flatMap((doing) => [
    ...says(
      { weighed: 'as bought' },
      `before ${doing}|weighed before ${doing}|measured before ${doing}|weight before ${doing}`,
    ),
    ...says(
      { weighed: 'prepared' },
      `after ${doing}|weighed after ${doing}|measured after ${doing}|weight after ${doing}`,
    ),
  ]),
  ...PREPARED.flatMap((done) =>
    says(
      { weighed: 'prepared' },
      `${done} weight|when ${done}|once ${done}|weighed ${done}|after being ${done}|${done} fruit`,
    ),
  ),
  ...says(
    { weighed: 'prepared' },
    'without stones|without the stones|no stones|without pips|no pips|without seeds|without skin|without skins|without peel|without cores|without stalks|without stems|no stalks|stoneless|prepared|net|net weight|ready prepared|after waste',
  ),
  ...says({ kind: 'colour', isGreen: true }, 'green'),
  ...says(
    { kind: 'colour' },
    'red|black|white|yellow|golden|purple|pink|blue|dark red|light red|deep red|blood|crimson|amber|russet|two-tone|bicoloured',
  ),
  ...says(
    { kind: 'variety' },
    `bramley|cox|gala|fuji|rome|braeburn|jonagold|jonathan|mcintosh|empire|cortland|idared|winesap|gravenstein|granny smith|golden delicious|red delicious|honeycrisp|egremont russet|discovery|newtown pippin|pippin|northern spy
     |bartlett|williams|conference|comice|anjou|d'anjou|bosc|kieffer|seckel|winter nelis|concord|niagara|catawba|thompson|flame|victoria|czar|opal|marjorie seedling|santa rosa|stanley|italian|methley|burbank|bing|rainier|lambert|stella|van|napoleon|royal ann|navel|valencia|cara cara|moro|tarocco
     |meyer|eureka|lisbon|key|persian|tahitian|redhaven|red haven|elberta|clingstone|freestone|cling|alphonso|ataulfo|kent|keitt|haden|heritage|tulameen|marion|chester|triple crown|cambridge|elsanta|honeoye|albion|chandler|invicta|careless|hinnonmaki|timperley|vranja|champion|smyrna|mission|brown turkey|adriatic|calimyrna
     |worcester|blenheim|royal|moorpark|tilton|hayward|ruby|star ruby|rio red|marsh|nagami|meiwa|wilson|bearss|free-range|free range|cage-free|barn|pasture-raised|hen's|hens`,
  ),
  ...says(
    { kindsFollow: true },
    'such as|like|eg|e.g|for example|for instance|preferably|ideally|i used|i use|we used|we use|variety|varieties|kind|type|any variety|any kind|best is|try|works well|named',
  ),
  ...[
    'leaf',
    'sprig',
    'flower',
    'bud',
    'petal',
    'blossom',
    'head',
    'needle',
    'top',
    'tip',
    'stalk',
    'stem',
    'stick',
    'bunch',
    'frond',
    'umbel',
    'flowerhead',
  ].map((word) => [word, { grows: word }] as const),
  ...says(
    { seeds: true },
    'seeds only|seeds of|seeds from|scraped seeds|scraped seeds of|just the seeds|seeds',
  ),
  ...[
    'reduce',
    'prevent',
    'control',
    'settle',
    'minimise',
    'minimize',
    'stop',
    'cut',
    'lessen',
    'limit',
    'keep down',
    'help with',
    'help prevent',
    'help reduce',
    'discourage',
    'suppress',
  ].flatMap((verb) =>
    says(
      {},
      ['foam', 'foaming', 'the foam', 'scum', 'frothing', 'froth', 'the foaming', 'the scum']
        .map((what) => `to ${verb} ${what}`)
        .join('|'),
    ),
  ),
  ...says(
    {},
    'plus a few extra|plus a few more|plus a handful extra|plus a couple extra|if large|if big|if small|if very large|if ripe|if they are large|ready to eat|ready-to-eat|no-soak|no soak|ready-soaked|save the whites|reserve the whites|whites reserved|whites saved|measured into separate bowl|measured into a separate bowl|measured into a bowl|in a separate bowl|warmed in the oven|warmed in a low oven|warmed in oven|warmed through|walnut-sized|walnut sized|hazelnut-sized|the size of a walnut|to keep the foam down|to keep foam down|to keep down foam|to keep down the foam|for less foam|grated|finely grated|coarsely grated|freshly grated|ground|freshly ground|finely ground|crumbled|flaked|rolled|snipped|bruise lightly|microplaned|spiralized|spiralised',
  ),
  ...says({ drained: true }, 'drained|well drained|drained well|thoroughly drained'),
  ...says(
    { extracted: true },
    'extracted|dripped|from the jelly bag|drip|strained through a jelly bag|home-extracted|steam-extracted|from cooked fruit',
  ),
  ...says(
    { optional: true },
    'optional|to taste|or to taste|or less|or less to taste|if needed|if necessary|if desired|if required|if you like|if you have it|if you want|if liked|if using|if available|if preferred|if wished|as desired|as you like|as liked',
  ),
  // What says nothing about the sums.
  ...says(
    {},
    `a|an|the|of|and|then|but|with|in|into|to|at|on|as|from|by|until|your|our|my|their|its|it|them|these|those|both|all|also|still|any|other|about|approximately|around|roughly|approx|circa|nearly|just
     |fresh|freshly|ripe|firm|firm-ripe|firm ripe|soft|plump|juicy|good|nice|lovely|best|finest|quality|good quality|best quality|high quality|perfect|sound|undamaged|unblemished|unbruised|bruised|blemished|organic|organically grown|unsprayed|unwaxed|waxed|local|pure|plain|natural|real|regular|ordinary|standard|normal|usual|basic|everyday
     |finely|roughly|coarsely|lightly|gently|well|thinly|thickly|thin|thick|fine|extra fine|coarse|rough|very|quite|really|fairly|slightly|evenly|loosely|firmly|tightly|neatly|carefully|quickly|long|short|medium-fine
     |washed|rinsed|undrained|strained|pressed|squeezed|cleaned|picked|picked over|picked through|sorted|scrubbed|wiped|wiped clean|washed and dried|rinsed and dried|washed and patted dry|patted dry|pat dry|dried well|dried off|dried on a towel|towel dried|dried with a towel|blotted|gently washed|hand-picked|handpicked|windfall|windfalls|gathered|foraged|freshly picked|just picked|home-grown|homegrown|garden|allotment
     |cut|cut into|cut in|cut into pieces|pieces|piece|bite-size|bite-sized|size|sized|inch|lengths|broken|broken up|broken into pieces|torn|pricked|pierced|scored|slit|split|split lengthways|split lengthwise|lengthways|lengthwise|crosswise|crossways|diagonally|split open|seeds scraped|seeds scraped out|scraped|bashed|toasted|tied|tied in muslin|tied together|tied in a bundle|tied in cheesecloth|in muslin|in cheesecloth|in a muslin bag|in a spice bag|in a tea ball|flaked
     |roasted|softened|melted|beaten|lightly beaten|well beaten|whisked|lightly whisked|separated|sifted|chilled|warmed|warm|cooled|cold|cool|hot|boiling|just boiled|freshly boiled|heated|iced|ice-cold|lukewarm|room temperature|at room temperature|soaked|soaked overnight|steeped|simmered|poached|steamed|raw|uncooked|blanched|scalded|diluted to taste
     |pips reserved|pips and pith reserved|seeds reserved|pips tied in muslin|pips in a muslin bag|pips and pith tied in muslin|bletted|divided|reserved|set aside|remaining|the remaining|from concentrate|optional|to taste|or to taste|or more|or less|or more to taste|or less to taste|more or less|more if needed|more to taste|more as needed|as needed|as required|as necessary|as desired|as you like|as liked|if needed|if necessary|if desired|if required|if you like|if you have it|if you have them|if you want|if liked|if using|if available|if possible|if preferred|if wished|if frozen|extra|see note|see notes|see tip|see above|see below|note|to serve|to finish|to garnish|to start|to begin
     |or so|or thereabouts|give or take|give or take a bit|or as needed|or as required|or enough|or equivalent|ish|a bit|a bit more|a little more|a little extra|a little|or a bit more|or a little more|or a bit less|or a little less|at least|you may need more|you might need more|whatever you have|from the garden|from the market|from the shop|from the tree|from the hedge|from the hedgerow|from the allotment
     |total|in total|altogether|in all|each|apiece|level|heaped|heaping|rounded|scant|generous|full|weight|by weight|by volume|volume|weighed|measured|measure|measures|amount|drained weight|fruit|fruits|berries|equal parts|when chopped|when sliced|when crushed|after crushing|after chopping|after slicing|after thawing|before thawing|once chopped|once crushed|once sliced|once pureed|when crushed
     |plus extra|plus more|plus a little extra|plus a bit more|plus a little more|plus extra to taste|plus more to taste|plus more if needed|plus more as needed
     |no added sugar|no sugar added|no-added-sugar|unsweetened|not from concentrate|100% pure|of your choice|of choice|your choice|any sort|store-bought|shop-bought|supermarket|homemade|home-made|ready-made|mixed together|mixed|combined|packaged|packet|loose|whole or sliced|thoroughly|overnight|pot|prepared as above|as above
     |don't wash|don't wash them|do not wash|do not wash them|no need to wash|no need to wash them|unwashed|don't worry|no need to thaw|do not thaw|don't thaw
     |for pectin|mixed with the pectin|to mix with the pectin|for the pectin|mixed with pectin|for mixing with the pectin|to mix with pectin|for mixing with pectin|tied in a muslin bag|tied in a spice bag`,
  ),
  ...PURPOSES.flatMap((what) =>
    says(
      {},
      `for ${what}|for the ${what}|for a ${what}|to ${what}|for this ${what}|for your ${what}`,
    ),
  ),
  // Only of fruit, and no kind that is another row.
  ...says(
    { kind: 'colour' },
    'sweet|sour|tart|sharp|cooking|cookers|eating|eaters|dessert|culinary|wild|cultivated|hedgerow|heirloom|heritage|early|late|summer|autumn|fall|seasonal|in season|seedless|seeded variety|thin-skinned|thick-skinned|thin skinned|fat|slim|dark|light|pale|crisp|mealy|floury|aromatic|fragrant|tangy|hard|assorted|different',
  ),
  ...says({ remark: true }, [...REMARK_WORDS, ...ALLOWANCES].join('|')),
];

/** Every listed phrase beside names, by its plain words. The first entry of a phrase stands. */
const PHRASES: ReadonlyMap<string, Effect> = TABLE.reduce(
  (map, [key, effect]) => (map.has(key) ? map : map.set(key, effect)),
  new Map<string, Effect>(),
);

/** What a phrase beside a name says, by its plain words; undefined where it says nothing known. */
export function saidBy(phrase: string): Effect | undefined {
  const listed = PHRASES.get(phrase);
  if (listed !== undefined) return listed;
  const loses = takenOut(phrase);
  return loses === null ? undefined : { loses };
}

/** How many words the longest phrase has. */
export const LONGEST_PHRASE = Math.max(
  LONGEST_TAKEN_OUT,
  ...[...PHRASES.keys()].map((key) => key.split(' ').length),
);

/** Every word of every phrase. */
export const PHRASE_WORDS: ReadonlySet<string> = new Set([
  ...[...PHRASES.keys()].flatMap((key) => key.split(' ')),
  ...TAKEN_OUT_WORDS,
]);
/** Every word of the phrases that are more than remarks. */
export const TELLING_WORDS: ReadonlySet<string> = new Set([
  ...[...PHRASES].flatMap(([key, { remark }]) => (remark === true ? [] : key.split(' '))),
  ...TAKEN_OUT_WORDS,
]);

/** Words that turn a line about: never taken for a kind of fruit, nor passed over. */
export const TURNING_WORDS: ReadonlySet<string> = new Set([
  'no', 'not', 'non', 'without', 'minus', 'except', 'instead', 'omit', 'skip', 'replace', 'substitute', 'mock', 'imitation', 'artificial', 'fake',
  'flavoured', 'flavored', 'flavour', 'flavor', 'scented', 'style', 'free', 'concentrate', 'concentrated', 'essence', 'per', 'every', 'ratio', 'or', 'and', 'plus', 'than',
  'dozen', 'doz', 'hundred', 'thousand', 'score', 'zero', 'nought', 'naught', 'point', 'gross', 'ib', 'half', 'double', 'triple', 'same', 'equal', 'vegan', 'dairy', 'like', 'unlike', 'candied', 'glace', 'pickled', 'fermented', 'smoked', 'salted', 'powder', 'powdered', 'freeze', 'sugared', 'brandied',
  'for', 'from', 'to', 'when', 'if', 'because', 'is', 'are', 'was', 'were', 'be', 'been', 'has', 'had', 'have', 'this', 'that', 'which', 'what', 'who', 'you', 'we', 'they', 'use', 'see', 'add', 'until', 'after', 'before', 'each', 'but', 'then', 'also', 'only', 'very', 'too', 'more', 'less', 'most', 'least', 'never', 'nor', 'neither', 'either', 'including', 'excluding', 'other', 'another',
  'diluted', 'infused', 'seasoned', 'sweetened', 'creamed',
  // What is made of a fruit, or has become of it, is not the fruit.
  'rotten', 'mouldy', 'moldy', 'spoiled', 'spoilt', 'rancid', 'battered', 'breaded', 'fried', 'floured', 'pie', 'crumble', 'cobbler', 'pudding', 'chutney', 'compote', 'sorbet', 'yoghurt', 'yogurt', 'muffin', 'cake', 'bread', 'soup', 'salad', 'smoothie',
].map((word) => phraseKey(word))); // prettier-ignore

/** Varieties that are named alone, `6 Bramleys`, and the fruit that they are of. */
export const LONE_VARIETIES: ReadonlyMap<string, string> = new Map(
  Object.entries({
    bramley: 'apple', cox: 'apple', 'granny smith': 'apple', 'golden delicious': 'apple', 'red delicious': 'apple', braeburn: 'apple', honeycrisp: 'apple', gala: 'apple', fuji: 'apple', mcintosh: 'apple', jonagold: 'apple', 'egremont russet': 'apple', winesap: 'apple',
    victoria: 'plum', czar: 'plum', bartlett: 'pear', bosc: 'pear', comice: 'pear', conference: 'pear', elberta: 'peach',
  }),
); // prettier-ignore
