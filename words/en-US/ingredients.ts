/** What rows of the table of ingredients warn of or explain. */
export const INGREDIENTS = {
  'ingredients.notAcid': 'A low-acid food.',
  'ingredients.notReliablyAcid': 'Not reliably acid: it can test above pH 4.6.',
  'ingredients.damson': 'Figures are for pitted fruit. Weigh it after pitting.',
  'ingredients.elderberry':
    'Not reliably acid: it can test above pH 4.6. Cook them: raw ones and their stalks upset the stomach.',
  'ingredients.melon': 'Melon is a low-acid fruit, near pH 6.',
  'ingredients.nectarine': 'For yellow nectarines only: white-fleshed ones can be above pH 4.6.',
  'ingredients.sevilleOrange': 'Figures are for the whole fruit, peel and all.',
  'ingredients.peach': 'For yellow peaches only: white-fleshed ones can be above pH 4.6.',
  'ingredients.pumpkin': 'No safe way of home canning pumpkin or squash butter exists.',
  'ingredients.mixedBerries':
    'Counts as strawberries, raspberries, blackberries and blueberries. Elderberries and mulberries are not included.',
  'ingredients.courgette': 'No safe way of home canning squash butter exists.',
  'ingredients.driedCranberry': 'Usually sold sweetened, so its sugar is counted.',
  'ingredients.kernels': 'leave the stones out: their kernels are bitter, and hold cyanide.',
  'ingredients.yellowFleshed':
    'for yellow-fleshed ones only: white-fleshed ones can be above pH 4.6.',
  'ingredients.noSquashButter': 'no safe way of home canning pumpkin or squash butter exists.',
  'ingredients.chokecherryCaution':
    'use the juice or pulp alone: stones and leaves are poisonous. Do not crush the stones.',
  'ingredients.elderberryCaution':
    'cook them: raw ones, green ones and their stalks upset the stomach. Take every stalk off.',
  'ingredients.rowanCaution': 'cook them: raw ones upset the stomach.',
  'ingredients.roseHipCaution': 'sieve the hairs out: they irritate the throat.',
  'ingredients.rhubarbCaution': 'the stalks only: the leaves are poisonous.',
  'ingredients.tomatoCaution':
    'ripe and sound fruit only: those from dead or frosted vines are less acid.',
  'ingredients.dairy': 'Dairy in a spread isn’t safe in the pantry.',
  'ingredients.eggs': 'Eggs in a jam aren’t safe in the pantry.',
  'ingredients.starch':
    'Flour and starch thickeners keep heat from reaching the middle of the jar.',
  'ingredients.garlic': 'Garlic is low-acid, and no tested jam with it is known here.',
  'ingredients.otherSugar': 'It sets and keeps differently from sugar.',
  'ingredients.jamSugar': 'Sugar with pectin and citric acid in it. How much differs by maker.',
  'ingredients.sucraloseSweetener':
    'It sweetens, and holds up in the canner, but neither sets nor preserves.',
  'ingredients.fadingSweetener':
    'It fades or turns bitter when boiled. Stir it in after cooking, and keep the jars in the fridge.',
  'ingredients.icingSugar': 'Holds some starch, which clouds a jelly.',
  'ingredients.gellingSugar21':
    'Made for twice its weight of fruit, with a preservative. How much pectin differs by maker.',
  'ingredients.gellingSugar31':
    'Made for three times its weight of fruit, with a preservative. How much pectin differs by maker.',
  'ingredients.cordial': 'Sugared. Makers differ.',
  'ingredients.polyol':
    'It sweetens, but does not set a regular pectin, and may crystallize in the jar.',
  'ingredients.lemonJuiceBottled':
    'Bottled juice has a standard strength. Use it where the acid is there for safety.',
  'ingredients.lemonJuice':
    'Fresh lemons vary in strength. Use bottled juice where the acid is there for safety.',
  'ingredients.limeJuice':
    'Fresh limes vary in strength. Use bottled juice where the acid is there for safety.',
  'ingredients.vinegar': '5 % acidity.',
  'ingredients.balsamicVinegar':
    'About 6 % acidity. Bottles differ, so no tested formula counts it as 5 % vinegar.',
  'ingredients.maltVinegar': 'Usually 5 % acidity. Read the bottle.',
  'ingredients.riceVinegar': 'About 4.2 % acidity: too weak to stand for 5 % vinegar.',
  'ingredients.fruitVinegar': 'Its strength differs, so it does not stand for 5 % vinegar.',
  'ingredients.unknownVinegar': 'Its strength is not known, so it does not stand for 5 % vinegar.',
  'ingredients.ascorbicAcid':
    'Keeps fruit from browning. A weak acid (pKa 4.1), counted as the acetic acid it equals.',
  'ingredients.creamOfTartar': 'Half-neutralised tartaric acid: it sours less than an acid does.',
  'ingredients.cider': 'The juice as pressed, not fermented.',
  'ingredients.fruitNectar': 'Thinned and sugared fruit pulp.',
  'ingredients.verjuice': 'Its strength differs, so it stands for no measured acid.',
  'ingredients.lowSugarPectin': 'Brings its own calcium. Makers differ.',
  'ingredients.lowMethoxylPectin': 'Needs calcium water.',
  'ingredients.citrusPeel': 'With its white pith, where the pectin is.',
  'ingredients.butter': 'A small knob settles the foam. More than that is dairy.',
  'ingredients.homemadePectin': 'Keeps some weeks in the fridge. Shake it first.',
  'ingredients.gelatin': 'No tested pantry spread is set with gelatin. Keep it in the fridge.',
  'ingredients.agar': 'No tested pantry spread is set with agar. Keep it in the fridge.',
  'ingredients.chia':
    'Chia seeds thicken as starch does, and no tested pantry spread holds them. Keep it in the fridge.',
  'ingredients.nutsAndOil':
    'Nuts, chocolate, coconut and oil in a spread aren’t safe in the pantry.',
  'ingredients.highMethoxylPectin':
    'Pure pectin for sweets and jams: about three times as strong as a box.',
  'ingredients.juiceConcentrate':
    'As it comes, not thinned. Its strength differs: read its sugars on the pack.',
} as const;
