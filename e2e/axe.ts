import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/** What axe finds serious or critical, with the places; by all its rules or some. */
export async function graveFindings(page: Page, rules: string[] = []): Promise<string[]> {
  // Only what is wrong is described: to describe all that is right takes ten times as long. No page has a frame in it.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  const { violations } = await (rules.length > 0 ? axe.withRules(rules) : axe).analyze();
  return violations
    .filter((one) => one.impact === 'serious' || one.impact === 'critical')
    .map(
      (one) =>
        `${one.id}: ${one.nodes
          .map((node) => node.html.slice(0, 140))
          .slice(0, 3)
          .join(' | ')}`,
    );
}
