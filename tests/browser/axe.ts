import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect } from './room';

const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** Fails where axe finds anything on the page, by all rules or by those given. */
export async function axeFindsNothing(page: Page, rules: readonly string[] | null = null): Promise<void> {
  // No page has frames: what is for pages with frames would take three times as long.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  const { violations } = await (rules ? axe.withRules([...rules]) : axe.withTags(TAGS)).analyze();
  const found = violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
  );
  expect(found, page.url()).toEqual([]);
}
