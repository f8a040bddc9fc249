/** About how long test files take, s. */
const SECONDS = /** @type {const} */ ({
  'launcher/test/faults': 180,
  'server/test/fuzz': 100,
  'server/.worlds': 90,
  'launcher/test/stopping': 90,
  'core/.worlds': 60,
  'launcher/test/home': 50,
  'launcher/test/launcher': 50,
  'launcher/test/lock': 45,
  'web/.worlds': 20,
  'core/calibration/calibration': 39,
  'core/validation/validation': 38,
  'core/advice/remedies': 29,
  'core/schedule/smallDays': 20,
  'core/schedule/schedule': 16,
  'core/parser/properties': 14,
  'core/plan/infusions': 13,
  'core/plan/storage': 12,
  'core/learning/learning': 10,
  'core/solve/formulaFor': 9,
  'core/process/families': 9,
  'core/learning/knowledge': 8,
  'core/schedule/livedDays': 8,
  'core/plan/properties': 7,
  'core/practice/estimates': 7,
  'core/yield/packing': 6,
  'server/test/logAtTheEdges': 38,
  'server/test/schedules': 36,
  'server/test/jars': 23,
  'server/test/batches': 17,
  'server/test/cookLog': 11,
  'server/test/atTheDoor': 10,
  'server/test/bookTable': 10,
  'server/test/bookFile': 9,
  'server/test/book': 8,
  'web/stove/liveLogSchedules': 10,
  'web/balance/balanceDrawn': 6,
  'web/jars/jarsDrawn': 5,
  'web/balance/roundTrip': 5,
});

/** Of a file that is not known to take long, s. */
const USUAL_SECONDS = 1;

/** About how long a test file takes, s. @param {string} path */
export const secondsOf = (path) =>
  Object.entries(SECONDS).find(([name]) => path.includes(name))?.[1] ?? USUAL_SECONDS;
