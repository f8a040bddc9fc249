export const PLAN = {
  'plan.processForTheTimePrinted':
    'Process for the time printed in the formula, corrected for this altitude as it says. Fill the jars it names.',
  'plan.countFromTheFullRolling':
    'Count from the full rolling boil, or from the steam gauge’s mark.',
  'plan.notForThePantryFill':
    'Not for the pantry: fill clean hot jars, cool quickly, and keep them in the fridge.',
  'plan.forTheFreezerFill':
    'For the freezer: fill clean straight-sided jars, cool them first, and freeze them with room to swell.',
  'plan.boilTheEmptyJarsMinutes':
    'Boil the empty jars {{steriliseMinutes}} minutes first, and keep them hot.',
  'plan.cleanHotJarsAreFine':
    'Clean, hot jars are fine: ten minutes or more in the canner makes them safe.',
  'plan.countFromWhenTheSteam':
    'Count from when the steam gauge reaches the mark for your altitude. Never let it fall below.',
  'plan.countFromTheFullRollingBoil':
    'Count from the full rolling boil, jars covered by [2.5 to 5 cm|1 to 2 in] of water.',
  'plan.haveTheCannersWaterAt':
    'Have the canner’s water at [82 °C|180 °F] when the jars go in, not boiling.',
  'plan.forJarsUpToA': 'For jars up to a {{largestJarName}} only.',
  'plan.jars': '{{does}}: {{jarsWords}} jars.',
  'plan.becomesMinutes': '{{does}}: {{minutesIn}} becomes {{minutesIn2}} minutes.',
  'plan.weighTheIngredientsInsteadOf': 'Weigh the ingredients instead of using cups and pieces',
  'plan.checkTheThermometerInBoiling': 'Check the thermometer in boiling water',
  'plan.enterYourBurnersPowerFrom': 'Enter your burner’s power, from earlier batches',
  'plan.becomes': '{{whole}} becomes {{whole2}}',
  'plan.becomes2': '{{tenths}} becomes {{tenths2}}',
  'plan.aFormulaMayHaveAt':
    'A formula may have at most {{MOSTLINES}} lines; this one has {{count}}.',
  'plan.noAltitudeIsSetSo': 'No altitude is set, so sea level is assumed',
  'plan.atTheStandardAirPressure': 'At {{altitude}} the standard air pressure is {{value}} kPa',
  'plan.youMeasuredYourBoilingWater':
    'You measured your boiling water, which covers place, weather and thermometer',
  'plan.plainWaterBoilsAtC':
    '{{place}}: plain water boils at [{{value}} °C|{{value2}} °F] (IAPWS-IF97).',
  'plan.eggThickensAt77C':
    'Egg thickens at [77 °C|170 °F] and curdles above [82 °C|180 °F], at any altitude; common practice.',
  'plan.theRuleAddsFF': 'The rule adds [{{riseC}} °C|{{riseF}} °F]: [{{tempC}} °C|{{tempF}} °F].',
  'plan.thisRecipesOwnSyrupAt':
    'This recipe’s own syrup, at {{value}} % soluble solids of the whole pot ({{value2}} °Brix between the pieces), boils [{{aboveC}} °C|{{aboveF}} °F] above that (water activity after Norrish{{part}}).',
  'plan.ofTheSugarInvertedBy': ', {{invertPct}} % of the sugar inverted by then',
  'plan.withTheClockDecidesMin':
    'With {{name}} the clock decides: {{boilMin}} min from the full rolling boil. {{water}} {{own}}',
  'plan.itIsDoneWhenIt': 'It is done when it mounds. {{water}} {{own}}',
  'plan.thereThisRecipeWouldHave': ' There, this recipe would have {{atRule}} % soluble solids.',
  'plan.theRangeComesFromSimulated':
    ' The range comes from {{value}} simulated batches. Fruit, cups, jars, setting point and losses vary as they do in kitchens.',
  'plan.goesInOfItDissolves':
    '{{kg}} goes in; {{kg2}} of it dissolves and can’t leave. At {{value}} % soluble solids that makes {{kg3}}, so {{steam}} leaves as steam. Filled at [{{fillingC}} °C|{{fillingF}} °F], less skimming and cling.{{imagined}}',
  'plan.onAKwIntoThe':
    'On a {{name}}, {{value}} kW into the pot: {{value2}}, while {{steam}} leaves as steam at about 2,260 kJ a kilogram. {{part}}',
  'plan.min': '{{name}} {{value}} min',
  'plan.aBurnerNobodyHasMeasured': 'A burner nobody has measured may differ by a third.',
  'plan.yourBurnerIsKnownDrafts': 'Your burner is known; drafts and the pot still make a tenth.',
  'plan.gramsOfPreparedFruitAnd':
    'Grams of prepared fruit, and of all sugars left (the fruit’s own included), per 100 g of the {{kg}} in the pot.',
  'plan.aLevelUsTablespoonAt':
    'A level US tablespoon at 20 °C, by the energy factors of food labels (Regulation (EU) 1169/2011): 17 kJ per gram of sugars and protein, 13 of acids, 8 of fiber, 37 of fat.',
  'plan.pectinOverThePectinNeeded':
    'Pectin over the pectin needed. A standard gel of 65 % solids has {{value}} % of 150-grade pectin (USA-SAG). A soft set in a jar needs {{round}} % less, a firm one more. The need rises with fewer solids and away from pH 3.1. Judgment, fitted to how tested formulas set. Acidity is a charge balance of every ingredient’s acids; boiling leaves {{value2}} % of the pectin’s strength.',
  'plan.lowMethoxylPectinOverThe':
    'Low-methoxyl pectin over the {{value}} % it needs, less where calcium, solids or pH are outside makers’ usual ranges; judgment.',
  'plan.gellingSugarForTheFruit':
    'Fruit in the pot over the fruit that the gelling sugar is made for, less where it is thinned, boiled too long or not sour enough; judgment.',
  'plan.solubleSolidsPlusTheThickening':
    'Soluble solids, plus the thickening of pulp and pectin, over {{value}} %: where butters mound on a spoon; judgment, checked against printed yields.',
  'plan.eggSolidsOverAsIn':
    'Egg solids over {{value}} %, as in a curd of about four eggs and seven yolks per cup of juice; judgment.',
  'plan.noProcessingTimeAppliesBecause':
    'No processing time applies, because this batch isn’t for the pantry.',
  'plan.jarsBoiledFirst': 'jars boiled first',
  'plan.cleanHotJarsNeverUnder': 'clean hot jars, never under ten minutes',
  'plan.atFromMemoryOfThe': '{{part}}, {{jars}}, at {{altitude}}: from memory of the {{source}}.',
  'plan.curdInHalfPintsOr': 'Curd in half-pints or smaller',
  'plan.softSpreadsInJarsThis': 'Soft spreads in jars this size',
  'plan.stageMinutes': '{{stages}}',
  'plan.peppersPer100G': 'peppers per 100 g',
  'plan.fruitPer100G': 'fruit per 100 g',
  'plan.pectinOverThePectinNeeded2': 'pectin over the pectin needed',
  'plan.pectinAndCalciumOverWhat': 'pectin and calcium over what is needed',
  'plan.gellingSugarOverWhatIsNeeded': 'gelling sugar over what is needed',
  'plan.bodyOverWhereItMounds': 'body over {{value}}, where it mounds',
  'plan.juicePer100G': 'juice per 100 g',
  'plan.eggSolidsOver': 'egg solids over {{value}} %',
  'plan.learnedPower_one':
    'Your burner gives about {{kw}} kW at the boil, which boils off [{{kgAnHour}} kg|{{lbAnHour}} lb] of water an hour: learned from one batch.',
  'plan.learnedPower_other':
    'Your burner gives about {{kw}} kW at the boil, which boils off [{{kgAnHour}} kg|{{lbAnHour}} lb] of water an hour: learned from {{count}} batches.',
  'plan.learnedPot_one':
    'This pot takes up about {{kw}} kW on this burner, which boils off [{{kgAnHour}} kg|{{lbAnHour}} lb] of water an hour: learned from one batch.',
  'plan.learnedPot_other':
    'This pot takes up about {{kw}} kW on this burner, which boils off [{{kgAnHour}} kg|{{lbAnHour}} lb] of water an hour: learned from {{count}} batches.',
  'plan.learnedSofter_one':
    'Your batches by this method set {{pct}} % softer than the sums say: learned from one batch.',
  'plan.learnedSofter_other':
    'Your batches by this method set {{pct}} % softer than the sums say: learned from {{count}} batches.',
  'plan.learnedFirmer_one':
    'Your batches by this method set {{pct}} % firmer than the sums say: learned from one batch.',
  'plan.learnedFirmer_other':
    'Your batches by this method set {{pct}} % firmer than the sums say: learned from {{count}} batches.',
  'plan.learnedLightCup_one':
    'Your cup of fruit weighs {{pct}} % less than the table says: learned from one batch. Weigh the fruit and you need not guess.',
  'plan.learnedLightCup_other':
    'Your cup of fruit weighs {{pct}} % less than the table says: learned from {{count}} batches. Weigh the fruit and you need not guess.',
  'plan.learnedFullCup_one':
    'Your cup of fruit weighs {{pct}} % more than the table says: learned from one batch. Weigh the fruit and you need not guess.',
  'plan.learnedFullCup_other':
    'Your cup of fruit weighs {{pct}} % more than the table says: learned from {{count}} batches. Weigh the fruit and you need not guess.',
  'plan.learnedTart_one':
    'Your {{fruit}} holds {{pct}} % less soluble solids than the table says: learned from one batch.',
  'plan.learnedTart_other':
    'Your {{fruit}} holds {{pct}} % less soluble solids than the table says: learned from {{count}} batches.',
  'plan.learnedSweet_one':
    'Your {{fruit}} holds {{pct}} % more soluble solids than the table says: learned from one batch.',
  'plan.learnedSweet_other':
    'Your {{fruit}} holds {{pct}} % more soluble solids than the table says: learned from {{count}} batches.',
  'plan.learnedReadsLow_one':
    'Your thermometer reads [{{c}} °C|{{f}} °F] low: learned from one batch. Boiling water would tell for sure.',
  'plan.learnedReadsLow_other':
    'Your thermometer reads [{{c}} °C|{{f}} °F] low: learned from {{count}} batches. Boiling water would tell for sure.',
  'plan.learnedReadsHigh_one':
    'Your thermometer reads [{{c}} °C|{{f}} °F] high: learned from one batch. Boiling water would tell for sure.',
  'plan.learnedReadsHigh_other':
    'Your thermometer reads [{{c}} °C|{{f}} °F] high: learned from {{count}} batches. Boiling water would tell for sure.',
  'plan.learnedFewerJars_one':
    'Your jars hold {{pct}} % less than the sums say: learned from one batch.',
  'plan.learnedFewerJars_other':
    'Your jars hold {{pct}} % less than the sums say: learned from {{count}} batches.',
  'plan.learnedMoreJars_one':
    'Your jars hold {{pct}} % more than the sums say: learned from one batch.',
  'plan.learnedMoreJars_other':
    'Your jars hold {{pct}} % more than the sums say: learned from {{count}} batches.',
  'plan.learnedQuicker_one':
    'Your cooks take {{pct}} % less time than the sums say: learned from one batch.',
  'plan.learnedQuicker_other':
    'Your cooks take {{pct}} % less time than the sums say: learned from {{count}} batches.',
  'plan.learnedSlower_one':
    'Your cooks take {{pct}} % more time than the sums say: learned from one batch.',
  'plan.learnedSlower_other':
    'Your cooks take {{pct}} % more time than the sums say: learned from {{count}} batches.',
  'plan.solubleSolids': 'soluble solids',
} as const;
