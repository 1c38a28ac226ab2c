import { test, expect, signIn, later, watch } from './support.mjs';

/** A morning: plan, start, a bake runs over, a person goes home, a rush job comes in. */
test('a morning is planned, slips, and is planned again', async ({ page, browser, baseURL }) => {
    await signIn(page, baseURL, 'mara');
    // Whatever the hour is by now, there is a day to plan, and most of it is still to come.
    await page.goto('/hours');
    const hours = page.locator('form[action="/hours"]');
    for (const day of ['Mon', 'Tues', 'Wednes', 'Thurs', 'Fri', 'Satur', 'Sun'])
        await hours.getByLabel(`${day}day`).fill('0:00-24:00');
    await hours.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Saved. The plan goes by it')).toBeVisible();
    const hour = parseInt(await page.locator('[data-shop-time]').textContent(), 10);
    if (hour >= 19) await later(page, 60 * (25 - hour));
    await page.goto('/day');
    await expect(page.getByRole('heading', { name: /^The day, / })).toBeVisible();
    await expect(page.getByRole('img', { name: /Benches and ovens/ })).toBeVisible();
    await page.getByRole('button', { name: 'Plan anew' }).dblclick();
    await expect(page.getByText(/planned again|already done/i)).toBeVisible();

    // What is next, large, and the way to its bench.
    await page.goto('/day/mine');
    const next = page.getByRole('region', { name: 'Next' });
    await expect(next.getByRole('link', { name: 'To the bench' })).toBeVisible();
    const size = await next.locator('.my-day').evaluate((node) => parseFloat(getComputedStyle(node).fontSize));
    expect(size).toBeGreaterThan(32);

    // Somebody goes home: nothing of that day is theirs any more.
    await page.goto('/day');
    const away = page.locator('form[action="/day/away"]');
    await away.getByLabel('Who').selectOption({ label: 'Joss Tellmark' });
    const from = await away.getByLabel('Away from').inputValue();
    const tomorrow = new Date(Date.parse(`${from}Z`) + 86400000).toISOString().slice(0, 16);
    await away.getByLabel('Back at').fill(tomorrow);
    await away.getByRole('button', { name: 'Is away' }).click();
    await expect(page.getByText(/Joss Tellmark is away/)).toBeVisible();
    await page.getByText(/steps, beside the plan before/).click();
    await expect(page.getByRole('region', { name: 'What moved' })).toContainText('by Mara Ostwald');
    await page.goto('/day/mine');
    await page.getByLabel('Whose day').selectOption({ label: 'Joss Tellmark' });
    await page.getByRole('button', { name: 'Look' }).click();
    await expect(page.getByText('Nothing more is planned for Joss Tellmark that day.')).toBeVisible();

    // A rush job: this first; then it is taken back.
    await page.goto('/day');
    const wishes = page.locator('form[action="/day/preferences"]');
    const rush = await wishes.getByLabel('Lot').locator('option', { hasText: 'handrail end' }).textContent();
    await wishes.getByLabel('Lot').selectOption({ label: rush });
    await wishes.getByRole('button', { name: 'This first' }).click();
    await expect(page.getByText(/this first\. The plan heeds it/)).toBeVisible();
    await page.getByRole('button', { name: 'Not any more' }).first().click();
    await expect(page.getByText('Taken back.')).toBeVisible();

    // The clock goes on past what was to be over, and the plan with it.
    await later(page, 25);
    await page.goto('/day');
    await expect(page.getByText(/as the plan stands|Every date is kept/)).toBeVisible();
    await page.getByText('The same as a table').click();
    await expect(page.getByRole('row').nth(1)).toBeVisible();

    // Would another one fit? Answered at the counter.
    await page.getByRole('link', { name: 'What if' }).click();
    await page.getByLabel('Like').selectOption({ index: 1 });
    await page.getByLabel('How many').fill('6');
    await page.getByRole('button', { name: 'When?' }).click();
    await expect(page.locator('.verdict').first()).toContainText(/Done|Not within/);

    // A calendar reads it, signed in nowhere; closed, it does not.
    await page.goto('/day');
    await page.getByRole('button', { name: 'Give me an address' }).click();
    const address = await page.locator('b', { hasText: '/calendar/' }).textContent();
    const outside = await (await browser.newContext()).newPage();
    watch(outside, [], new URL(baseURL).host);
    const calendar = await outside.request.get(new URL(address).pathname);
    expect(await calendar.text()).toContain('BEGIN:VEVENT');
    await page.getByRole('button', { name: 'Close', exact: true }).first().click();
    expect((await outside.request.get(new URL(address).pathname)).status()).toBe(404);
    await outside.context().close();

    await page.goto('/day');
    await page.getByRole('button', { name: 'Is there' }).first().click();
    await expect(page.getByText('Joss Tellmark is there.')).toBeVisible();
});

test('a quote is worked out, told, accepted and held against what it took', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'mara');
    await page.goto('/find?q=handrail');
    await page.getByRole('link', { name: /Handrail ends/ }).first().click();
    await page.getByRole('link', { name: 'Quote', exact: true }).click();
    const line = page.locator('details', { hasText: 'Mask and hang' });
    await line.locator('summary').click();
    await expect(line.getByText(/min by the book for 10 pieces/)).toBeVisible();
    await page.getByRole('button', { name: 'Write the quote' }).click();
    await expect(page.getByRole('heading', { name: /^Quote \d+$/ })).toBeVisible();
    await page.getByRole('button', { name: 'Accepted' }).click();
    await expect(page.getByText('Who answers').or(page.getByText(/name/i)).first()).toBeVisible();
    await page.getByLabel('Who answers').fill('R. Pell');
    await page.getByRole('button', { name: 'Accepted' }).click();
    await expect(page.getByText('accepted by R. Pell')).toBeVisible();
    await page.getByLabel('took, min').first().fill('50');
    await page.getByRole('button', { name: 'Keep' }).first().click();
    await expect(page.getByText('took 50 min')).toBeVisible();
});
