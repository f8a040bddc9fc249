/**
 * Names that must never be read as something else. Common practice: what a cook calls by the name
 * of another food, and food that a line may name and that has no row here.
 */

/**
 * Food that shares a word with a row and is another plant or another thing: a custard apple is no
 * apple. None of them has a row.
 */
const OTHER_THINGS = [
  'custard apple', 'sugar apple', 'rose apple', 'star apple', 'wood apple', 'love apple', 'may apple', 'thorn apple', 'elephant apple', 'oak apple', 'mountain apple', 'wax apple', 'water apple', 'cashew apple', 'bell apple', 'java apple', 'balsam apple', 'pond apple', 'monkey apple', 'kei apple', 'earth apple', 'pine apple weed', 'velvet apple', 'soda apple', 'hedge apple',
  'avocado pear', 'alligator pear', 'balsam pear', 'melon pear', 'anchovy pear', 'vegetable pear', 'earth pear',
  'oregon grape', 'sea grape', 'mountain grape', 'grape hyacinth', 'grape leaf', 'grape vine', 'vine leaf',
  'surinam cherry', 'cornelian cherry', 'jerusalem cherry', 'winter cherry', 'barbados cherry', 'west indian cherry', 'maraschino cherry', 'glace cherry', 'candied cherry', 'cocktail cherry', 'coffee cherry', 'bird cherry', 'cherry laurel', 'brandied cherry', 'sand cherry', 'nanking cherry', 'bush cherry', 'brush cherry', 'brazilian cherry', 'acerola cherry', 'christmas cherry', 'hungarian cherry pepper', 'cherry leaf', 'cherry blossom', 'cherry kernel',
  'natal plum', 'hog plum', 'java plum', 'kakadu plum', 'monkey plum', 'governor plum', 'salted plum', 'pickled plum', 'coco plum', 'assyrian plum', 'plum sauce', 'date plum', 'jamaican plum', 'spanish plum', 'cape york plum', 'davidson plum', 'illawarra plum', 'marmalade plum', 'black plum leaf',
  'mock orange', 'osage orange', 'trifoliate orange', 'monkey orange', 'orange leaf', 'orange squash drink', 'orange soda', 'orange jelly', 'orange cordial drink', 'orange cap', 'orange vegetable',
  'finger lime', 'desert lime', 'makrut lime', 'kaffir lime', 'spanish lime', 'lime leaf', 'lime blossom', 'lime flower', 'limequat', 'quick lime', 'pickling lime', 'limestone', 'sweet lime', 'rangpur lime', 'wild lime', 'lime powder',
  'lemon leaf', 'lemon curd', 'lemonade', 'lemon basil leaf oil', 'lemon myrtle', 'lemon oil', 'lemon pepper', 'lemon cucumber', 'lemon barley', 'lemon squash drink', 'sweet lemon', 'preserved lemon', 'lemon concentrate', 'lemon aspen', 'citronella', 'hand of buddha', 'buddha hand', 'citron', 'etrog',
  'bitter melon', 'winter melon', 'horned melon', 'fuzzy melon', 'hairy melon', 'melon seed', 'wax melon', 'melon pear', 'pepino melon', 'pepino', 'ash gourd', 'gourd', 'kiwano',
  'water chestnut', 'watercress', 'water spinach', 'water biscuit', 'water icing', 'barley water', 'tonic water', 'sea water', 'pickle water', 'pasta water', 'rice water', 'bean water', 'water kefir', 'salt water', 'sugar water', 'lime water', 'potato water',
  'peanut brittle', 'almond butter', 'cashew butter', 'nut butter', 'butter bean', 'buttercream', 'butterscotch', 'apple butter', 'fruit butter', 'pumpkin butter', 'cocoa butter', 'shea butter', 'lemon butter', 'body butter', 'pear butter', 'butter lettuce', 'vegan butter', 'plant butter', 'butter extract', 'butter flavouring', 'garlic butter', 'clarified butter', 'brown butter', 'peach butter', 'quince butter', 'plum butter', 'butterfly pea',
  'almond milk', 'oat milk', 'soy milk', 'soya milk', 'rice milk', 'nut milk', 'milk powder', 'dry milk', 'powdered milk', 'milk thistle', 'malted milk', 'plant milk', 'milkshake', 'breast milk',
  'ice cream', 'cream cheese', 'cream soda', 'sour cream', 'creme fraiche', 'cream liqueur', 'irish cream', 'shaving cream', 'cream cracker', 'creamed corn', 'whipped cream', 'pastry cream', 'custard', 'custard powder',
  'egg noodle', 'eggplant', 'duck egg', 'quail egg', 'goose egg', 'turkey egg', 'egg replacer', 'egg substitute', 'powdered egg', 'dried egg', 'egg powder', 'scotch egg', 'egg nog', 'eggnog', 'egg shell', 'eggshell', 'bantam egg', 'chocolate egg', 'egg wash', 'fish egg',
  'salt pork', 'salt cod', 'salted caramel', 'celery salt', 'garlic salt', 'onion salt', 'seasoned salt', 'epsom salt', 'pink curing salt', 'curing salt', 'salt substitute', 'rock salt', 'smoked salt',
  'sugar snap pea', 'sugar beet', 'sugar free syrup', 'sugar syrup', 'sugarcane', 'sugar pumpkin', 'sugar cube', 'sugar plum', 'sugar pearl', 'sugar snap', 'sugar maple', 'vanilla sugar', 'cinnamon sugar', 'sugar melon', 'sugar pea',
  'honey mustard', 'honey mushroom', 'honeycomb', 'honeysuckle', 'honey powder', 'honey locust', 'bee pollen',
  'mint chocolate', 'mint sauce', 'peppermint candy', 'pepper jack', 'pepper jam', 'pepper jelly', 'peppercress', 'pepper sauce', 'sichuan pepper', 'lemon drop pepper', 'pepperoni', 'banana pepper ring', 'pickled pepper', 'roasted pepper in oil', 'bell pepper powder', 'chili powder', 'chilli powder', 'chilli sauce', 'chili sauce', 'chilli oil', 'chilli jam', 'sweet chilli sauce', 'chilli paste',
  'ginger ale', 'ginger beer', 'ginger biscuit', 'ginger snap', 'gingerbread', 'pickled ginger', 'ginger syrup', 'ginger cordial drink', 'galangal',
  'tomato ketchup', 'ketchup', 'tomato sauce', 'tomato soup', 'tomato leaf', 'tree tomato', 'tamarillo', 'tomatillo', 'tomato powder', 'tomato juice cocktail', 'strawberry tomato', 'husk tomato',
  'strawberry tree', 'strawberry spinach', 'strawberry jelly', 'strawberry gelatin', 'strawberry gelatine', 'strawberry leaf', 'raspberry leaf', 'blackberry leaf', 'bramble leaf', 'blackcurrant leaf', 'fig leaf', 'peach leaf', 'peach kernel', 'apricot kernel', 'plum kernel', 'cherry stone', 'peach stone', 'apricot stone', 'plum stone', 'peach pit', 'apricot pit', 'apple seed', 'apple pip', 'lemon pip', 'orange pip', 'lemon seed', 'orange seed', 'quince seed', 'quince core', 'apple core', 'papaya seed', 'pumpkin seed', 'grape seed', 'grape seed oil', 'elderberry syrup', 'elderberry leaf', 'elder leaf', 'elderflower cordial powder',
  'garden huckleberry', 'black nightshade', 'nightshade', 'bittersweet', 'pokeberry', 'baneberry', 'yew berry', 'holly berry', 'ivy berry', 'lantana berry', 'goji berry', 'goji', 'wolfberry', 'acai', 'acai berry', 'honeyberry', 'haskap', 'snowberry', 'twinberry', 'soapberry', 'buffalo berry', 'silverberry', 'beautyberry', 'spiceberry', 'salmonberry', 'thimbleberry', 'wineberry', 'crowberry', 'bearberry', 'barberry', 'sumac berry', 'hackberry', 'gumi', 'goumi', 'jostaberry', 'miracle berry', 'nannyberry', 'sugarberry', 'white baneberry', 'highbush cranberry', 'cranberry bean', 'cranberry tree', 'cranberry sauce', 'cranberry cocktail', 'cranberry juice cocktail', 'apple cider mix', 'apple pie filling', 'pie filling', 'cherry pie filling', 'quince paste', 'fig paste', 'date paste', 'date syrup', 'apple brandy butter', 'apple chip', 'banana chip', 'banana leaf', 'banana flower', 'banana blossom', 'plantain', 'banana bread',
  'carrot top', 'beet green', 'beet top', 'onion powder', 'onion soup mix', 'onion ring', 'pickled onion', 'crispy onion', 'onion salt', 'garlic powder', 'garlic granule', 'black garlic', 'wild garlic', 'garlic oil', 'spring onion', 'green onion', 'scallion', 'leek', 'fried onion', 'onion seed',
  'rhubarb leaf', 'rhubarb root', 'rose syrup', 'rosewater syrup', 'rose hip syrup', 'rose oil', 'rose geranium oil', 'violet', 'violet syrup', 'dandelion', 'dandelion head', 'dandelion flower', 'dandelion petal', 'dandelion root', 'clover blossom', 'lilac', 'lilac blossom', 'marigold', 'nasturtium', 'cornflower', 'honeysuckle blossom', 'jasmine', 'jasmine flower', 'chamomile', 'camomile', 'hibiscus tea', 'pansy', 'magnolia', 'wisteria', 'queen anne lace', 'fireweed', 'redbud', 'forsythia', 'acacia blossom', 'meadowsweet', 'gorse flower',
  'cocoa nib', 'cacao nib', 'cacao fruit', 'cocoa bean', 'coffee bean liqueur', 'coffee liqueur', 'coffee creamer', 'coffee syrup', 'hot chocolate mix', 'chocolate syrup', 'chocolate spread', 'chocolate milk', 'chocolate liqueur', 'hazelnut spread', 'vanilla ice cream', 'vanilla yogurt', 'vanilla syrup', 'vanilla pudding', 'vanilla custard', 'vanilla coffee creamer', 'vanilla wafer',
  'coconut oil', 'coconut water', 'coconut flour', 'coconut butter', 'coconut vinegar', 'coconut nectar', 'coconut aminos', 'coconut extract flavouring', 'coconut rum', 'coconut shrimp', 'coconut yogurt',
  'wine gum', 'wine cap', 'wine grape leaf', 'port salut', 'rum raisin', 'rum ball', 'brandy butter', 'brandy snap', 'brandy sauce', 'cider apple pomace', 'beer batter', 'root beer', 'vinegar powder', 'vinegar salad dressing', 'salad vinegar', 'cleaning vinegar', 'wood vinegar', 'pickle juice', 'pickle brine', 'brine', 'vinaigrette', 'black vinegar', 'cane vinegar', 'date vinegar', 'kombucha', 'shrub',
  'corn flour', 'corn meal', 'cornmeal', 'polenta', 'rice flour', 'almond flour', 'almond meal', 'potato flour', 'potato starch', 'oat flour', 'flour tortilla', 'self raising flour', 'starch syrup', 'clear jel', 'modified starch', 'xanthan gum', 'guar gum', 'gum arabic', 'tapioca pearl', 'sago', 'semolina', 'breadcrumb', 'bread', 'oat', 'oats', 'rice', 'pasta', 'quinoa', 'barley', 'flax seed', 'flaxseed', 'linseed', 'hemp seed', 'psyllium', 'granola', 'cracker', 'biscuit', 'graham cracker',
  'apple wood', 'cinnamon roll', 'cinnamon candy', 'red hot candy', 'cinnamon red hot', 'candy', 'jelly bean', 'gummy bear', 'marshmallow', 'caramel', 'toffee', 'fudge', 'sprinkle', 'jelly crystal', 'jelly powder', 'jello', 'flavoured gelatin', 'jam', 'jelly', 'marmalade', 'conserve', 'preserve', 'chutney', 'relish', 'curd', 'compote', 'coulis', 'ice', 'sorbet', 'smoothie', 'squash drink', 'soda', 'cola', 'lemon lime soda', 'fruit salad', 'fruit cocktail', 'fruit leather', 'fruit tea', 'tea bag', 'baby food',
] as const; // prettier-ignore

