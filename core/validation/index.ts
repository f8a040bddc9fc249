export {
  independentModelTrial,
  independentModelTrials,
  otherCook,
  ownKettleTrial,
  summaryOf,
  trialsOf,
  type Trial,
  type TrialSummary,
} from './trials.ts';
export { independentKitchen } from './independentModel.ts';
