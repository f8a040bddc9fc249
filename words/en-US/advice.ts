export const ADVICE = {
  'advice.itWouldNeedSoMuch':
    'It would need so much more sugar, or so much less fruit, that it becomes another recipe.',
  'advice.nothingYouCouldStirIn': 'Nothing you could stir in fixes it.',
  'advice.useLowSugarPectinInstead':
    'Use low-sugar pectin instead: it sets on calcium and needs little acid or sugar. Or cook it with as much sour, pectin-rich fruit, such as gooseberries or currants.',
  'advice.keepItAsASauce': 'Keep it as a sauce or syrup instead.',
  'advice.keepThatInTheFridge':
    ' Keep that in the fridge or freezer: none of this makes the fruit safe for the pantry.',
  'advice.nothingSensibleFixesIt': 'Nothing sensible fixes it. {{takes}} {{instead}}{{shelf}}',
  'advice.atPhNoAmountOf': 'At pH {{pH}} no amount of lemon juice brings it to where pectin sets.',
  'advice.atPhItNeedsAbout':
    'At pH {{pH}} it needs about {{grams}} of lemon juice for every {{grams2}} in the pot, and that is no longer this spread.',
  'advice.thereIsNothingInIt': 'There is nothing in it that could set.',
  'advice.itNeedsAboutMorePure': 'It needs about {{grams}} more pure pectin than it has.',
  'advice.isntCounted': '“{{text}}” isn’t counted. {{value}}',
  'advice.thisFillsOfThePot':
    'This fills {{round}} % of the pot, and a rolling sugar boil climbs three to four times as high. Use a larger pot or cook {{pots}} smaller batches.',
  'advice.thisIsOfWhatIt':
    'This is {{round}} % of what it holds. Fill it three quarters at most, and cook less at a time.',
  'advice.nearTheEndItScorches':
    'Near the end it scorches in under a minute: stir without stopping.',
  'advice.notFilledNoTimeIs': 'Not filled: no time is published for jars this large: {{left}}.',
  'advice.setYourAltitudeInKitchen':
    'Set your altitude in Kitchen: until then this is for sea level. It changes the setting point and the canner time.',
  'advice.above10000FtThere':
    'Above [3,048 m|10,000 ft] there is no tested processing time. Keep jars in the fridge.',
  'advice.doesntNameATestedFormula':
    '“{{testedFormula}}” doesn’t name a tested formula. Enter the printed name, at least two words, and its source.',
  'advice.whereIsThatFormulaPrinted':
    'Where is that formula printed? Name the leaflet, book or office.',
  'advice.whichJarsDoesThatFormulaPrint':
    'Which jars does that formula print? Choose the largest under Measurements: a larger one wants another time.',
  'advice.yourJarsAreLarger':
    'Your jars are larger than those that formula prints. Its time doesn’t hold for them.',
  'advice.howManyMinutesDoesThat':
    'How many minutes does that formula give? Until you enter it, process for the printed time.',
  'advice.hotCurdBurnsKeepChildren':
    'Hot curd burns: keep children and pets away, and don’t leave the pan.',
  'advice.boilingSugarBurnsDeeplyKeep':
    'Boiling sugar burns deeply: keep children and pets away, and don’t leave the pot.',
  'advice.aSealDoesntProveA':
    'A seal doesn’t prove a jar is safe. Refrigerate jars that haven’t sealed after 24 hours.',
  'advice.hotFillingAloneTurningJars':
    'Hot filling alone, turning jars over, the oven and wax are not safe for the pantry. Keep such jars in the fridge.',
  'advice.timesAndVerdictsFollowPublished':
    'Times and verdicts follow published guidance from memory. Follow your local extension service or food authority first.',
  'advice.thereIsTooLittleWater':
    'There is too little water to dissolve the sugar. Add fruit, or use less sugar.',
  'advice.noYetANeedsSome': 'No {{base}} yet. A {{name}} needs some.',
  'advice.muchOfTheSweetener':
    'Too much {{name}} for a sure set, and its taste covers the fruit. Use it for at most {{share}} of the sugar and expect a longer boil, or use low-methoxyl pectin, which sets with any sweetener.',
  'advice.useSweetenerForAShare': 'Use {{name}} for {{share}} of it, sugar for the rest',
  'advice.noSugarYetACurd': 'No sugar yet. A curd needs some.',
  'advice.noSugarYetWithA':
    'No sugar yet. With {{name}}, a {{name2}} sets on sugar, acid and pectin together.',
  'advice.soLittleInSuchA':
    'So little in such a wide pan dries out and burns before it is done. Use a smaller pan, or add liquid.',
  'advice.thisHeatIsTooWeak':
    'This heat is too weak for so large a batch. Cook smaller batches, or use a stronger burner.',
  'advice.suchALongBoilLeaves':
    'Such a long boil leaves {{round}} % of the pectin’s strength and darkens the {{name}}. Smaller batches set better.',
  'advice.aboutOfTheSugarInverts':
    'About {{inverted}} % of the sugar inverts. Crystals may form in the jar below 20 % (sugar) and above 50 % (glucose).',
  'advice.atPhAGelMay': 'At pH {{value}} a gel may weep.',
  'advice.yourMeasurementDoesntFitThese':
    'Your measurement doesn’t fit these ingredients, so it isn’t used. Check the reading, or the ingredients.',
  'advice.itIsAlreadyThickerThan': 'It is already thicker than it needs to be before cooking down.',
  'advice.tooMuchSugarForThe':
    'Too much sugar for the fruit: the batch passes {{round}} % soluble solids before it boils, and may crystallize.',
  'advice.withSoLittleSugarThe':
    'With so little sugar the fruit would scorch before it is done. Add sugar.',
  'advice.littleSugarForALong': 'Little sugar for a long boil: expect a long cook and few jars.',
  'advice.regularPectinSetsOnlyWith':
    'Regular pectin sets only with its full sugar; with less it stays runny. For less sugar, use low-methoxyl pectin.',
  'advice.moreThanOneBoxIn':
    'More than one box in one pot: double batches heat slowly and often don’t set. Cook them one after another.',
  'advice.keepItAbove60C':
    'Keep it above [60 °C|140 °F] all the time it cooks. Cool what goes in the fridge quickly.',
  'advice.whiskTo77C170':
    'Whisk to [77 °C|170 °F], no hotter than needed: above [82 °C|180 °F] the egg curdles. Never boil it.',
  'advice.noEggYetOnlyEgg': 'No egg yet. Only egg thickens a curd.',
  'advice.vinegarMustBe5Acidity': 'Vinegar must be 5 % acidity. Never reduce or dilute it.',
  'advice.aThickButterSpitsUse':
    'A thick butter spits: use a deep pot, a long spoon and a loose cover.',
  'advice.wearGlovesWithHotPeppers':
    'Wear gloves with hot peppers, and keep your hands off your face.',
  'advice.alcoholAddedOffTheHeat':
    'Alcohol added off the heat stays: about {{grams}} in the batch. Write it on the label.',
  'advice.aSugarSubstituteSweetensBut':
    'A sugar substitute sweetens but doesn’t set: this pectin needs sugar. Use low-methoxyl pectin.',
  'advice.freshLemonsVaryInStrength':
    'Fresh lemons vary in strength. Where the acid is for safety, use bottled juice.',
  'advice.sugarsWithPectinDifferBy':
    'Sugars with pectin differ by maker: follow the ratio on the bag.',
  'advice.youMeasuredOfButOnly':
    'You measured {{grams}} of {{gives}}, but only {{grams2}} went in. Measure again.',
  'advice.isButTheFirstStep':
    '“{{text}}” is {{grams}}, but the first step gives {{grams2}} at most. Start with more fruit, or scale the rest down.',
  'advice.brixIsFarFromThe':
    '{{brix}} °Brix is far from the usual {{usualBrix}}. Read it again at room temperature.',
  'advice.juiceThatClotsInFlakes':
    'Juice that clots in flakes is low in pectin. Boil it down by a third before the sugar, or add pectin.',
  'advice.gOfSolidsAndPulp': '{{value}} g of solids and pulp per 100 g; it mounds at {{value2}} g',
  'advice.thickEnoughToMound': 'Thick enough to mound. {{held}}.',
  'advice.tooThinToMoundCook': 'Too thin to mound. Cook it down more. {{held}}.',
  'advice.needs': '{{value}} %; needs {{value2}} %',
  'advice.enoughEggEggSolidsIt':
    'Enough egg. Egg solids with the butter {{held}}. It thickens at [77 °C|170 °F].',
  'advice.notEnoughEggSoIt':
    'Not enough egg, so it stays thin. Egg solids with the butter {{held}}.',
  'advice.atPhAndSolubleSolids': 'at pH {{pH}} and {{solublesPct}} % soluble solids',
  'advice.enoughPectinForAFirm':
    'Enough pectin for a firm set. {{held}} · needs {{percent}} {{there}}.',
  'advice.enoughPectinForASoft':
    'Enough pectin for a soft set. {{held}} · needs {{wanted}} {{there}}, {{percent}} for firm. {{value}}',
  'advice.notEnoughFruitGPer':
    'Not enough fruit. {{value}} g per 100 g brings pectin {{held}} · a soft set needs {{wanted}}.',
  'advice.notEnoughPectinForA':
    'Not enough pectin for a soft set. {{held}} · needs {{wanted}}. Pectin-rich or under-ripe fruit would help.',
  'advice.notEnoughAcidAtPh':
    'Not enough acid. At pH {{pH}} pectin doesn’t set {{part}}. Best is pH 3.0 to 3.2.',
  'advice.atAll': 'at all',
  'advice.wellASoftSetNeeds':
    'well: a soft set needs {{wanted}} instead of {{percent}}, and there is {{held}}',
  'advice.notEnoughSugarSolubleSolids':
    'Not enough sugar. {{solublesPct}} % soluble solids · this gel needs 55 % or more.',
  'advice.itSetsLooselyForSpooning': 'It sets loosely, for spooning.',
  'advice.moreSugarWouldMakeIt': 'More sugar would make it firmer.',
  'advice.moreAcidWouldMakeIt': 'More acid would make it firmer.',
  'advice.morePectinWouldMakeIt': 'More pectin would make it firmer.',
  'advice.moreFruitWouldMakeIt': 'More fruit would make it firmer.',
  'advice.lowMethoxylPectinMgCalcium':
    '{{pectinPct}} % low-methoxyl pectin, {{perG}} mg calcium per gram',
  'advice.enoughPectinAndCalciumAt': 'Enough pectin and calcium, at any sugar. {{held}}.',
  'advice.notEnoughPectinIsUsual': 'Not enough pectin. {{held}} · {{value}} % is usual.',
  'advice.notEnoughCalcium15To': 'Not enough calcium. {{held}} · 15 to 45 mg is usual.',
  'advice.soSmallABatchBoilsTooFar':
    'So small a batch boils down too far on this heat: to {{pct}} % soluble solids. Use a smaller burner and a narrow pot, or make more.',
  'advice.soSmallABatchSteamsAway':
    'On this heat {{percent}} % of so small a batch leaves as steam. Use a smaller burner and a narrow pot, or make more.',
  'advice.gellingSugarSets': 'made for {{sets}} of fruit, with {{fruit}} in the pot',
  'advice.enoughGellingSugar': 'Enough gelling sugar for a set · {{held}}.',
  'advice.noGellingSugarYet': 'No gelling sugar yet. Add some for it to set.',
  'advice.tooMuchFruitForGellingSugar': 'Too much fruit for this gelling sugar · {{held}}.',
  'advice.tooThinForGellingSugar':
    'Too thin for this gelling sugar. {{solublesPct}} % soluble solids · it sets near {{usual}} %.',
  'advice.notEnoughAcidForGellingSugar':
    'Not enough acid. pH {{pH}} · gelling sugar needs 3.6 or less.',
  'advice.gellingSugarBoiledTooLong':
    'Boiled too long. After the minutes on its pack, gelling sugar soon loses its strength.',
  'advice.tastesTheSame': 'Tastes the same',
  'advice.tastesSharper': 'Tastes sharper',
  'advice.tastesMilder': 'Tastes milder',
  'advice.tastesSweeter': 'Tastes sweeter',
  'advice.tastesLessSweet': 'Tastes less sweet',
  'advice.asManyJars': 'as many jars',
  'advice.moreJam': '{{percent}} % more to fill jars with',
  'advice.lessJam': '{{percent}} % less to fill jars with',
  'advice.tasteAndJars': '{{taste}}, {{jars}}.',
  'advice.moreGellingSugar': 'match the sugar to the fruit',
  'advice.notEnoughAcidPhCalcium': 'Not enough acid. pH {{pH}} · calcium gels need 2.8 to 4.5.',
  'advice.thickenIt': 'thicken it',
  'advice.add': 'Add {{listed}}',
  'advice.to': ', to {{does}}.',
  'advice.boilItDownToSoluble': 'Boil it down to {{value}} % soluble solids',
  'advice.helpThePectinSet': 'help the pectin set',
  'advice.addThePectinTheFruit': 'add the pectin the fruit lacks',
  'advice.addPectinAndAcid': 'add pectin and acid',
  'advice.leaveOutOfTheWater': 'Leave out {{mass}} of the water',
  'advice.keepBackOfThe': 'Keep back {{mass}} of the {{part}}',
  'advice.forASecondBatch': ' for a second batch.',
  'advice.cookItInPotsOne': 'Cook it in {{value}} pots, one after another',
  'advice.aSmallBatchBoilsDown': ': a small batch boils down faster and wears out less pectin.',
  'advice.helpThePectinSetAnd': 'help the pectin set, and add what the fruit lacks',
  'advice.useTheLongBoilMethod': 'Use the long-boil method instead',
  'advice.itTakesLongerAndMakes': '. It takes longer and makes fewer jars.',
  'advice.inPlaceOfThe': ', in place of the {{names}}',
  'advice.useTheLowMethoxylMethod': 'Use the low-methoxyl method with {{part}}{{instead}}',
  'advice.thenAnyAmountOfSugar': '. Then any amount of sugar works.',
  'advice.addTheMissingPectin': 'add the missing pectin',
  'advice.addTheAcid': 'add the acid',
  'advice.remedy': '{{act}}{{why}}',
  'advice.ofTheIngredient': '{{name}}: {{what}}',
} as const;