/** Vegetables, pulses, meat, cheese and the like, which have no row. */
const OTHER_FOODS = [
  'bean', 'green bean', 'runner bean', 'broad bean', 'lima bean', 'lima', 'kidney bean', 'black bean', 'pea', 'green pea', 'chickpea', 'lentil', 'corn', 'sweetcorn', 'sweet corn', 'cucumber', 'avocado', 'potato', 'potatoes', 'new potato', 'mushroom', 'celery', 'celeriac', 'parsnip', 'turnip', 'swede', 'rutabaga', 'radish', 'horseradish', 'cabbage', 'cauliflower', 'broccoli', 'brussels sprout', 'kale', 'chard', 'spinach', 'lettuce', 'rocket', 'arugula', 'endive', 'chicory', 'fennel', 'fennel bulb', 'artichoke', 'asparagus', 'aubergine', 'okra', 'yam', 'cassava', 'taro', 'jicama', 'kohlrabi', 'samphire', 'seaweed', 'bamboo shoot', 'olive', 'caper', 'gherkin', 'pickle', 'tofu', 'tempeh', 'bacon', 'ham', 'pork', 'beef', 'lamb', 'chicken', 'turkey', 'duck', 'sausage', 'suet', 'lard', 'dripping', 'gelatine sheet pack', 'fish', 'anchovy', 'shrimp', 'prawn', 'crab', 'stock', 'broth', 'bouillon', 'gravy', 'soy sauce', 'fish sauce', 'worcestershire sauce', 'mustard', 'mayonnaise', 'cheese', 'cheddar', 'goat cheese', 'ricotta', 'mascarpone', 'yoghurt', 'yogurt', 'buttermilk', 'kefir', 'ghee', 'shortening', 'chestnut', 'water chestnut flour', 'durian', 'jackfruit', 'rambutan', 'longan', 'mangosteen', 'soursop', 'cherimoya', 'sapote', 'sapodilla', 'tamarind', 'breadfruit', 'dragon fruit', 'dragonfruit', 'pitaya', 'loquat', 'jujube', 'ackee', 'santol', 'salak', 'langsat', 'acerola', 'jabuticaba', 'noni', 'olive oil spread', 'baking soda', 'baking powder', 'bicarbonate of soda', 'bicarbonate', 'yeast', 'lye', 'alum', 'pickle crisp', 'calcium chloride', 'sodium benzoate', 'potassium sorbate', 'campden tablet', 'vitamin c tablet', 'collagen', 'whey', 'protein powder', 'cannabis', 'cbd oil',
] as const; // prettier-ignore

