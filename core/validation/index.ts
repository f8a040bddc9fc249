export {
  independentModelTrial,
  independentModelTrials,
  ownKettleTrial,
  summaryOf,
  trialsOf,
  type Trial,
  type TrialSummary,
} from './trials.ts';
export { independentKitchen } from './independentModel.ts';
export { otherCook } from './trials.ts';
