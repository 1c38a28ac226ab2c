/*
 * From the first-run code to the first job, as the owner of a new shop would go, with what it takes of presses and
 * fields.
 *
 * node tests/Install/first-job.mjs ADDRESS CODE
 */
import { expect } from '@playwright/test';
import { hand } from './hand.mjs';

const [base, code] = process.argv.slice(2);
const PRESSES_AT_MOST = 12;
const FIELDS_AT_MOST = 25;
const { browser, page, troubles, count } = await hand(base);

const fill = async (fields) => {
    for (const [name, value] of Object.entries(fields)) await page.getByLabel(name, { exact: true }).fill(value);
};
const press = (name) => page.getByRole('button', { name, exact: true }).click();
const said = (words) => expect(page.getByRole('status').first()).toContainText(words);
const open = (name) => page.getByRole('link', { name: `Enter: ${name}` }).click();

const setUp = async () => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Open the shop' })).toBeVisible();
    await fill({
        'Code from the console': code,
        'What the shop is called': 'Millpond Coating',
        'Name': 'Tilda Brandeis',
        'E-mail': 'tilda@millpond.example',
        'Password': 'weathered copper gutter',
    });
    await press('Open it');
    await expect(page.getByText('Millpond Coating is open.')).toBeVisible();

    await open('Ovens');
    await fill({ 'Name': 'Box oven', 'Inside width, m': '1.2', 'Inside height, m': '1.8', 'Inside depth, m': '2' });
    await page.getByLabel(/^Minutes from cold/).fill('25');
    await press('Work its figures out');
    await said('Box oven is set up');
    await open('Powders');
    await fill({ 'Name': 'Slate grey', 'Price a kilogram, CHF': '14' });
    await page.getByLabel(/^Metal at/).first().fill('180');
    await page.getByLabel(/^Needs/).first().fill('10');
    await press('Save');
    await said('Slate grey is on the shelf');
    await open('Guns');
    await fill({ 'Name': 'Cup gun' });
    await press('Save');
    await said('Cup gun is saved');
    await press('Done: take in the first job');
};

const firstJob = async () => {
    await page.getByLabel('What is it').fill('Gate finials');
    await page.getByRole('combobox', { name: 'Customer' }).fill('Millpond parish');
    await press('Take it in');
    await fill({ 'Part': 'finial', 'How many': '6' });
    await page.getByLabel('Metal', { exact: true }).selectOption('cast_aluminium');
    await page.getByLabel('Mass of one').fill('1.4');
    await page.getByLabel('Area of one, all faces').fill('0.08');
    await page.getByLabel('Powder').first().selectOption({ label: 'Slate grey' });
    await press('Save');
    await expect(page.getByText('is written down')).toBeVisible();
    console.log(`To the first job: ${count.presses} presses, ${count.fields} fields`);
    expect(count.presses).toBeLessThanOrEqual(PRESSES_AT_MOST);
    expect(count.fields).toBeLessThanOrEqual(FIELDS_AT_MOST);
};

/** What was typed at full speed on the live form stays, and the person meets no conflict with themselves. */
const typedFast = async () => {
    const size = { 'long': '90', 'wide': '90', 'high': '250' };
    await fill(size);
    await page.getByLabel('Made how').selectOption('cast');
    await page.getByLabel('Blast with').selectOption({ index: 3 });
    await press('Save');
    await expect(page.locator('[data-saved]')).toHaveText('Saved.');
    await page.reload();
    for (const [name, value] of Object.entries(size)) {
        await expect(page.getByLabel(name, { exact: true })).toHaveValue(value);
    }
};

try {
    await setUp();
    await firstJob();
    await typedFast();
} catch (error) {
    await page.screenshot({ path: 'var/test/first-job.png', fullPage: true });
    throw error;
}
expect(troubles).toEqual([]);
await browser.close();