export const LOOKALIKES: readonly string[] = [...OTHER_THINGS, ...OTHER_FOODS];

/**
 * Names that mean two things, with the question that tells them apart and the rows to choose from.
 */
export type DoubleName = {
  readonly names: readonly string[];
  readonly question: string;
  /** What to write instead. */
  readonly choices: readonly string[];
  /**
   * Id of the row that a kitchen with US measures means by it; without one, it is asked there too.
   */
  readonly inUsKitchens?: string;
};

export const DOUBLE_NAMES: readonly DoubleName[] = [
  {
    names: ['currant', 'currants'],
    question: 'Currants may be red, white or black berries, or small dried grapes. Which?',
    choices: ['redcurrants', 'blackcurrants', 'dried currants'],
  },
  {
    names: ['berry', 'mixed fruit', 'fruit', 'fruits', 'soft fruit', 'stone fruit', 'citrus', 'citrus fruit', 'tropical fruit', 'dried fruit', 'mixed dried fruit'],
    question: 'Which fruit? Their acid and pectin differ.',
    choices: [],
  },
  {
    names: ['pepper', 'peppers'],
    question: 'Pepper may be the ground spice, sweet peppers or hot ones. Which?',
    choices: ['sweet peppers', 'chillies', 'black pepper'],
  },
  {
    names: ['syrup', 'sweetener'],
    question: 'Which one? They set and keep differently.',
    choices: ['golden syrup', 'corn syrup', 'maple syrup'],
  },
  {
    names: ['cider'],
    question: 'Cider may be the fresh juice or the fermented drink. Which?',
    choices: ['fresh cider', 'hard cider'],
    inUsKitchens: 'cider',
  },
  { names: ['citrus pectin'], question: 'Citrus pectin may be high-methoxyl, which sets with sugar, or low-methoxyl, which sets with calcium. Which?', choices: ['HM pectin', 'LM pectin'] },
  { names: ['extra gelling sugar'], question: 'What ratio is on the pack?', choices: ['2:1 gelling sugar', '3:1 gelling sugar', '1:1 gelling sugar'] },
  { names: ['juice'], question: 'The juice of which fruit?', choices: [] },
  { names: ['spice', 'spices', 'herb', 'herbs'], question: 'Which one?', choices: [] },
  { names: ['extract', 'essence'], question: 'The extract of what?', choices: ['vanilla extract', 'almond extract'] },
  { names: ['tomato puree', 'tomato purée'], question: 'Tomato purée may be sieved tomatoes or the paste. Which?', choices: ['sieved tomatoes', 'tomato paste'] },
]; // prettier-ignore
