import { type PlainMessageId, say, textOf } from '@idle-kettle/words';
import {
  boilsOnMin,
  CARRIER_SUGAR_G,
  carriesPectin,
  formatGrams,
  type ActId,
  type Method,
  type Phase,
  type Used,
} from '@idle-kettle/core';
import { headspaceInWords } from './headspace.ts';
import { minutesInWords } from './minutes.ts';
import type { Telling, ToldAct } from './toldAct.ts';
import { given, listed, toTaste, withWater } from './used.ts';

/**
 * An act in words: short enough to be read across a kitchen, what to mind, and what its button
 * says.
 */
export type ActWords = {
  readonly title: string;
  readonly detail: string;
  readonly press: string;
};

const ADDED: {
  readonly [id in NonNullable<ToldAct['adds']>['id']]: (
    telling: Telling,
    uses: readonly Used[],
  ) => readonly [title: string, more: string];
} = {
  sugar: ({ method }, uses) =>
    method === 'powdered-pectin'
      ? [
          say('acts.addAllTheSugarAt'),
          `${lessCarried(method, uses)}${say('acts.itDissolvesAsItComes')}`,
        ]
      : method === 'reduce'
        ? [say('acts.addToTaste', { toTaste: toTaste(uses) }), say('acts.tasteItFirst')]
        : [say('acts.addTheSugar'), say('acts.stirItInOverLow')],
  pectin: () => [say('acts.addThePectinAtOnce'), say('acts.allOfItStirredThrough')],
  'sugar-and-pectin': () => [say('acts.addTheSugarWithThe'), say('acts.mixThePectinIntoThe')],
  'against-foam': () => [say('acts.addAKnobOfButter'), say('acts.onceItFoamsYouCan')],
  'at-the-end': () => [say('acts.stirInTheLastAdditions'), say('acts.offTheHeatToKeep')],
  'emptied-jars': () => [say('acts.addWhatWasInTheJars'), say('acts.stirItSmooth')],
  together: () => [say('acts.addTheRestAtOnce'), say('acts.allOfItStirredThrough')],
};

/** That some of the sugar is in the pot already, with the pectin; nothing where none is. */
const lessCarried = (method: Method, uses: readonly Used[]): string =>
  carriesPectin(
    method,
    uses.reduce((sum, { massG }) => sum + massG, 0),
  )
    ? `${say('acts.lessWhatCarriedThePectin', { grams: formatGrams(CARRIER_SUGAR_G) })} `
    : '';

