import type { ComponentType } from 'react';
import { ScreenNotFetched } from './ui/screenNotFetched.ts';

type Screen = { readonly Component: ComponentType };

/** A screen whose code is fetched when it is first needed, or before. */
const screen =
  <Name extends string>(name: Name, fetch: () => Promise<Record<Name, ComponentType>>) =>
  (): Promise<Screen> =>
    fetch().then(
      (code) => ({ Component: code[name] }),
      (cause: unknown) => {
        throw new ScreenNotFetched(cause);
      },
    );

/** Every screen but the first, by what it is for. */
export const SCREENS = {
  balance: screen('BalanceScreen', () => import('./balance/BalanceScreen.tsx')),
  prepare: screen('PrepareScreen', () => import('./prepare/PrepareScreen.tsx')),
  begin: screen('BeginScreen', () => import('./stove/BeginScreen.tsx')),
  stove: screen('StoveScreen', () => import('./stove/StoveScreen.tsx')),
  jars: screen('JarsScreen', () => import('./jars/JarsScreen.tsx')),
  beginJars: screen('BeginJars', () => import('./jars/BeginJars.tsx')),
  stoveHome: screen('StoveHome', () => import('./practice/StoveHome.tsx')),
  recipes: screen('RecipesScreen', () => import('./recipes/RecipesScreen.tsx')),
  book: screen('BookScreen', () => import('./book/BookScreen.tsx')),
  record: screen('RecordScreen', () => import('./book/RecordScreen.tsx')),
  beside: screen('BesideScreen', () => import('./book/BesideScreen.tsx')),
  knows: screen('KnowledgeScreen', () => import('./book/KnowledgeScreen.tsx')),
  charts: screen('ChartsScreen', () => import('./book/ChartsScreen.tsx')),
  files: screen('FilesScreen', () => import('./book/FilesScreen.tsx')),
  batches: screen('BatchesScreen', () => import('./batches/BatchesScreen.tsx')),
  shelf: screen('ShelfScreen', () => import('./shelf/ShelfScreen.tsx')),
  jar: screen('JarScreen', () => import('./shelf/JarScreen.tsx')),
  batchJars: screen('BatchJarsScreen', () => import('./shelf/BatchJarsScreen.tsx')),
  stockTake: screen('StockTakeScreen', () => import('./shelf/StockTakeScreen.tsx')),
  days: screen('DaysScreen', () => import('./day/DaysScreen.tsx')),
  day: screen('DayScreen', () => import('./day/DayScreen.tsx')),
  hands: screen('HandsScreen', () => import('./day/HandsScreen.tsx')),
  trouble: screen('TroubleScreen', () => import('./trouble/TroubleScreen.tsx')),
  household: screen('HouseholdScreen', () => import('./household/HouseholdScreen.tsx')),
  join: screen('JoinScreen', () => import('./household/JoinScreen.tsx')),
  kitchen: screen('KitchenScreen', () => import('./kitchen/KitchenScreen.tsx')),
} as const;

/**
 * Fetches every screen, one after another, so that none is missing once the network is. What fails
 * is fetched when it is needed.
 */
export async function fetchScreens(): Promise<void> {
  for (const fetch of Object.values(SCREENS)) await fetch().catch(() => undefined);
}
