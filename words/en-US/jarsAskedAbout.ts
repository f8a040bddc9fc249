/** What is asked about jars: whether they were filled hot, kept hot, and pressed cold. */
export const JARS_ASKED_ABOUT = {
  'jars.heatItAgainFirst': 'Heat it again first',
  'jars.notFilledHot': 'These weren’t filled hot',
  'jars.byTheLogItNeverBoiled':
    'The log shows no boil. Bring the pot to the boil: jars for the pantry are filled above [85 °C|185 °F].',
  'jars.itHasCooled':
    'The pot has been off the heat too long to be above [85 °C|185 °F]. Bring it to the boil, then fill.',
  'jars.theRestHasCooled':
    'What is left has been off the heat too long to be above [85 °C|185 °F]. Bring it to the boil, then fill.',
  'jars.itsBoiling': 'It’s boiling',
  'jars.itDidBoil': 'It did boil',
  'jars.itsStillHot': 'It’s still hot: I checked',
  'jars.itWasStillHot': 'It was hot: I checked',
  'jars.filledFromAPotThatNeverBoiled': '{{counted}}: the log shows no boil before them. {{part}}',
  'jars.filledFromACooledPot':
    '{{counted}}: the pot had cooled below [85 °C|185 °F] by then. {{part}}',
  'jars.pourThemBack':
    'Pour them back, bring the pot to the boil, and fill clean, hot jars. The fridge is fine too.',
  'jars.theyHaveNoShelf': 'They go into the fridge.',
  'jars.pouredBackItsBoiling': 'Poured back, and it’s boiling',
  'jars.pressedBeforeTheyCooled':
    'Those lids were pressed before the jars had cooled for 12 hours. Press them again when they have.',
  'jars.pressThemAgain': 'Press these lids again: {{counted}}',
  'jars.pressedTooSoon': 'Pressed too soon, still cooling: {{counted}}',
  'jars.aWarmJarsLid':
    'They were pressed while the jars were still cooling, less than 12 hours out of the canner. A lid counts when its jar is cold.',
  'jars.allStillDown': 'All still down',
  'jars.theyStoodForHours':
    'Those jars stood for more than two hours before the canner. Its times are for hot jars. Were they kept hot?',
  'jars.wereTheyKeptHot': 'Were they kept hot?',
  'jars.theyWereKeptHot': 'They were kept hot',
  'jars.stoodBeforeTheCanner':
    '{{counted}} stood for more than two hours between filling and the canner. Its times are for hot jars. {{part}}',
} as const;
