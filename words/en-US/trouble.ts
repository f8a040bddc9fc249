/** What is said of batches that went wrong. */
export const TROUBLE = {
  'trouble.commonAlone': 'Nothing you told speaks for it; it happens.',
  'trouble.solidsUnder':
    'It stopped at {{pct}} % soluble solids, {{off}} short of its {{targetPct}} %.',
  'trouble.solidsOver': 'It went on to {{pct}} % soluble solids, {{off}} past its {{targetPct}} %.',
  'trouble.solidsRight': 'It stopped where it should, at {{pct}} % soluble solids.',
  'trouble.measuredFlat': 'At pH {{pH}} it is not sour enough: it needs {{bound}} or less.',
  'trouble.measuredSour': 'At pH {{pH}} it is too sour: it bears {{bound}} or more.',
  'trouble.foretoldFlat':
    'By its formula it comes to pH {{pH}}, not sour enough: it needs {{bound}} or less.',
  'trouble.foretoldSour':
    'By its formula it comes to pH {{pH}}, too sour: it bears {{bound}} or more.',
  'trouble.pectinShort': 'By its formula it holds too little pectin for a set.',
  'trouble.pectinMuch': 'By its formula it holds twice the pectin that it needs, or more.',
  'trouble.fruitGreen': 'The fruit was not ripe.',
  'trouble.fruitOver': 'The fruit was over-ripe, and that has lost pectin.',
  'trouble.boilShort': 'It boiled for {{was}} min; the formula asks for {{asked}}.',
  'trouble.boilLong': 'It boiled for {{was}} min; the formula asks for {{asked}}.',
  'trouble.cookShort': 'It was on the heat for {{was}} min; about {{asked}} were planned.',
  'trouble.cookLong': 'It was on the heat for {{was}} min; about {{asked}} were planned.',
  'trouble.doubled':
    'It was cooked {{times}} times as large at once: it takes longer, and its pectin wears.',
  'trouble.sugarCut': 'It held {{pct}} % of the sugar that the formula asks for.',
  'trouble.sugarMore': 'It held {{pct}} % of the sugar that the formula asks for.',
  'trouble.headLittle':
    'The headspace was [{{mm}} mm|{{inch}} in]; it wants [{{usualMm}} mm|{{usualInch}} in].',
  'trouble.headMuch':
    'The headspace was [{{mm}} mm|{{inch}} in]; it wants [{{usualMm}} mm|{{usualInch}} in].',
  'trouble.boilWasLost': 'The canner went off the boil.',
  'trouble.restShort': 'The jars came out {{was}} min after the heat was off; they rest for 5.',
  'trouble.wasRetightened': 'The bands were tightened again after the canner.',
  'trouble.standNone': 'It stood for {{was}} min before it was filled; 5 to 10 spread the fruit.',
  'trouble.standLong': 'It stood for {{was}} min before it was filled, and began to set.',
  'trouble.stirredRarely': 'It was stirred every {{every}} min or so.',
  'trouble.stirredAlways': 'It was stirred all the time, and that takes in air.',
  'trouble.wasPressed': 'The juice was pressed through the cloth.',
  'trouble.waterIsHard': 'The water is hard.',
  'trouble.rimLeft': 'The rims were not wiped.',
  'trouble.lidUsed': 'The lids had been used before.',
  'trouble.keptWarm': 'It is kept warm.',
  'trouble.keptLight': 'It is kept in the light.',
  'trouble.keptLong': 'It is {{months}} months old.',
  'trouble.jarsCold': 'The jars were not hot when they were filled.',
  'trouble.processNone': 'It was not processed.',
  'trouble.processShort': 'It was processed for {{was}} min; it wants {{asked}}.',
  'trouble.next.low-solids':
    'Boil on to the stop, and read boiling water on the thermometer first. Do not cut the sugar of a tested formula.',
  'trouble.next.high-solids':
    'Take it off at the stop, and read boiling water on the thermometer first.',
  'trouble.next.low-acid':
    'Add the lemon juice that the plan asks for, bottled where the shelf hangs on it.',
  'trouble.next.high-acid':
    'Leave out the lemon juice that no safety hangs on, or take riper fruit.',
  'trouble.next.low-pectin': 'Take some fruit that is barely ripe, or add pectin from a box.',
  'trouble.next.worn-pectin':
    'Cook one batch at a time in a wide pot, so that it reaches its stop in half an hour.',
  'trouble.next.too-much-pectin': 'Use less pectin, or riper fruit.',
  'trouble.next.undissolved-sugar':
    'Melt the sugar over low heat until a spoon feels smooth, and only then boil.',
  'trouble.next.low-inversion':
    'Boil it as long as the plan says, with its acid in: that turns some of the sugar.',
  'trouble.next.high-inversion':
    'Boil it hard and short; sugar that boils for long with acid crystallizes later.',
  'trouble.next.evaporated-sugar-on-rim': 'Wipe the rims, and close jars while they are hot.',
  'trouble.next.tartrate':
    'Let grape juice stand cold overnight, and pour it off its crystals before you cook.',
  'trouble.next.under-rested':
    'Let the pot stand 5 to 10 min before you fill, and the jars 5 min in the canner with the heat off.',
  'trouble.next.floating-unripe': 'Take ripe fruit, cut it small, and let it stand in its sugar.',
  'trouble.next.pressed-juice': 'Let the juice drip through a wet cloth, and do not squeeze.',
  'trouble.next.hard-water': 'Put 2 tbsp of vinegar in the canner, and soft water in the jelly.',
  'trouble.next.air-stirred': 'Stir gently at the end, pour slowly, and remove bubbles.',
  'trouble.next.scorch-unstirred':
    'Stir along the bottom, more often towards the end, on less heat.',
  'trouble.next.overfilled': 'Leave the headspace that the plan gives: measure it.',
  'trouble.next.underfilled': 'Fill up to the headspace that the plan gives: measure it.',
  'trouble.next.underprocessed':
    'Time the process from the full rolling boil, for as long as this altitude wants.',
  'trouble.next.boil-lost':
    'Keep the canner at a rolling boil. Where it stops, bring it back and time it anew.',
  'trouble.next.fast-cooling':
    'Fill hot jars with hot jam, out of the draught, and leave them still.',
  'trouble.next.loose-lid': 'Screw bands down until you feel them hold, with fingertips alone.',
  'trouble.next.tight-lid': 'Screw bands fingertip-tight, and never touch them after the canner.',
  'trouble.next.dirty-rim': 'Wipe each rim with a damp cloth before its lid goes on.',
  'trouble.next.old-lid': 'Put a new lid on every jar.',
  'trouble.next.chipped-rim': 'Run a finger round each rim, and leave chipped jars out.',
  'trouble.next.warm-store': 'Keep jars cool: under [20 °C|70 °F].',
  'trouble.next.light-store': 'Keep jars dark.',
  'trouble.next.old': 'Eat it within a year, the oldest first.',
  'trouble.next.open-kettle':
    'Process every jar for the pantry in boiling water or steam; a seal alone keeps nothing.',
} as const;
