import type { EN_US } from '../en-US/index.ts';

/** What British English says otherwise; all else is as in US English. */
export const EN_GB = {
  'acts.lightTheBurner': 'Light the hob',
  'acts.burnerIsOn': 'Hob is on',
  'acts.labeled': 'Labelled',
  'acts.ontoATowelApartOut': 'Onto a towel, apart, out of any draught. Never retighten the bands.',
  'balance.burner': 'Hob',
  'book.colourAsk': 'Colour',
  'book.yourBurner': 'your hob',
  'jars.burnerIsOn': 'Hob is on',
  'jars.labeled': 'Labelled',
  'jars.neverTiltThemSetThem':
    'Never tilt them. Set them on a towel, apart, out of any draught. Never retighten a band.',
  'kitchen.burner': 'ring',
  'kitchen.burnersSlowCookersOven': 'Hob rings, slow cookers, oven',
  'kitchen.gramsAndLiters': 'Grams and litres',
  'kitchen.gramsAndMilliliters': 'Grams and millilitres',
  'kitchen.showsGramsAndLiters': 'Shows grams and litres',
  'labels.color': 'Colour',
  'parser.countsAs04G': 'Counts as 0.4 g a centimetre.',
  'parser.countsAs5GA': 'Counts as 5 g a centimetre.',
  'practice.practiceAgain': 'Practise again',
  'practice.nothingWasWrongYouPracticed':
    'Nothing was wrong. You practised the order, and stopping in time.',
  'advice.thisHeatIsTooWeak':
    'This heat is too weak for so large a batch. Cook smaller batches, or use a stronger ring.',
  'balance.burner2': 'Hob: {{name}}',
  'forecast.yourBurner': 'your hob',
  'kitchen.aMediumBurnerUntilYou': 'A medium ring, until you add yours.',
  'kitchen.potsAndBurners': 'Pans and hob',
  'plan.enterYourBurnersPowerFrom': 'Enter your ring’s power, from earlier batches',
  'plan.yourBurnerIsKnownDrafts': 'Your hob is known; draughts and the pan still make a tenth.',
  'stove.burnerOn': '· hob on {{part}}',
  'stove.burnerOn2': 'Hob on',
  'stove.nothingIsKnownBeforeThe': 'Nothing is known before the hob is on.',
  'stove.theCurveStartsWhenThe': 'The curve starts when the hob is on',
  'stove.labeled': 'Labelled',
} as const satisfies { readonly [key in keyof typeof EN_US]?: string };