/** Every act in words: the one telling for screen, paper and speech. */
const ACT_WORDS: { readonly [id in ActId]: (act: ToldAct, telling: Telling) => ActWords } = {
  extract: (act) => ({
    title: say('acts.simmerTheFruitLidOn'),
    detail: say('acts.untilSoftMashIt', {
      listed: listed(act.uses, say('acts.theFruit')),
      withWater: withWater(act),
    }),
    press: say('acts.itsSoft'),
  }),
  drip: (act) => ({
    title: say('acts.dripTheJuice'),
    detail: say('acts.throughADampClothPressing', { given: given(act) }),
    press: say('acts.itHasDripped'),
  }),
  'clot-test': () => ({
    title: say('acts.clotTest'),
    detail: say('acts.stirATeaspoonOfJuice'),
    press: say('acts.tested'),
  }),
  infuse: (act) => ({
    title: say('acts.infuse'),
    detail: say('acts.pourBoilingOverCoverLet', {
      part: act.waterG
        ? say('acts.ofWater', { grams: formatGrams(act.waterG) })
        : say('acts.theLiquid'),
      listed: listed(act.uses, say('acts.theFlowersOrHerbs')),
      given: given(act),
    }),
    press: say('acts.strained'),
  }),
  slice: (act) => ({
    title: say('acts.sliceAndBoilFiveMinutes'),
    detail: `${listed(act.uses, say('acts.theFruit'))}${withWater(act)}.`,
    press: say('acts.itHasBoiled'),
  }),
  soak: (act) => ({
    title: say('acts.soak'),
    detail: say('acts.itStandCovered', {
      part: act.gives === undefined ? say('acts.sliceTheFruitBoilIt') : say('acts.let'),
      given: given(act),
    }),
    press: say('acts.itHasStood'),
  }),
  drain: (act) => ({
    title: say('acts.chopFineAndDrain'),
    detail: say('acts.wearGlovesForHotOnes', {
      listed: listed(act.uses, say('acts.thePeppers')),
      given: given(act),
    }),
    press: say('acts.drained'),
  }),
  sauce: (act) => ({
    title: say('acts.cookToASauceLid'),
    detail:
      act.phase === 'stove'
        ? say('acts.untilASpoonCrushesThe')
        : say('acts.untilASpoonCrushesIt', {
            listed: listed(act.uses, say('acts.theFruit')),
            withWater: withWater(act),
          }),
    press: say('acts.itsASauce'),
  }),
  puree: (act) => ({
    title: say('acts.purEItOffThe'),
    detail: say('acts.blenderMillOrSieveIt', {
      part: act.gives === undefined ? '' : ` ${given(act)}`,
    }),
    press: say('acts.itsSmooth'),
  }),
  'empty-jars': (act) => ({
    title: say('acts.emptyTheJars'),
    detail: say('acts.scrapeThemOut', { listed: listed(act.uses, '') }),
    press: say('acts.jarsAreEmpty'),
  }),
  weigh: (act, { process, canner }) => ({
    title: say('acts.weighEverything'),
    detail: say('acts.theSugarInItsOwn', {
      listed: listed(act.uses, say('acts.everything')),
      part:
        process.method === 'none'
          ? '.'
          : say('acts.andHeatTheCanner', {
              value: [
                canner === undefined
                  ? ''
                  : say('acts.theCannerTakes', { minutes: minutesInWords(canner.ready.p50) }),
                textOf(process.notes[0] ?? ''),
              ]
                .filter((part) => part !== '')
                .join(' '),
            }),
    }),
    press: say('acts.weighed'),
  }),
  'carry-pectin': () => ({
    title: say('acts.stirThePectinPowderInto'),
    detail: say('acts.useGOfThatSame', { CARRIERSUGARG: CARRIER_SUGAR_G }),
    press: say('acts.mixed'),
  }),
  light: (act, { forHours }) => ({
    title: forHours ? say('acts.turnItOn') : say('acts.lightTheBurner'),
    detail: say('acts.inThePotCold', { listed: listed(act.uses, say('acts.nothingYet')) }),
    press: forHours ? say('acts.itIsOn') : say('acts.burnerIsOn'),
  }),
  'to-boil': (act, { method }) => ({
    title:
      act.again === true
        ? say('acts.backToTheBoilStirring')
        : method === 'low-methoxyl'
          ? say('acts.bringToAFullBoil')
          : say('acts.bringToTheBoilLid'),
    detail: act.again === true ? say('acts.stirHardSoThePectin') : say('acts.stirOnceOrTwiceUntil'),
    press: say('acts.itsBoiling'),
  }),
  soften: (act) => ({
    title: say('acts.softenTheLidOn', { value: act.softens ?? say('acts.fruit') }),
    detail:
      act.softens === 'peel'
        ? say('acts.simmerUntilAPieceCrushes')
        : say('acts.inItsOwnJuiceBefore'),
    press: say('acts.itsSoft'),
  }),
  slow: () => ({
    title: say('acts.cookWithTheLidOn'),
    detail: say('acts.keepItAbove60C'),
    press: say('acts.takeTheLidOff'),
  }),
  add: (act, telling) => {
    const [title, more] =
      act.adds === null ? [say('acts.addTheRest'), ''] : ADDED[act.adds.id](telling, act.uses);
    return { title, detail: `${listed(act.uses, '')}. ${more}`, press: say('acts.added') };
  },
  dissolve: () => ({
    title: say('acts.stirUntilNoGritIs'),
    detail: say('acts.lowHeatFeelTheSpoon'),
    press: say('acts.dissolved'),
  }),
  'to-rolling': (act) => ({
    title: act.again === true ? say('acts.backToAFullRolling') : say('acts.bringToAFullRolling'),
    detail: say('acts.aBoilThatStirringDoesnt'),
    press: say('acts.rollingBoilNow'),
  }),
  clock: (act, { stop, method }) => ({
    title: say('acts.for', {
      part: method === 'low-methoxyl' ? say('acts.boilStirring') : say('acts.boilHard'),
      minutes: minutesInWords(act.minutes),
    }),
    detail: say('acts.stirAllTheTimeThe', { stop }),
    press: say('acts.offTheHeat'),
  }),
  'boil-down': (_, { stop }) => ({
    title: say('acts.boilHardTo', { stop }),
    detail: say('acts.itClimbsSlowlyThenFast'),
    press: say('acts.offTheHeat'),
  }),
  reduce: (_, { stop }) => ({
    title: say('acts.cookItDownLidOff'),
    detail: say('acts.weighThePotWeightShows', { stop }),
    press: say('acts.offTheHeat'),
  }),
  whisk: (_, { stop }) => ({
    title: say('acts.whiskTo', { stop }),
    detail: say('acts.gentleHeatNeverStopWhisking'),
    press: say('acts.offTheHeat'),
  }),
  plate: (act) => ({
    title: say('acts.testADropOnThe'),
    detail: say('acts.freezeItAMinuteThen', {
      count: boilsOnMin([act], 'plate-test', 'runs') ?? 0,
    }),
    press: say('acts.plateTest'),
  }),
  mound: () => ({
    title: say('acts.putASpoonfulOnA'),
    detail: say('acts.tiltItItShouldStay'),
    press: say('acts.moundTest'),
  }),
  strain: () => ({
    title: say('acts.strainItAtOnce'),
    detail: say('acts.intoAColdBowlThe'),
    press: say('acts.strained'),
  }),
  stand: () => ({
    title: say('acts.skimAndLetItStand'),
    detail: say('acts.offTheHeatStirNow'),
    press: say('acts.readyToFill'),
  }),
  fill: (_, { process }) => ({
    title: say('acts.fillTheJars'),
    detail: say('acts.rightAwayWhileHotLeaving', {
      headspace: headspaceInWords(process.headspaceMm),
    }),
    press: say('acts.jarsAreFilled'),
  }),
  load: (_, { process, product }) => ({
    title: say('acts.intoTheCanner'),
    detail:
      process.method === 'steam'
        ? say('acts.onTheRackNotTouching')
        : say('acts.onTheRackNotTouchingCovered', {
            part: product === 'curd' ? say('acts.of82C180F') : '',
          }),
    press: say('acts.jarsAreIn'),
  }),
  'heat-canner': (_, { process }) => ({
    title:
      process.method === 'steam' ? say('acts.heatToTheSteamGauges') : say('acts.bringTheCannerToA'),
    detail: say('acts.timeStartsOnlyThen'),
    press: say('acts.itsThere'),
  }),
  process: (act, { process }) => ({
    title: say('acts.process', {
      part: act.minutes === null ? say('acts.theTimePrintedInThe') : minutesInWords(act.minutes),
    }),
    detail: say('acts.inTheIfItStops', {
      part: process.method === 'steam' ? say('acts.steamCanner') : say('acts.boilingWaterCanner'),
      value: textOf(process.notes.slice(1)),
    }),
    press: say('acts.processed'),
  }),
  rest: () => ({
    title: say('acts.heatOffLidOff'),
    detail: say('acts.awayFromYourFaceRest'),
    press: say('acts.rested'),
  }),
  out: () => ({
    title: say('acts.liftTheJarsStraightOut'),
    detail: say('acts.ontoATowelApartOut'),
    press: say('acts.jarsAreOut'),
  }),
  chill: (_, { process }) => ({
    title: say('acts.coolQuicklyIntoTheFridge'),
    detail: textOf(process.notes),
    press: say('acts.inTheFridge'),
  }),
  cool: () => ({
    title: say('acts.coolUntouched'),
    detail: say('acts.12To24Hours'),
    press: say('acts.cool'),
  }),
  'press-lids': () => ({
    title: say('acts.pressEachLid'),
    detail: say('acts.aJarThatDidntSeal'),
    press: say('acts.pressed'),
  }),
  label: () => ({
    title: say('acts.labelEveryJar'),
    detail: say('acts.whatWhenAndWhichBatch'),
    press: say('acts.labeled'),
  }),
  shelf: () => ({
    title: say('acts.onTheShelf'),
    detail: say('acts.bandsOffWashedDarkAnd'),
    press: say('acts.onTheShelf'),
  }),
};

/** An act in words. */
export const actInWords = (act: ToldAct, telling: Telling): ActWords =>
  ACT_WORDS[act.id](act, telling);

/** When it is done, for a run sheet. */
export const PHASE_IN_WORDS: { readonly [phase in Phase]: PlainMessageId } = {
  'day-before': 'acts.theDayBefore',
  prepare: 'acts.beforeYouStart',
  stove: 'acts.atTheStove',
  jars: 'acts.atTheJars',
  after: 'acts.afterwards',
};
