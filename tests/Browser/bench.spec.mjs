import { test, expect, signIn, watch, walkTo } from './support.mjs';

test('a load no bake serves is parted in one click', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'joss');
    await page.goto('/station/cure');
    await page.getByRole('checkbox', { name: /column base/ }).check();
    await page.getByRole('checkbox', { name: /thin skirt/ }).check();
    await page.getByLabel('Oven', { exact: true }).selectOption({ label: 'Yard oven' });
    await page.getByRole('button', { name: 'Hang and work out the bake' }).click();
    await expect(page.getByText('No single bake serves all of this. 2 loads do:')).toBeVisible();
    await page.getByRole('button', { name: 'Part it into 2 loads' }).dblclick();
    await expect(page.getByRole('heading', { name: 'Cure' })).toBeVisible();
    const loads = page.getByRole('region', { name: 'Planned loads' });
    await expect(loads.getByRole('link', { name: /4 × column base/ })).toHaveCount(1);
    await expect(loads.getByRole('link', { name: /8 × thin skirt/ })).toHaveCount(1);
});

test('two tablets and a refresh show the same clock', async ({ page, browser, baseURL }) => {
    await signIn(page, baseURL, 'joss');
    await page.getByRole('link', { name: /is baking/ }).click();
    const other = await (await browser.newContext()).newPage();
    const troubles = [];
    watch(other, troubles, new URL(baseURL).host);
    await signIn(other, baseURL, 'orla');
    await other.goto(page.url());
    const clock = (at) => at.locator('#board [data-until]').first();
    const until = await clock(page).getAttribute('data-until');
    expect(Math.abs((await clock(other).getAttribute('data-until')) - until)).toBeLessThan(500);
    const spelt = (text) => text.split(':').reduce((sum, part) => 60 * sum + Number(part), 0);
    const [mine, theirs] = [await clock(page).textContent(), await clock(other).textContent()];
    expect(Math.abs(spelt(mine) - spelt(theirs))).toBeLessThanOrEqual(2);
    await page.reload();
    expect(Math.abs((await clock(page).getAttribute('data-until')) - until)).toBeLessThan(500);
    // It runs, and a viewer has no buttons.
    const before = spelt(await clock(page).textContent());
    await expect.poll(async () => spelt(await clock(page).textContent())).toBeLessThan(before);
    await expect(other.getByRole('button', { name: 'Pull: it is out' })).toHaveCount(0);
    expect(troubles).toEqual([]);
    await other.context().close();
});

test('the bench works with the keyboard alone', async ({ page, baseURL }) => {
    await page.goto('/sign-in');
    await expect(page.getByLabel('E-mail')).toBeFocused();
    await page.keyboard.type('joss@lakeside-coating.example');
    await page.keyboard.press('Tab');
    await page.keyboard.type('lantern-on-the-pier');
    await page.keyboard.press('Enter');
    await page.waitForURL(`${baseURL}/`);
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.keyboard.press('Escape');
    await page.keyboard.press('/');
    await page.keyboard.type('handrail');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: /Found for/ })).toBeVisible();
    await page.keyboard.press('6');
    await expect(page.getByRole('heading', { name: 'Mask and hang' })).toBeVisible();
    const tabTo = async (role, name) => {
        for (let n = 0; n < 60; n++) {
            await page.keyboard.press('Tab');
            if (
                await page
                    .getByRole(role, { name })
                    .first()
                    .evaluate((node) => node === document.activeElement)
            )
                return;
        }
        throw new Error(`never reached ${name}`);
    };
    const ticks = page.getByRole('button', { name: /^Tick / });
    for (let left = await ticks.count(); left > 0; left--) {
        await tabTo('button', /^Tick /);
        await page.keyboard.press('Enter');
        await expect(ticks).toHaveCount(left - 1);
    }
    await tabTo('textbox', /Note/);
    await page.keyboard.type('plugs in, both ends');
    await tabTo('button', /Done here: sign, on to Coat/);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('status')).toContainText('hangs at Coat now');
    await page.keyboard.press('8');
    await expect(page.getByRole('heading', { name: 'Cure', exact: true })).toBeVisible();
    await tabTo('link', /Bench oven/);
    await page.keyboard.press('Enter');
    await tabTo('img', /The bake/);
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await expect(page.locator('.readout')).toContainText(/minute\s+.*air\s+\d+\s+°C/);
    await page.keyboard.press('0');
    await expect(page.getByRole('heading', { name: 'Release' })).toBeVisible();
});

