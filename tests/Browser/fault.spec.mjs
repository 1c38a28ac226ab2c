import { test, expect, signIn, later, tickHere, walkTo, weighOut, sprayed, baked, lookOver } from './support.mjs';

/** Eight hoods from the raw powder to the customer; two of them thin in a recess, mended on their own. */
test('raw comb wrong, blown off, baked, thin in a recess, diagnosed, sanded and coated again, released', async ({
    page,
    baseURL,
}) => {
    await signIn(page, baseURL, 'mara');
    await page.goto('/jobs/create');
    await page.getByLabel('What is it').fill('Gatehouse hoods');
    await page.getByRole('combobox', { name: 'Customer' }).fill('Chapel keepers');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await page.getByLabel('Part', { exact: true }).fill('gatehouse hood');
    await page.getByLabel('How many').fill('8');
    await page.getByLabel('Metal', { exact: true }).selectOption('aluminium');
    await page.getByLabel('Mass of one').fill('1.1');
    await page.getByLabel('Area of one, all faces').fill('0.2');
    await page.getByLabel('Powder').nth(0).selectOption({ label: 'Promenade green, fine texture' });
    await page.getByRole('button', { name: 'Save' }).click();
    const part = page.url().match(/parts\/(\d+)/)[1];
    await page.getByRole('checkbox', { name: 'bare', exact: true }).check();
    await page.getByRole('checkbox', { name: 'bare light metal is known to carry no clear' }).check();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await page.goto(`/parts/${part}/pins`);
    for (const [what, value] of [['Across, %', '50'], ['Down, %', '40'], ['Size', '26'], ['A recess: deep', '48']])
        await page.getByLabel(what).fill(value);
    await page.getByLabel('What is there').selectOption('recess');
    await page.getByRole('button', { name: 'Set the pin' }).click();
    await page.goto(`/parts/${part}/route`);
    const job = await page.getByRole('link', { name: /^Job \d+, Gatehouse hoods/ }).getAttribute('href');
    await page.goto(job);
    await walkTo(page, 'Coat');

    // The comb says it is wrong while that is cheap.
    await page.goto(`/station/coat?part=${part}`);
    await tickHere(page);
    await weighOut(page);
    await sprayed(page, 8);
    await page.locator('summary', { hasText: 'Blow it off' }).click();
    await page.locator('#blow-why').fill('comb far under on the far side');
    await page.getByRole('button', { name: 'Blown off', exact: true }).click();
    await expect(page.getByRole('status')).toContainText('the coat is due again');
    await weighOut(page);
    await sprayed(page, 8);
    await walkTo(page, 'Cure');
    await baked(page, /gatehouse hood/, null);
    await page.getByRole('button', { name: 'Sign, on to Inspect' }).click();
    await page.getByRole('status').getByRole('link', { name: 'See it at Inspect' }).click();

    // Thin in the recess: the picture says where, beside what the coat bench had said.
    await page.getByRole('textbox', { name: /^Faces/ }).fill('72 75 70');
    await page.getByRole('textbox', { name: /^Edges and insides/ }).fill('66 64 68');
    await page.getByRole('textbox', { name: /^Recess, pin 1/ }).fill('41 44 38');
    await page.getByRole('button', { name: 'Judge the film' }).click();
    await expect(page.getByRole('status')).toContainText('outside the band');
    await expect(page.getByText(/Recess, pin 1 is thin, .* the coat bench had said/)).toBeVisible();
    await page.getByLabel('What it did').selectOption('5');
    await page.getByRole('button', { name: 'Write the rub down' }).click();
    await page.getByRole('link', { name: /A fault: Pin 1/ }).click();
    await expect(page.getByLabel('What is wrong')).toHaveValue('thin_recess');
    await page.getByLabel('On how many pieces').fill('2');
    await page.getByLabel('One broken open: does it go to metal?').selectOption('no');
    await page.getByRole('button', { name: 'Pin it' }).click();

    // Diagnosed by the record, decided, on the route of just those two.
    await expect(page.getByRole('heading', { name: 'Thin in a recess on 2 of 8' })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Why' })).toContainText(/Recess sprayed first: yes/);
    const fault = page.url();
    await page.getByRole('button', { name: /Sand and recoat: 2 of 8/ }).click();
    await expect(page.getByRole('status')).toContainText('on the route of 2 × gatehouse hood');
    const two = page.url().match(/lot=(\d+)/)[1];
    await walkTo(page, 'Coat');
    await page.goto(`/station/coat?lot=${two}`);
    await expect(page.locator('#coat-answer')).toContainText('to mend');
    await tickHere(page);
    // Sanded, it is wiped before powder goes on again.
    await walkTo(page, 'Wash');
    await walkTo(page, 'Coat');
    await weighOut(page);
    await sprayed(page, 2);
    await walkTo(page, 'Cure');
    await baked(page, /gatehouse hood, thin in a recess/, null);
    await page.getByRole('button', { name: 'Sign, on to Inspect' }).click();
    await page.getByRole('status').getByRole('link', { name: 'See it at Inspect' }).click();
    await page.getByRole('button', { name: 'Read the simulated film gauge' }).click();
    await expect(page.getByRole('textbox', { name: /^Faces/ })).not.toHaveValue('');
    for (const spot of [/^Faces/, /^Edges and insides/, /^Far side/, /^Recess, pin 1/])
        await page.getByRole('textbox', { name: spot }).fill('139 142 137');
    await page.getByRole('button', { name: 'Judge the film' }).click();
    await expect(page.getByRole('status')).toContainText('within the band');
    await page.getByLabel('What it did').selectOption('5');
    await page.getByRole('button', { name: 'Write the rub down' }).click();
    await page.goto(fault);
    await page.getByLabel('What was it from?').selectOption('deep_recess');
    await page.getByRole('button', { name: 'Mended: close it' }).click();
    await expect(page.getByRole('status')).toContainText('what it came from is kept');
    await page.goto(`/station/inspect?lot=${two}`);
    await lookOver(page);
    await expect(page.getByText('Inspected: film, cure and looks are all there.')).toBeVisible();
    await later(page, 60);
    await walkTo(page, 'Release');
    await lookOver(page);
    await page.getByLabel('Taken by').fill('R. Ollenby');
    await page.locator('[data-pad]').scrollIntoViewIfNeeded();
    const pad = await page.locator('[data-pad]').boundingBox();
    await page.mouse.move(pad.x + 20, pad.y + 60);
    await page.mouse.down();
    await page.mouse.move(pad.x + 120, pad.y + 20, { steps: 6 });
    await page.mouse.move(pad.x + 180, pad.y + 90, { steps: 6 });
    await page.mouse.up();
    await page.getByRole('button', { name: 'Sign and release' }).click();
    await expect(page.getByRole('status')).toContainText('is handed over');

    // The sheet says what became of the two; the other six hang at Inspect still.
    await page.goto(`${job}/sheet`);
    await expect(page.getByText(/Thin in a recess on 2: sanded and coated again/)).toBeVisible();
    await expect(page.getByRole('img', { name: 'Signature of R. Ollenby' })).toBeVisible();
    await page.goto(`/station/inspect?part=${part}`);
    await expect(page.getByRole('heading', { name: /^6 × gatehouse hood/ })).toBeVisible();

    // The customer's address shows the sheet to whoever has it, until it is closed.
    await page.goto(`${job}/record`);
    await page.getByRole('button', { name: 'Make an address' }).click();
    const address = await page.locator('.verdict strong', { hasText: '/r/' }).textContent();
    const stranger = await page.context().browser().newContext();
    const copy = await stranger.newPage();
    await copy.goto(address.replace(/^https?:\/\/[^/]+/, baseURL));
    await expect(copy.getByRole('heading', { name: /Record of job/ })).toBeVisible();
    const pdf = await copy.pdf({ preferCSSPageSize: true });
    expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
    await page.getByRole('button', { name: 'Close it' }).click();
    await expect(page.getByRole('status')).toContainText('shows nothing any more');
    expect((await copy.goto(address.replace(/^https?:\/\/[^/]+/, baseURL))).status()).toBe(404);
    await stranger.close();
});
