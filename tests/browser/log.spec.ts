import type { Page } from '@playwright/test';
import Papa from 'papaparse';
import { axeFindsNothing } from './axe';
import { expect, isLive, isSaved, OWN_SCHOOL, savedBy, test } from './room';

async function open(page: Page, address: string, school = ''): Promise<void> {
  await page.goto(school + address);
  await isLive(page);
}

const rows = (page: Page) => page.getByRole('region', { name: 'Entries' }).getByRole('row');

test('the log is filled, filtered, sorted, taken out and brought in again', async ({ page, browser }) => {
  await open(page, '/log', OWN_SCHOOL);
  await expect(page.getByText('No piece was noted yet.')).toBeVisible();
  await page.keyboard.press('a');
  const form = page.getByRole('region', { name: 'Note a piece' });
  const note = async (title: string, key: string, source: string) => {
    await form.getByRole('textbox', { name: 'Title' }).fill(title);
    await form.getByRole('textbox', { name: 'Key' }).fill(key);
    await form.getByRole('textbox', { name: 'Where it was found' }).fill(source);
    await form.getByRole('button', { name: 'Put it in the log' }).click();
  };
  await note('Rope Walk', 'blue major', 'town library');
  await expect(form.getByRole('alert')).toContainText('‘blue major’ is no key here');
  await note('Rope Walk', 'F major', 'town library');
  await note('Low Water', 'C minor', '=SUM(1)');
  await note('Winter Ferry', 'E harmonic minor', 'a band book');
  await expect(rows(page)).toHaveCount(4);
  await page.getByRole('searchbox', { name: 'Look for words' }).fill('library');
  await expect(rows(page)).toHaveCount(2);
  await expect(page.getByText('1 of 3 entries')).toBeVisible();
  await page.getByRole('searchbox', { name: 'Look for words' }).fill('');
  await page.getByRole('button', { name: 'Piece', exact: true }).click();
  await expect(rows(page).nth(1)).toContainText('Low Water');
  await expect(page.getByRole('region', { name: 'Keys met, on the circle' })).toContainText('Never met:');
  await axeFindsNothing(page);
  await isSaved(page);
  const file = await savedBy(page, () => page.getByRole('button', { name: 'Save as CSV' }).click());
  const table = Papa.parse<string[]>(file.bytes.toString('utf8'), { skipEmptyLines: true }).data;
  expect(table).toHaveLength(4);
  expect(table[0]?.slice(0, 4)).toEqual(['kind', 'day', 'who', 'title']);
  // What a spreadsheet would take for a formula is marked as text.
  expect(table.flat()).toContain("'=SUM(1)");
  const other = await browser.newPage();
  await open(other, '/log', OWN_SCHOOL);
  await other.getByLabel('Bring in a table').setInputFiles({
    ...{ name: 'log.csv', mimeType: 'text/csv' },
    buffer: Buffer.from(`${file.bytes.toString('utf8')}piece,yesterday,,Broken\r\n`),
  });
  await expect(other.getByText('3 entries were brought in.')).toBeVisible();
  await expect(other.getByText('Line 5 was passed over: day ‘yesterday’')).toBeVisible();
  await expect(rows(other)).toHaveCount(4);
  await expect(other.getByRole('region', { name: 'Entries' })).toContainText('=SUM(1)');
  await other.close();
});

test('practice is noted with repeats and purpose, and effort stands beside what is known', async ({
  page,
}) => {
  await open(page, '/log?see=practice');
  await expect(rows(page).nth(1)).toBeVisible();
  const count = await rows(page).count();
  const form = page.getByRole('region', { name: 'Note practice' });
  await form.getByRole('textbox', { name: 'What was practised' }).fill('B harmonic minor');
  await form.getByRole('combobox', { name: 'Who' }).selectOption({ label: 'Tove' });
  await form.getByRole('spinbutton', { name: 'Minutes' }).fill('45');
  await form.getByRole('spinbutton', { name: 'on letters' }).fill('2');
  await form.getByRole('combobox', { name: 'Purpose' }).selectOption({ label: 'by heart' });
  await form.getByRole('button', { name: 'Put it in the log' }).click();
  await expect(rows(page)).toHaveCount(count + 1);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Minutes', exact: true }).click();
  await expect(rows(page).nth(1)).toContainText('on letters 2');
  const effort = page.getByRole('region', { name: 'Effort beside mastery' });
  await effort.getByRole('button', { name: 'As a table' }).click();
  await expect(effort.getByRole('row', { name: /^Tove/u })).toContainText(/\d+ min · \d+ % of \d+/u);
  await isSaved(page);
  await page.keyboard.press('Control+z');
  await expect(rows(page)).toHaveCount(count);
});

test('a question is noted from a piece, waits, is answered and done', async ({ page }) => {
  await open(page, '/read?piece=mending-nets');
  await page.getByRole('button', { name: 'Note a question about it' }).click();
  await isSaved(page);
  await open(page, '/log?see=questions&state=waiting');
  const row = rows(page).filter({ hasText: 'Mending Nets' });
  await expect(row.getByRole('link')).toHaveAttribute('href', /^\/read\?piece=mending-nets/u);
  await row.getByRole('button', { name: 'Change Mending Nets' }).click();
  const form = page.getByRole('region', { name: 'Change this entry' });
  await form.getByRole('textbox', { name: 'The question, as it was asked' }).fill('Where is the E?');
  await form.getByRole('textbox', { name: 'Answer' }).fill('It never sounds.');
  await form.getByRole('button', { name: 'Done with this entry' }).click();
  await expect(row).toContainText('Where is the E?');
  await row.getByRole('button', { name: 'Done: Mending Nets' }).click();
  await expect(row).toHaveCount(0);
  await isSaved(page);
});
