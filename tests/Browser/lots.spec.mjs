import { test, expect, signIn, later, tickHere, walkTo } from './support.mjs';

/** A job of two parts in three lots: one left behind on purpose, one baked again after its rub, one taken out early. */
test('three lots of two parts go each their own way', async ({ page, baseURL }, info) => {
    const mark = info.project.name;
    await signIn(page, baseURL, 'mara');
    await page.goto('/jobs/create');
    await page.getByLabel('What is it').fill(`Boathouse rails ${mark}`);
    await page.getByRole('combobox', { name: 'Customer' }).fill('Lake boating club');
    await page.getByRole('button', { name: 'Take it in' }).click();
    const partForm = async (name, count, mass, area) => {
        await page.getByLabel('Part', { exact: true }).fill(name);
        await page.getByLabel('How many').fill(count);
        await page.getByLabel('Metal', { exact: true }).selectOption('stainless_steel');
        await page.getByLabel('Mass of one').fill(mass);
        await page.getByLabel('Area of one, all faces').fill(area);
        await page.getByLabel('Powder').nth(0).selectOption({ label: 'Slipway grey, quick' });
        await page.getByRole('button', { name: 'Save' }).click();
        await expect(page.getByRole('status')).toContainText('is written down');
        return page.url().match(/parts\/(\d+)/)[1];
    };
    await partForm(`rail ${mark}`, '6', '4', '0.5');
    const link = page.getByRole('link', { name: /^Job \d+, Boathouse/ });
    const job = new URL(await link.getAttribute('href'), baseURL).href;
    await page.goto(`${job}/parts/create`);
    await partForm(`post ${mark}`, '2', '14', '0.6');

    // The rails are parted: four go on a cart, two stay.
    await page.goto(job);
    const rails = page.getByRole('region', { name: new RegExp(`6 × rail ${mark}`) }).first();
    await rails.locator('summary', { hasText: 'split, join, scrap' }).click();
    await rails.getByLabel('Pieces', { exact: true }).fill('4');
    await rails.getByLabel('On (cart, rack, bag)').fill(`cart ${mark}`);
    await rails.getByRole('button', { name: 'Split them off' }).click();
    await expect(page.getByRole('status')).toContainText('4 go on as');

    // The cart and the posts go to the oven; each is signed on by itself, the two rails stay at the counter.
    const lotOf = async (title) =>
        (
            await page
                .locator(`section[id^="lot-"][aria-label^="${title}"]`)
                .getAttribute('id')
        ).slice(4);
    await page.goto(job);
    const cart = await lotOf(`4 × rail ${mark}`);
    const posts = await lotOf(`2 × post ${mark}`);
    const toOven = async (lot) => {
        await page.goto(`${job}#lot-${lot}`);
        const here = page.locator(`#lot-${lot}`);
        await here.getByRole('button', { name: /sign, on to/i }).click();
        await page.getByRole('status').getByRole('link', { name: /See it at/ }).click();
        await walkTo(page, 'Coat');
        await page.getByRole('button', { name: 'Powder is on: log it' }).click();
        await walkTo(page, 'Cure');
    };
    await toOven(cart);
    await toOven(posts);
    await page.goto(job);
    await expect(page.getByText(/hangs\s+at\s+(Intake\s+and\s+Cure|Cure\s+and\s+Intake)/)).toBeVisible();

    // One load; the cart comes out early and is short by its rub, the posts bake on.
    await page.goto('/station/cure');
    await page.getByRole('checkbox', { name: new RegExp(`rail ${mark}`) }).check();
    await page.getByRole('checkbox', { name: new RegExp(`post ${mark}`) }).check();
    await page.getByLabel('Oven', { exact: true }).selectOption({ label: 'Yard oven' });
    await page.getByRole('button', { name: 'Hang and work out the bake' }).click();
    await page.getByRole('button', { name: 'Door is shut: start' }).click();
    const bake = page.url();
    await later(page, 37);
    await page.locator('summary', { hasText: 'Take some out' }).click();
    await page.getByRole('button', { name: new RegExp(`Take 4 × rail ${mark}`) }).click();
    await expect(page.getByRole('status')).toContainText('The rest bakes on');
    await later(page, 21);
    await page.getByRole('button', { name: 'Pull: it is out' }).click();
    await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('taken out early');
    await later(page, 150);

    // From the load's page the lots are signed on, each for itself.
    await page.goto(bake);
    await page.getByRole('button', { name: 'Sign, on to Inspect' }).first().click();
    await page.getByRole('status').getByRole('link', { name: 'See it at Inspect' }).click();
    await page.getByLabel('What it did').selectOption('1');
    await page.getByRole('button', { name: 'Write the rub down' }).click();
    await expect(page.getByRole('status')).toContainText('under-cured');
    await expect(page.getByText('Measured outranks computed')).toBeVisible();
    await walkTo(page, 'Cure');
    await page.getByRole('checkbox', { name: /goes back in/ }).first().check();
    await page.getByLabel('Oven', { exact: true }).selectOption({ label: 'Yard oven' });
    await page.getByRole('button', { name: 'Hang and work out the bake' }).click();
    await page.getByRole('button', { name: 'Door is shut: start' }).click();
    await later(page, 16);
    await page.getByRole('button', { name: 'Pull: it is out' }).click();
    await later(page, 150);
    await page.getByRole('button', { name: 'Sign, on to Inspect' }).click();
    await page.getByRole('status').getByRole('link', { name: 'See it at Inspect' }).click();
    await page.getByLabel('What it did').selectOption('5');
    await page.getByRole('button', { name: 'Write the rub down' }).click();
    await tickHere(page);
    await walkTo(page, 'Release');
    await page.getByLabel('Note').first().fill('The cart goes first; the others follow.');
    await page.getByRole('button', { name: 'Sign and release' }).click();
    await expect(page.getByRole('status')).toContainText('is handed over');

    // The job stays open, and its record says what each lot is.
    await page.goto(`${job}/record`);
    await expect(page.getByText('released in part; the rest is as it is now')).toBeVisible();
    const sheet = page.getByRole('article');
    await expect(sheet.getByText(/not baked/)).toHaveCount(1);
    await expect(sheet.getByText(/^Handed over/)).toHaveCount(1);
});
