export {
  cannerWatchedWith,
  loadToBoil,
  type CannerCase,
  type CannerWatched,
} from './cannerWatch.ts';
export { filledMl, JAR_SIZES, type JarMeasure, type SoldJar } from './jarSizes.ts';
export {
  BARE_KITCHEN,
  type Formula,
  type KitchenBurner,
  type KitchenJar,
  type KitchenKnowledge,
  type KitchenPot,
  type PlanningKitchen,
  type Settings,
  type StoredPretreatment,
} from './kitchen.ts';
export {
  chosenOf,
  higherKitchen,
  jarsOnHand,
  loadsInKitchen,
  planInKitchen,
  potAndBurner,
  pretreatmentIn,
  readingIn,
  requestInKitchen,
  standingOf,
  UNNAMED_BURNER,
} from './requestInKitchen.ts';
export * from './shelfPlace.ts';
