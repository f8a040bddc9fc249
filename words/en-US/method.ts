export const METHOD = {
  'method.dissolveTheSugarOverLow':
    'Dissolve the sugar over low heat, then boil hard to the setting point. It sets on the fruit’s own pectin.',
  'method.powderIntoTheColdFruit':
    'Powder into the cold fruit, full boil, all the sugar at once, full boil for one minute. With less sugar it doesn’t set.',
  'method.fruitAndAllTheSugar':
    'Fruit and all the sugar to a full boil, pectin in, full boil for one minute. With less sugar it doesn’t set.',
  'method.calciumWaterInTheFruit':
    'Calcium water in the fruit, pectin mixed into the sugar, in at the boil, stir one to two minutes back to the boil. Any amount of sugar works.',
  'method.cookToASaucePur':
    'Cook to a sauce, purée, and cook down until it mounds on a spoon. Sugar to taste near the end.',
  'method.fruitAndGellingSugarIn':
    'Fruit and all the gelling sugar into the cold pot, full boil, then the minutes on its pack, about four. A plate test says whether it sets. No longer: its pectin is soon lost.',
  'method.whiskOverGentleHeatTo':
    'Whisk over gentle heat to [77 °C|170 °F]. Never boil it: above [82 °C|180 °F] the egg curdles.',
  'method.chosen': 'Chosen: {{reason}}',
  'method.aCurdThickensOnIts': 'a curd thickens on its egg.',
  'method.aIsCookedDownUntil': 'a {{name}} is cooked down until it mounds.',
  'method.thePectinInItSets': 'the pectin in it sets with calcium.',
  'method.thereIsLiquidPectinIn': 'there is liquid pectin in it.',
  'method.thereIsPowderedPectinIn': 'there is powdered pectin in it.',
  'method.thePectinComesWithThe': 'the pectin comes with the sugar.',
  'method.andSugarWithoutAddedPectin':
    '{{base}} and sugar without added pectin set by a long boil.',
  'method.aIsNotMadeBy': 'A {{name}} is not made by {{name2}}: method must be one of {{methods}}.',
} as const;
