export const SOLVE = {
  'solve.thereIsOnlyWhatWasMeasured':
    'That takes {{times}} times what you measured of the first step. Make more of it first, or ask for less.',
  'solve.gellingSugarIsAsFirm': 'Gelling sugar is as firm as its pack makes it.',
  'solve.aCurdIsAsFirm': 'A curd is as firm as its eggs make it.',
  'solve.withNothingAddedAlreadyGives':
    'With nothing added, {{name}} already gives “{{found}}”, stiffer than “{{firmness}}”.',
  'solve.withItGetsNoFurther': 'With {{name}} it gets no further than “{{found}}”: {{part}}.',
  'solve.thereIsTooLittleSugar': 'there is too little sugar or acid for pectin to set',
  'solve.moreDoesntHelp': 'more doesn’t help',
  'solve.fixTheHighlightedLinesFirst': 'Fix the highlighted lines first.',
  'solve.enterHowMuchFruitThere': 'Enter how much fruit there is, like “3 kg quinces”.',
  'solve.aCantBeSuggestedFrom': 'A {{name}} can’t be suggested from its fruit alone.',
  'solve.noFormulaWasFoundFor': 'No formula was found for these amounts.',
  'solve.withThisFruitComesTo':
    'With {{name}} this fruit comes to {{found}} g of sugars per 100 g, not {{wanted}}.',
  'solve.theRecipeHasNoFruit': 'The recipe has no fruit to change.',
  'solve.theRecipeHasNoSugar': 'The recipe has no sugar to change.',
  'solve.thatFruitAtThatSweetness': 'That fruit at that sweetness takes {{grams}} of sugar.',
  'solve.thoseJarsHoldButThe':
    'Those {{count}} jars hold {{volume}}, but the other targets make {{volume2}}.',
  'solve.noPotIsChosenSo': 'No pot is chosen, so its size is unknown.',
  'solve.thatIsBeforeBoilingAnd':
    'That is {{volume}} before boiling, and this pot takes {{volume2}} at a third full.',
} as const;
