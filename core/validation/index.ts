export {
  independentModelTrial,
  ownKettleTrial,
  summaryOf,
  trialsOf,
  type Trial,
  type TrialSummary,
} from './trials.ts';
