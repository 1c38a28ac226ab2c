import { test, expect, signIn, later, tickHere, walkTo, weighOut, sprayed, baked } from './support.mjs';

test('two coats, two colours: weighed, sprayed in order, looked at raw, logged', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'mara');
    await page.goto('/jobs/create');
    await page.getByLabel('What is it').fill('Pier number plates');
    await page.getByRole('combobox', { name: 'Customer' }).fill('Steamer pier company');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await page.getByLabel('Part', { exact: true }).fill('number plate');
    await page.getByLabel('How many').fill('6');
    await page.getByLabel('Metal', { exact: true }).selectOption('aluminium');
    await page.getByLabel('Mass of one').fill('1.8');
    await page.getByLabel('Area of one, all faces').fill('0.2');
    await page.getByLabel('Powder').nth(0).selectOption({ label: 'Promenade green, fine texture' });
    await page.getByLabel('Powder').nth(1).selectOption({ label: 'Bandstand white' });
    await page.getByLabel('Coat 2').selectOption('base');
    await page.getByLabel('Where', { exact: true }).nth(1).fill('the numbers');
    await page.getByLabel('Share').nth(1).fill('20');
    await page.getByRole('button', { name: 'Save' }).click();
    const part = page.url().match(/parts\/(\d+)/)[1];
    await page.getByRole('checkbox', { name: 'bare', exact: true }).check();
    await page.getByRole('checkbox', { name: 'bare light metal is known to carry no clear' }).check();

    // Before it is promised: bakes, hands, what the first colour stands.
    const two = page.getByRole('region', { name: 'Two colours' });
    await expect(two).toContainText('2 bakes in all, 1 more than in one colour');
    await expect(two.getByRole('row', { name: /Wipe the wet powder off/ })).toContainText('15 min');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await page.goto(`/parts/${part}/pins`);
    await page.getByLabel('What is there').selectOption('recess');
    await page.getByLabel('Across, %').fill('50');
    await page.getByLabel('Down, %').fill('40');
    await page.getByLabel('Size').fill('30');
    await page.getByLabel('A recess: deep').fill('45');
    await page.getByRole('button', { name: 'Set the pin' }).click();
    await expect(page.getByText(/wide, 45 mm deep/)).toBeVisible();
    await page.goto(`/parts/${part}/route`);
    await page.getByRole('link', { name: /^Job \d+, Pier number plates/ }).click();
    await walkTo(page, 'Coat');

    // A setting turned is answered at once: grams, film, index.
    await page.goto(`/station/coat?part=${part}`);
    await expect(page.getByText('recess at pin 1 stays under', { exact: false }).first()).toBeVisible();
    await tickHere(page);
    const grams = page.locator('#coat-answer .num').first();
    const film = page.getByRole('textbox', { name: /^Film wanted/ });
    await film.fill('88');
    await film.press('Tab');
    await expect(page.locator('#coat-answer')).toContainText('88 µm aimed at');
    // Passes are whole, so another film may be the same grams; another flow is not.
    const before = await grams.textContent();
    const flow = page.getByLabel('Flow, g/min');
    await flow.fill('97');
    await flow.press('Tab');
    await expect(grams).not.toHaveText(before);
    await flow.fill('110');
    await flow.press('Tab');
    await expect(grams).toHaveText(before);
    const index = page.getByRole('region', { name: 'Charge index' }).locator('.num').first();
    const calm = Number(await index.textContent());
    await page.getByLabel('µA, faces, top down').fill('95');
    await page.getByLabel('µA, faces, top down').press('Tab');
    await expect.poll(async () => Number(await index.textContent())).toBeGreaterThan(calm);

    await page.goto(`/station/coat?part=${part}`);
    await weighOut(page);
    // The faces wait for the recess.
    await page.getByRole('button', { name: 'Done: faces, top down' }).click();
    await expect(page.getByRole('alert')).toContainText('Recess at pin 1 comes first');
    await sprayed(page, 6);

    // Thin at the rail: blown off, sprayed again.
    await page.locator('summary', { hasText: 'Blow it off' }).click();
    await page.locator('#blow-why').fill('stars at the rim');
    await page.getByRole('button', { name: 'Blown off', exact: true }).click();
    await expect(page.getByRole('status')).toContainText('the coat is due again');
    await weighOut(page);
    await sprayed(page, 6);
    await walkTo(page, 'Cure');
    await baked(page, /number plate/);

    // The second colour on its place: a fifth of the skin, over a film, at a lower voltage.
    await page.goto(`/parts/${part}/route`);
    await page.getByRole('link', { name: /^Job \d+, Pier number plates/ }).click();
    await later(page, 60);
    await walkTo(page, 'Coat');
    await page.goto(`/station/coat?part=${part}`);
    await expect(page.locator('#coat-answer')).toContainText('on the numbers only (20 %)');
    await expect(page.getByRole('region', { name: 'Charge index' })).toContainText('film below');
    await tickHere(page);
    await weighOut(page);
    await sprayed(page, 6);
    await walkTo(page, 'Cure');
    await baked(page, /number plate/);
});

test('the booth is played by script to a known film', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'joss');
    await page.goto('/practice/booth/overlap');
    await page.getByRole('button', { name: 'Begin again' }).click();
    const across = async (y, right) => {
        await page.locator('summary', { hasText: 'A stroke by figures' }).click();
        await page.getByLabel('From, across').fill(right ? '-150' : '750');
        await page.getByLabel('From, down').fill(String(y));
        await page.getByLabel('To, across').fill(right ? '750' : '-150');
        await page.getByLabel('To, down').fill(String(y));
        await page.getByRole('button', { name: 'Spray it' }).click();
        await page.waitForLoadState();
    };
    // Four times over, half overlapped: 110 g/min at 0.6, SG 1.55, 300 mm/s is 19.7 µm a time where nothing kicks.
    for (let time = 0; time < 4; time++) for (let n = 0; n < 7; n++) await across(n * 120 - 120, n % 2 === 0);
    await expect(page.locator('[data-figure="band"]')).toHaveText('100 %');
    expect(parseFloat(await page.locator('[data-figure="mean"]').textContent())).toBeCloseTo(71.4, 0);
    // And by hand: a pointer pressed and moved lays some more, as it is answered.
    const sprayed = page.locator('[data-figure="sprayed"]');
    const before = await sprayed.textContent();
    const box = await page.locator('[data-panel]').boundingBox();
    await page.mouse.move(box.x + box.width * 0.2, box.y + box.height * 0.5);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width * 0.8, box.y + box.height * 0.5, { steps: 40 });
    await page.mouse.up();
    await expect(sprayed).not.toHaveText(before);
    // And by keys.
    const byHand = await sprayed.textContent();
    await page.locator('[data-panel]').focus();
    await page.keyboard.press(' ');
    await page.keyboard.down('ArrowRight');
    await page.waitForTimeout(700);
    await page.keyboard.up('ArrowRight');
    await page.keyboard.press(' ');
    await expect(sprayed).not.toHaveText(byHand);
    await page.getByRole('button', { name: 'Judge it' }).click();
    await expect(page.getByText(/\d+ of 100\./).first()).toBeVisible();
    await page.getByLabel('A real panel sprayed like it').fill('68 74 71 77');
    await page.getByRole('button', { name: 'Keep beside it' }).click();
    await expect(page.getByText(/Real: mean 72\.5 µm/)).toBeVisible();
});
