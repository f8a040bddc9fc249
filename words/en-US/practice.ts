export const PRACTICE = {
  'practice.youNeverLitTheBurner': 'You never lit the burner, so nothing was cooked.',
  'practice.itGotToWhereItStops': 'It got to {{stop}}, where it stops.',
  'practice.youTookItOffTooCool': 'You took it off at {{off}}, before it got to {{stop}}.',
  'practice.youLoggedNoStir': 'You logged no stir. Jam with sugar in it scorches within minutes.',
  'practice.debrief': 'Debrief',
  'practice.theJarYouWouldHave': '{{name}}: the jar you would have had',
  'practice.solidsTheTargetWas': '{{part}} % solids; the target was {{value}}',
  'practice.min': '{{round}} min',
  'practice.of100Points': '{{part}} of 100 points',
  'practice.youTookItOffAt':
    'You took it off at {{part}}, on a true thermometer. The target was {{part2}}.',
  'practice.whatToldYou': 'What told you',
  'practice.whatYouMissed': 'What you missed',
  'practice.practiceAgain': 'Practice again',
  'practice.theStove': 'the stove',
  'practice.onTheStove': 'On the stove',
  'practice.nothingYetOpenABatchs': 'Nothing yet. Open a batch’s {{part}} and press Stove.',
  'practice.page': 'page',
  'practice.practice': ' (practice)',
  'practice.since': 'since {{format}}',
  'practice.theScores': 'the scores',
  'practice.thePracticeKettle': 'the practice kettle',
  'practice.practiceSoFar': 'Practice so far',
  'practice.when': 'When',
  'practice.batch': 'Batch',
  'practice.examples': 'Examples',
  'practice.yourBatches': 'Your batches',
  'practice.yourRecipes': 'Your recipes',
  'practice.points': 'Points',
  'practice.none': 'none',
  'practice.practiceKettle': 'Practice kettle',
  'practice.aSimulatedPotBurnerAnd':
    'A simulated pot, burner and thermometer, faster than life. Heat, add, test and stop; then see the jar you would have had and what you missed.',
  'practice.whatCanGoWrong': 'What can go wrong',
  'practice.surpriseMe': 'Surprise me',
  'practice.speed': 'Speed',
  'practice.thePotIsOnA': 'The pot is on a scale',
  'practice.seedTheSameNumberGives': 'Seed: the same number gives the same pot',
  'practice.startPractice': 'Start practice',
  'practice.youCheckedBoilingWaterFirst':
    'You checked boiling water first, so the target fit this thermometer and kitchen.',
  'practice.youDidntCheckBoilingWater':
    'You didn’t check boiling water. Two minutes show how far off the thermometer and altitude are.',
  'practice.youTookItOffAtSolids':
    'You took it off at {{value}} % solids; the target was {{value2}} %.',
  'practice.itBoiledOnToSolids':
    'It boiled on to {{value}} % solids, past {{value2}} %: fewer jars, and stiffer.',
  'practice.youTookItOffAtSolidsShort':
    'You took it off at {{value}} % solids, short of {{value2}} %.',
  'practice.youTestedADropBefore': 'You tested a drop before filling.',
  'practice.youTestedNoDropA':
    'You tested no drop. A plate shows what no thermometer can: low acid or low pectin.',
  'practice.youStirredOftenEnough': 'You stirred often enough.',
  'practice.itWentUnstirredForMinutes':
    'It went unstirred for {{round}} minutes; thick fruit scorches in that time.',
  'practice.nothingWrong': 'Nothing wrong',
  'practice.aBatchAsItShould': 'A batch as it should be.',
  'practice.nothingWasWrongYouPracticed':
    'Nothing was wrong. You practiced the order, and stopping in time.',
  'practice.aThermometerThatReadsLow': 'A thermometer that reads low',
  'practice.thisThermometerWasDroppedLast': 'This thermometer was dropped last week.',
  'practice.theThermometerRead3F':
    'The thermometer read [1.7 °C|3 °F] low. Boiling water shows that in a minute. With such a thermometer a pot boils too far.',
  'practice.aKitchenInTheHills': 'A kitchen in the hills',
  'practice.aHolidayKitchenNobodyKnows': 'A holiday kitchen. Nobody knows how high it is.',
  'practice.theKitchenIsAt1':
    'The kitchen is at [1,600 m|5,250 ft], where water boils near [94.7 °C|202 °F]. The sea-level target is far too hot there. Boiling water shows it.',
  'practice.overripeFruit': 'Overripe fruit',
  'practice.theFruitWasCheapAnd': 'The fruit was cheap, and very sweet.',
  'practice.theFruitWasOverripeLess':
    'The fruit was overripe: less pectin, less acid. It reached the target and the drop still ran. Lemon juice or pectin fixes that; more boiling doesn’t.',
  'practice.aDoubleBatch': 'A double batch',
  'practice.thereWasSoMuchFruit': 'There was so much fruit that everything was doubled.',
  'practice.aDoubleBatchOnThe':
    'A double batch on the same burner boils about twice as long, and long boiling wears out pectin. Two pots, one after the other, set better.',
} as const;
