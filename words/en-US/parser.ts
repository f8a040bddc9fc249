export const PARSER = {
  'parser.greenCountsAsUnripe': '“Green” counts as unripe.',
  'parser.noRatioCountsAsOneToOne':
    'No ratio given: counts as 1:1. If the pack says 2:1 or 3:1, add that.',
  'parser.curdTakesJuiceAndZest': 'In a curd, whole citrus means its juice and zest.',
  'parser.theSecondAmountIsIn': 'The second amount is in another measure. Write a line for each.',
  'parser.preparedHowWriteCrushedChopped':
    'Prepared how? Write “crushed”, “chopped” or “sliced” after the amount.',
  'parser.thereAreTwoDifferentAmounts': 'There are two different amounts. Which one is meant?',
  'parser.canBeReadTwoWays':
    '“{{value}}” can be read two ways. Write the number without a space, or “2 x 400 g”.',
  'parser.tMayBeATeaspoon': '“t” may be a teaspoon or a tonne. Write tsp or kg.',
  'parser.aPercentageIsNotAn': 'A percentage is not an amount. Start with one, like “2 kg”.',
  'parser.mayBeOrWriteIt':
    '“{{text}}” may be {{replace}} or {{Number}}. Write it without the dot, or in kg.',
  'parser.isNotAnAmountGive':
    '“{{value}}” is not an amount. Give a number, like “2 kg” or “3 cups”.',
  'parser.howManyAndHowMuch':
    'How many {{value}}, and how much in each? Write it as “2 (400 g) {{value}}”.',
  'parser.ml': '{{name}} {{unit}}, {{round}} mL.',
  'parser.doesntMatchTheAmountBefore':
    '“{{value}}” doesn’t match the amount before it. Which one is meant?',
  'parser.thereAreTwoAmountsSide': 'There are two amounts side by side. Which one is meant?',
  'parser.notRecognizedSoThisLine': '{{quoted}} {{part}} not recognized, so this line isn’t used.',
  'parser.twoThingsAreNamedWith': 'Two things are named with “or”. Which one goes in?',
  'parser.countsAsAKindOf': '“{{variety}}” counts as a kind of {{name}}.',
  'parser.isInThisKitchen': '“{{taught}}” is {{name}} in this kitchen.',
  'parser.countsAs04G': 'Counts as 0.4 g a centimeter.',
  'parser.countsAs5GA': 'Counts as 5 g a centimeter.',
  'parser.aLengthSaysLittleAbout': 'A length says little about {{name}}. Give a weight.',
  'parser.theWeightOnTheTin':
    'The weight on the tin includes the juice; drained, it may be {{percent}} of that. Weigh it.',
  'parser.weighedBeforePreparingAboutOf':
    'Weighed before preparing: about {{percent}} of it is left.',
  'parser.thereIsNoCupWeight':
    'There is no cup weight for {{form}} {{name}}. Give its weight instead.',
  'parser.countsAsGACup': 'Counts as {{form}}; {{round}} g a cup.',
  'parser.measuredAsGACup': 'Measured as {{form}}; {{round}} g a cup.',
  'parser.theWeightOfOneIsnt': 'The weight of one {{name}} isn’t known. Give a weight or a volume.',
  'parser.noUnitFoundGiveA': 'No unit found. Give a weight or a volume, after preparing the fruit.',
  'parser.ofItLeftAfterPreparing': ', {{percent}} of it left after preparing',
  'parser.countsAsGEach': 'Counts as {{part}} g each{{left}}.',
  'parser.howMuchIsInOne': 'How much is in one {{size}} {{name}}? Give a weight.',
  'parser.oneCountsAsG': 'One {{name}} counts as {{packG}} g{{part}}.',
  'parser.checkYours': '; check yours',
  'parser.howMuchIsInOneWrite':
    'How much is in one {{name}}? Write it as “1 (400 g) {{name}} {{value}}”.',
  'parser.theWeightOfABushel': 'The weight of a bushel of {{name}} isn’t known. Give a weight.',
  'parser.countsAsKgABushel':
    'Counts as {{round}} kg a bushel as bought, {{percent}} of it left after preparing.',
  'parser.aOfCanBeAny': 'A {{name}} of {{name2}} can be any amount. Give a weight or a volume.',
  'parser.aHandfulCountsAs15': 'A handful counts as 15 g.',
  'parser.aKnobCountsAs10': 'A knob counts as 10 g.',
  'parser.aThumbCountsAs15': 'A thumb counts as 15 g.',
  'parser.aCountsAsMl': 'A {{name}} counts as {{typical}} mL.',
  'parser.howMuchItGivesVaries':
    'How much {{named}} it gives varies. Measure the {{named}} and enter that.',
  'parser.countsAsOfItsWeight': 'Counts as {{percent}} of its weight.',
  'parser.countOrWeighTheOr': 'Count or weigh the {{name}}, or measure the {{named}}.',
  'parser.thisLineIsEmpty': 'This line is empty.',
  'parser.noAmountFoundStartWith': 'No amount found. Start with one, like “2 kg” or “3 cups”.',
  'parser.countsAsAGramToo': 'Counts as a gram: too little to change the figures.',
  'parser.countsAsJuiceSimmeredFrom':
    'Counts as juice simmered from {{name}}s and dripped through a cloth. For the drink, which has hardly any pectin, write “bottled” before it.',
  'parser.giveANameOfAt': 'Give a name of at least three letters.',
  'parser.isAlready': '“{{name}}” is already {{name2}}.',
  'parser.isTheNameOfSomething': '“{{name}}” is the name of something else.',
  'parser.writeItInOneAlphabet': 'Write “{{name}}” in Latin letters alone.',
  'parser.holdsAnotherFood':
    '“{{name}}” holds {{other}}, which is another kind of food. Give a name without it.',
  'parser.containsTheNameOfSomething': '“{{name}}” contains the name of something else.',
  'parser.isntAKnownIngredientAnd':
    '“{{written}}” isn’t a known ingredient, and must not be taken for another.',
  'parser.isItOr': 'Is it {{name}} or {{value}}?',
  'parser.isntAKnownIngredientAndMust':
    '“{{word}} {{key}}” isn’t a known ingredient, and must not be taken for {{key}}.',
  'parser.isIt': 'Is it {{value}}?',
  'parser.andAreTwoThingsWrite':
    '“{{written}}” and “{{written2}}” are two things. Write a line for each.',
  'parser.ofWhichFruitNameIt': 'Of which fruit? Name it.',
  'parser.whichIngredientNameItAfter': 'Which ingredient? Name it after the amount.',
  'parser.isntAKnownIngredientYet': '“{{written}}” isn’t a known ingredient yet.',
  'parser.thereAreTwoAmountsOf': 'There are two amounts of two things. Write a line for each.',
  'parser.countsAsGOfFrom': 'Counts as {{round}} g of {{name}} from each.',
  'parser.countsAsGOfJuice': 'Counts as {{typical}} g of juice from each.',
  'parser.countsAsGOfJuiceAnd':
    'Counts as {{typical}} g of juice and {{round}} g of {{name}} from each.',
  'parser.countsAsGEach2': 'Counts as {{typical}} g each.',
  'parser.countsAsGOfPulp': 'Counts as {{round}} g of pulp from each.',
  'parser.aLineMayHaveAt':
    'A line may have at most {{MOSTLINECHARS}} characters; this one has {{count}}.',
  'parser.thereIsALineBreak': 'There is a line break in it. Write a line for each thing.',
  'parser.thatIsTooLongFor': 'That is too long for one line. Write a line for each thing.',
  'parser.theAmountMustBeA': 'The amount must be a number.',
  'parser.theAmountMustBeMore': 'The amount must be more than zero.',
  'parser.countsAs': '“{{text}}” counts as {{word}}.',
  'parser.ofTheFirstIsUsed': 'Of “{{said}}” the first is used.',
  'parser.isntAKnownIngredientYet2': '“{{name}}” isn’t a known ingredient yet.',
  'parser.isntAKnownUnitUse':
    '“{{text}}” isn’t a known unit. Use g, kg, oz, lb, mL, L, tsp, tbsp, cup, pint, quart or gallon.',
  'parser.vinegarOfIsntThe5': 'Vinegar of {{value}} % isn’t the 5 % vinegar that formulas mean.',
  'parser.thatIsKgOneLine': 'That is {{value}} kg. One line may have at most {{value2}} kg.',
  'parser.mayBeOneNumber':
    '“{{value}}” may be one number or two. Write it without the space, or leave the first away.',
  'parser.eachOrInAll': 'Is that the weight of each, or of all of them? Write “each” or “in all”.',
  'parser.onlyCitrusPeel':
    'Peel of {{name}} isn’t known here, only that of citrus fruit. Leave it out, or enter the whole fruit.',
  'parser.countsAsBrewed': 'Counts as brewed.',
  'parser.leftAside': '“{{aside}}” is left aside.',
  'parser.soManyTimes': 'Counts {{times}} times over: {{said}}.',
  'parser.measureWhatItGoesBy':
    '“{{said}}”: how much of that there is isn’t known yet. Measure it, and write it in a line like “4 cups apple juice”.',
} as const;
