export const PROCESS = {
  'process.months_one': '{{count}} month',
  'process.months_other': '{{count}} months',
  'process.weeks_one': '{{count}} week',
  'process.weeks_other': '{{count}} weeks',
  'process.lowToHighWeeks': '{{low}}–{{high}} weeks',
  'process.unopenedInAPantry': '{{span}} in a cool dark place',
  'process.unopenedInAFridge': '{{span}} in the fridge, or a year in the freezer',
  'process.unopenedInAFreezer': '{{span}} in the freezer',
  'process.unopenedOpened':
    'Unopened: {{unopened}}. Opened: {{opened}} in the fridge. A jar that didn’t seal goes in the fridge, or is processed again within 24 hours with a new lid.',
  'process.youChoseTheFridge': 'You chose the fridge: the jars aren’t processed.',
  'process.youChoseTheFreezer': 'You chose the freezer: the jars aren’t processed.',
  'process.thisKitchenHasNoCanner':
    'This kitchen has no canner, and a jar that isn’t processed isn’t for the pantry. A deep pan with a rack will do: the jars stand off its bottom, covered by [2.5 to 5 cm|1 to 2 in] of boiling water. If you have one, say so in Kitchen.',
  'process.hasNoSafeHomeCanning':
    '{{capital}} has no safe home-canning process in a spread, at any acidity. Fridge or freezer only.',
  'process.isntUsedInAnySpread': '{{capital}} isn’t used in any spread for the pantry.',
  'process.toOfFruitAConserve':
    '{{capital}}: {{grams}} to {{grams2}} of fruit. A conserve may have at most a tenth, {{grams3}}.',
  'process.nutsAreFineForThe':
    '{{capital}}: nuts are fine for the pantry only in a conserve, up to a tenth of the fruit.',
  'process.isntReliablyAcidOfBottled':
    '{{capital}} isn’t reliably acid: {{grams}} of bottled lemon juice to {{grams2}}. It needs {{grams3}} ({{published}}).',
  'process.itHasNoTestedCanning':
    '{{capital}} {{part}}. It has no tested canning process here. Adding lemon juice or vinegar doesn’t change that.',
  'process.isntReliablyAcid': 'isn’t reliably acid',
  'process.isALowAcidFood2': 'is a low-acid food',
  'process.noKnownAcidFruitIs': 'There is no known acid fruit in it.',
  'process.acidFruitAndItsJuice':
    'Acid fruit and its juice make up {{share}} of everything but sugar, pectin and water. It needs at least half.',
  'process.ofWaterToOfAcid':
    '{{grams}} of water to {{grams2}} of acid fruit. Tested formulas have at most {{grams3}}.',
  'process.theLimitForIsOf':
    '{{capital}}: {{grams}}. The limit for {{name}} is {{share}} of the {{of}}, {{grams2}}.',
  'process.outsideMarmaladeTheLimitIs':
    '{{capital}}: {{grams}}. Outside marmalade the limit is {{share}} of the fruit, {{grams2}}.',
  'process.itsSweetenerFadesOrTurns':
    'Its sweetener fades or turns bitter in the canner. Of the substitutes only sucralose holds up.',
  'process.nothingInItIsSour': 'Nothing in it is sour, so its pH is unknown.',
  'process.itsCalculatedPhMayReach':
    'Its calculated pH may reach {{pH}}. Only food surely below 4.6 may be processed in boiling water.',
  'process.itsCalculatedPhMayReachThis':
    'Its calculated pH may reach {{pH}}. This kind must stay below {{limit}}.',
  'process.freshVariesInStrengthOnly':
    'Fresh {{replace}} varies in strength. Only curd made with bottled lemon or lime juice is for the pantry.',
  'process.onlyLemonOrLimeCurd':
    'Only lemon or lime curd with bottled juice has a tested process, and this contains {{name}}. Fridge up to four weeks, or freezer up to a year.',
  'process.curdForThePantryNeeds':
    'Curd for the pantry needs bottled lemon or lime juice. There is none in it.',
  'process.gOfPerGramOf':
    '{{ratio}} g of {{what}} per gram of bottled juice. The limit is {{ratio2}} (the tested curd has {{ratio3}}).',
  'process.noEggInItNo': 'No egg in it: no tested curd is without egg.',
  'process.gOfSugarPerGram':
    '{{ratio}} g of sugar per gram of bottled juice. It needs at least {{ratio2}} (the tested curd has {{ratio3}}).',
  'process.isntInAnyTestedCurd': '{{capital}} isn’t in any tested curd.',
  'process.ofBottledLemonJuiceOr':
    '{{grams}} of bottled lemon juice or 5 % vinegar to {{grams2}} of liquid. It needs at least a sixteenth, {{grams3}}.',
  'process.ofHerbsToOfBottled':
    '{{grams}} of herbs to {{grams2}} of bottled lemon juice or 5 % vinegar. The limit is {{mostHerbs}} times as much.',
  'process.withOfFruitOrJuice': 'With {{grams}} of fruit or juice it isn’t an infusion.',
  'process.aPepperJellyIsOfPeppers':
    'A pepper jelly is at least a third peppers: here {{grams}} of {{grams2}} of peppers, onion, garlic and herbs.',
  'process.inAnInfusionTheLimitIs':
    '{{capital}}: {{grams}}; in an infusion the limit is {{share}} of its bottled acid and vinegar, {{grams2}}.',
  'process.inAnInfusionIsntTested': '{{capital}} in an infusion isn’t tested.',
  'process.theLimitIsAsMuch':
    '{{capital}}: {{grams}}. The limit is as much as the acid, {{grams2}}.',
  'process.oneLineIsNotRecognized': 'One line is not recognized, so its safety is unknown.',
  'process.linesAreNotRecognizedSo':
    '{{unrecognizedLines}} lines are not recognized, so their safety is unknown.',
  'process.noProcessingTimeIsPublished':
    'No processing time is published for {{part}} in jars larger than a {{largestJarName}}.',
  'process.thisButter': 'this butter',
  'process.noProcessingTimeIsPublishedAbove':
    'No processing time is published above [3,048 m|10,000 ft].',
  'process.tooLittleSugarForPeppers':
    'There is too little sugar: {{grams}} to {{grams2}} of peppers and vinegar. Boiled down far enough to set, it loses its vinegar. It needs at least {{grams3}}.',
  'process.peppersAreLowAcidAnd':
    'Peppers are low-acid, and there is too little 5 % vinegar: {{grams}} to {{grams2}} of peppers, onion, garlic and herbs. It needs at least {{grams3}}.',
  'process.ofWaterDilutesOfVinegar':
    '{{grams}} of water dilutes {{grams2}} of vinegar. No more water than vinegar may go in.',
  'process.itEndsAtSolubleSolids':
    'It ends at {{round}} % soluble solids. A pepper jelly for the pantry needs at least {{leastSolublesPct}} %.',
  'process.theFinishedSpread': 'the finished spread',
  'process.theRawBatch': 'the raw batch',
  'process.aMeterReadPhIn':
    'A meter read pH {{pH}} in {{what}}. At most {{METERPH}} is safe with a margin.',
  'process.aMeterReadPhInLower':
    'A meter read pH {{pH}} in {{what}}, lower than these ingredients can be ({{floor}} at least). Calibrate it and read again.',
  'process.onlyWhenProcessedInThe':
    'Only when processed in the jars for the time printed in it, corrected for this altitude as it says.',
  'process.onlyWhenProcessedInTheJars':
    'Only when processed in the jars: {{minutes}} minutes {{part}}.',
  'process.atThisAltitude': 'at this altitude',
  'process.from': ', from {{source}}',
  'process.lemonOrLimeCurdWith':
    'Lemon or lime curd with bottled juice, in half-pints or smaller: a tested family. It keeps 3 to 4 months.',
  'process.haveTheCannersWaterAt':
    '{{processed}} Have the canner’s water at [82 °C|180 °F] when the jars go in.',
  'process.pepperJellyWithEnough5':
    'Pepper jelly with enough 5 % vinegar: a tested family. Never reduce the vinegar.',
  'process.anInfusionWithEnoughBottled':
    'An infusion with enough bottled lemon juice or 5 % vinegar: a tested family. Never reduce the acid.',
  'process.withNothingInThePot':
    '{{capital}}{{part}}, with nothing in the pot that makes it less acid.',
  'process.highAcidFruit': ': high-acid fruit',
  'process.leaveOut': 'leave out the {{names}}',
  'process.inPlaceOfTheFresh': '{{grams}} {{name}} in place of the fresh',
  'process.moreOf': '{{grams}} more {{name}}',
  'process.oneAndAnother': '{{one}}, and {{other}}',
  'process.withEnoughAcid': ' with enough acid ({{published}})',
  'process.beyondTheTable': '{{names}}: no tested spread of this kind has so much of it.',
  'process.confirmFirst': 'Is “{{written}}” {{ingredient}}? Confirm it under its line first.',
  'process.asPrintedIn':
    'As printed in “{{testedFormula}}”{{part}}. You say that you follow it exactly; we can’t check it.',
  'process.onlyWhenProcessedForTheLonger':
    'Only when processed in the jars: {{minutes}} minutes, the longer of its printed time and our table.',
  'process.ourLimitsSay': 'Our own limits would keep it in the fridge:',
} as const;
