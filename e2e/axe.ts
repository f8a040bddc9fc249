import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/**
 * What axe finds of the page that somebody cannot use it for, by rule and element; of some rules
 * alone, where they are named.
 */
export async function seriousFaults(page: Page, rules?: string[]): Promise<string[]> {
  // What is right is most of a page, and is not told of.
  const axe = new AxeBuilder({ page })
    .options({ resultTypes: ['violations'] })
    // No page here has frames of other origins, for which the other mode opens a page of its own.
    .setLegacyMode(true);
  const { violations } = await (rules === undefined ? axe : axe.withRules(rules)).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .flatMap(({ id, nodes }) => nodes.map(({ html }) => `${id}: ${html}`));
}
