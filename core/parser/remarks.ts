/**
 * Words of which remarks are made, `(mine were from a neighbour)`. They say nothing about the sums,
 * and are passed over in brackets and after the name alone: beside the name a word may change what
 * it is.
 */
export const REMARK_WORDS: readonly string[] = [
  // Who, and what they do.
  'i', 'me', 'mine', 'we', 'us', 'ours', 'you', 'yours', 'he', 'she', 'they', 'theirs',
  'is', 'are', 'was', 'were', 'be', 'been', 'being', 'am', "i'm", "it's", "they're", "i've", "we've", "that's",
  'do', 'did', 'does', 'have', 'has', 'had', 'can', 'could', 'may', 'might', 'will', 'would', 'should', 'need', 'needs', 'want', 'wants',
  'use', 'used', 'using', 'buy', 'bought', 'get', 'got', 'find', 'found', 'grow', 'grew', 'grown', 'pick', 'come', 'came', 'gave', 'given', 'make', 'made', 'love', 'prefer', 'keep', 'kept', 'leave', 'work', 'works', 'worked', 'happened', 'turned', 'wash', 'rinse', 'weigh', 'measure', 'check', 'choose', 'look', 'save', 'tie', 'put', 'went', 'go', 'goes', 'gone', 'gather', 'froze',
  // When, where, how much of it.
  'this', 'that', 'there', 'here', 'so', 'mixture', 'mixture of', 'mix', 'mix of', 'blend of', 'kinds', 'sorts', 'sort', 'always', 'usually', 'often', 'sometimes', 'normally', 'typically', 'today', 'yesterday', 'this year', 'last year', 'this morning', 'last week', 'year', 'season', 'summer', 'winter', 'day', 'morning', 'while', 'when', 'because', 'since', 'where', 'out', 'off', 'up', 'down', 'over', 'under', 'through', 'around', 'near', 'straight', 'directly', 'ahead', 'as possible', 'as you can', 'as we could', 'as i could', 'even', 'ever', 'again', 'already', 'yet', 'now', 'time', 'per person', 'way', 'by hand', 'by eye',
  // Where from.
  'neighbour', "neighbour's", 'neighbor', "neighbor's", 'friend', "friend's", 'mother', "mother's", 'mum', "mum's", 'mom', "mom's", 'gran', "gran's", 'grandmother', "grandmother's", 'grandma', "grandma's", 'aunt', "aunt's", 'dad', "dad's", 'father', "father's", 'tree', 'trees', 'bush', 'bushes', 'hedge', 'hedges', 'market', 'shop', 'stall', 'farm', 'farm shop', 'store', 'supermarket', 'farmers market', "farmers' market", "farmer's market", 'orchard', 'patch', 'plot', 'yard', 'backyard', 'lane', 'village', 'roadside', 'freezer', 'fridge', 'cupboard', 'pantry', 'country', 'woods', 'field', 'fields', 'church', 'next door', 'old', 'young', 'new', 'own',
  // What is thought of it.
  'ok', 'okay', 'okay too', 'fine too', 'better', 'easier', 'easiest', 'great', 'happy', 'cheap', 'cheaper', 'cheapest', 'enough', 'plenty', 'important', 'best ones', 'good ones', 'favourite', 'favorite', 'delicious', 'tasty', 'beautiful', 'beauties', 'gorgeous', 'please', 'sorry', 'thanks', 'really', 'especially', 'particularly', 'perfectly', 'absolutely', 'probably', 'perhaps', 'maybe', 'hopefully', 'sure', 'of course', 'in my case', 'in our case', 'in case', 'i think', 'they say', 'tip', 'hint', 'remember', 'see recipe', 'recipe below', 'recipe above', 'below', 'above', 'page', 'wonderful', 'lovely ones', 'smallish ones', 'big ones', 'small ones', 'large ones',
]; // prettier-ignore

const ALLOWED = [
  'bottled', 'fresh', 'frozen', 'tinned', 'canned', 'dried', 'ripe', 'unripe', 'under-ripe', 'underripe', 'over-ripe', 'overripe', 'peeled', 'unpeeled', 'whole', 'windfalls', 'any kind', 'any variety', 'any sort', 'any', 'small ones', 'large ones',
]; // prettier-ignore
const IS_FINE = [
  'is fine', 'are fine', 'is ok', 'are ok', 'is okay', 'are okay', 'is good', 'are good', 'is fine too', 'are fine too', 'will do', 'works', 'work', 'works too', 'works well', 'work well', 'works fine', 'work fine', 'can be used', 'may be used', 'ones are fine', 'fruit is fine', 'ones work',
]; // prettier-ignore

/** `bottled is fine`: what may be used instead, and need not have been. */
export const ALLOWANCES: readonly string[] = ALLOWED.flatMap((what) =>
  IS_FINE.map((fine) => `${what} ${fine}`),
);