test('a page is useful before any script runs', async ({ browser, baseURL }) => {
    const page = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
    await signIn(page, baseURL, 'joss');
    await page.goto(`${baseURL}/station/cure`);
    await page.getByRole('region', { name: 'Planned loads' }).getByRole('link').first().click();
    await page.locator('#minutes').fill('3');
    await page.getByRole('button', { name: 'Work it out' }).click();
    await expect(page.getByText('Too short')).toBeVisible();
    await page.getByRole('button', { name: 'As the house plans' }).click();
    await expect(page.getByText('Too short')).toHaveCount(0);
    await page.context().close();
});

test('a form sent twice does one thing and keeps what was typed when refused', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'joss');
    await page.goto('/jobs/create');
    await page.getByLabel('What is it').fill('Twice-sent cleats');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByRole('alert')).toContainText('Customer is empty');
    await expect(page.getByLabel('What is it')).toHaveValue('Twice-sent cleats');
    await page.getByRole('combobox', { name: 'Customer' }).fill('Lake boating club');
    await page.getByRole('button', { name: 'Take it in' }).dblclick();
    await expect(page.getByRole('heading', { name: 'What part came with it?' })).toBeVisible();
    await page.goto('/find?q=twice-sent');
    await expect(page.getByRole('link', { name: /Twice-sent cleats/ })).toHaveCount(1);
});

test('a contradiction is named at the counter, mended and signed for', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'joss');
    await page.goto('/find?q=hinges');
    await page.getByRole('link', { name: /Bandstand hinges/ }).click();
    const job = page.url();
    await page.getByRole('button', { name: /sign, on to/i }).click();
    await expect(page.getByRole('alert')).toContainText('Hinge is cast aluminium and the medium is steel grit');
    await page.getByRole('link', { name: 'What it is and its route' }).click();
    await expect(page.getByText('3 things hold it at Intake.')).toBeVisible();
    await page.getByLabel('Blast with').selectOption({ label: 'garnet' });
    await expect(page.getByText('2 things hold it at Intake.')).toBeVisible();
    await page.getByRole('button', { name: 'Lay it out anew' }).click();
    await expect(page.getByText('One thing holds it at Intake.')).toBeVisible();
    await page.getByLabel('Name of who signs').fill('M. Ostwald');
    await page.getByRole('button', { name: 'Sign', exact: true }).click();
    await expect(page.getByText(/It\s+can\s+go\s+on:\s+.*\s+of\s+hands/)).toBeVisible();
    await page.goto(job);
    await walkTo(page, 'Strip');
});

test('a part is built from shapes, and its card opens the job', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'joss');
    await page.goto('/find?q=moring+cleats');
    await expect(page.getByText('Taken to mean: mooring.')).toBeVisible();
    await page.getByRole('link', { name: /Mooring cleats/ }).click();
    const job = page.url();
    await page.getByRole('link', { name: 'Part bench' }).click();
    await page.getByLabel('Shape', { exact: true }).selectOption({ label: 'round bar' });
    await page.getByRole('button', { name: 'Pick' }).click();
    await page.getByLabel('Across').fill('1 1/4 in');
    await page.getByLabel('Length').fill('-5');
    await page.getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByRole('alert')).toContainText('Length');
    await expect(page.getByLabel('Across')).toHaveValue('1 1/4 in');
    await page.getByLabel('Length').fill('30 cm');
    await page.getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByRole('img', { name: /1 × round bar, 31.8 × 31.8 × 300 mm/ })).toBeVisible();
    await expect(page.getByText(/It\s+weighs\s+\d+\s+%\s+more\s+than\s+the\s+shapes/)).toBeVisible();
    await page.getByRole('button', { name: 'Take these figures' }).click();
    await expect(page.getByText(/It\s+weighs/)).toHaveCount(0);
    await page.goto(`${job}/card`);
    await expect(page.getByRole('img', { name: /Opens job \d+/ })).toBeVisible();
    const pdf = await page.pdf({ preferCSSPageSize: true });
    expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});
