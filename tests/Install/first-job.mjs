/*
 * From the first-run code to the first job, as the owner of a new shop would go.
 *
 * node tests/Install/first-job.mjs ADDRESS CODE
 */
import { chromium, expect } from '@playwright/test';
import { launchOptions, watch } from '../Browser/support.mjs';

const [base, code] = process.argv.slice(2);
const browser = await chromium.launch(launchOptions);
const page = await browser.newPage({ baseURL: base, viewport: { width: 1280, height: 800 } });
const troubles = [];
watch(page, troubles, new URL(base).host);

const walk = async () => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Open the shop' })).toBeVisible();
    await page.getByLabel('Code from the console').fill(code);
    await page.getByLabel('What the shop is called').fill('Millpond Coating');
    await page.getByLabel('Name', { exact: true }).fill('Tilda Brandeis');
    await page.getByLabel('E-mail').fill('tilda@millpond.example');
    await page.getByLabel('Password', { exact: true }).fill('weathered copper gutter');
    await page.getByRole('button', { name: 'Open it' }).click();
    await expect(page.getByText('Millpond Coating is open.')).toBeVisible();

    await page.goto('/jobs/create');
    await page.getByLabel('What is it').fill('Gate finials');
    await page.getByRole('combobox', { name: 'Customer' }).fill('Millpond parish');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await page.getByLabel('Part', { exact: true }).fill('finial');
    await page.getByLabel('How many').fill('6');
    await page.getByLabel('Metal', { exact: true }).selectOption('cast_aluminium');
    await page.getByLabel('Mass of one').fill('1.4');
    await page.getByLabel('Area of one, all faces').fill('0.08');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('is written down')).toBeVisible();
    const facts = page.url();
    await page.goto('/');
    await expect(page.getByRole('link', { name: /Gate finials/ }).first()).toBeVisible();

    // What was typed at full speed on the live form stays, and the person meets no conflict with themselves.
    await page.goto(facts);
    for (const [name, value] of [['long', '90'], ['wide', '90'], ['high', '250']]) {
        await page.getByLabel(name, { exact: true }).fill(value);
    }
    await page.getByLabel('Made how').selectOption({ index: 1 });
    await page.getByLabel('Blast with').selectOption({ index: 2 });
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.locator('[data-saved]')).toHaveText('Saved.');
    await page.reload();
    for (const [name, value] of [['long', '90'], ['wide', '90'], ['high', '250']]) {
        await expect(page.getByLabel(name, { exact: true })).toHaveValue(value);
    }
};

try {
    await walk();
} catch (error) {
    await page.screenshot({ path: 'var/test/first-job.png' });
    throw error;
}
expect(troubles).toEqual([]);
await browser.close();
