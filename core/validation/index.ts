export {
  independentModelTrial,
  independentModelTrials,
  ownKettleTrial,
  summaryOf,
  trialsOf,
  type Trial,
  type TrialSummary,
} from './trials.ts';
