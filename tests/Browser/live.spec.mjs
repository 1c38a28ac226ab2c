import { test, expect, signIn } from './support.mjs';

/** Figures that people type on a form which answers at every change, and what they make of each: a little more. */
const typed = async (page) => {
    const fields = page.locator(
        'form:is([hx-get], [hx-put], [hx-post])[hx-trigger*="change"] ' +
            'input:not([type="hidden"], [type="checkbox"], [type="radio"], [type="range"]):visible',
    );
    const all = [];
    for (const field of await fields.all()) {
        const [name, value] = [await field.getAttribute('name'), await field.inputValue()];
        if (!name || !/^\d+([.,]\d+)?$/.test(value)) continue;
        all.push({ name, value: String(Number(value.replace(',', '.')) + 1) });
    }
    return all;
};

/** Typed as fast as keys go, without waiting for an answer; then every field still holds what was typed. */
const typesAtFullSpeed = async (page, more = []) => {
    const all = [...(await typed(page)), ...more];
    expect(all.length, 'figures to type').toBeGreaterThan(0);
    for (const { name, value } of all) {
        // In one go: an answer may replace the field between two calls, and a person's next key does not wait for it.
        await page.evaluate((wanted) => {
            const named = document.querySelectorAll(`form:is([hx-get], [hx-put], [hx-post]) [name="${wanted}"]`);
            const field = [...named].find((one) => one.checkVisibility());
            field.focus();
            field.select();
        }, name);
        await page.keyboard.type(value, { delay: 0 });
        await page.keyboard.press('Tab');
    }
    await page.waitForLoadState('networkidle');
    for (const { name, value } of all) {
        const field = page.locator(`form:is([hx-get], [hx-put], [hx-post]) [name="${name}"]:visible`).first();
        expect(Number((await field.inputValue()).replace(',', '.')), name).toBeCloseTo(Number(value), 6);
    }
    await expect(page.getByRole('heading', { name: /saved this while you had it open/ })).toHaveCount(0);
};

test('what is typed at full speed on a live form stays, and meets no conflict', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'joss');
    await page.goto('/station/blast');
    await typesAtFullSpeed(page);
    await page.goto('/station/coat');
    await typesAtFullSpeed(page);

    await page.goto('/station/cure');
    await page.locator('a[href^="/bakes/"]', { hasText: /lantern cap/ }).first().click();
    await typesAtFullSpeed(page);

    // A part's facts are saved at every change, and once more by the button.
    await page.goto('/station/intake');
    await page.locator('a[href*="/route"]').first().click();
    const sides = ['600', '600', '120'].map((value, n) => ({ name: `box[${n}]`, value }));
    await typesAtFullSpeed(page, sides);
    await page.getByLabel('Blast with').selectOption({ index: 3 });
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.locator('[data-saved]')).toHaveText('Saved.');
    // What cannot be is said beside its field, and what was typed stays.
    await page.getByLabel('long', { exact: true }).fill('600600');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByLabel('long', { exact: true })).toHaveAttribute('aria-invalid', 'true');
    await expect(page.locator('[data-live-error]')).toBeVisible();
    await expect(page.getByLabel('long', { exact: true })).toHaveValue('600600');
    await page.reload();
    for (const [n, label] of ['long', 'wide', 'high'].entries()) {
        await expect(page.getByLabel(label, { exact: true })).toHaveValue(sides[n].value);
    }
});

test('a field left just after an answer came in stays left', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'joss');
    await page.goto('/station/coat');
    const flow = page.getByLabel(/^Flow/).first();
    await flow.focus();
    const told = page.evaluate(
        () =>
            new Promise((resolve) => {
                const by = (name) => document.querySelector(`[name="${name}"]`);
                const leave = () => {
                    by('flow').value = '112';
                    by('hand').focus();
                    setTimeout(() => resolve([document.activeElement.name, by('flow').value]), 200);
                };
                document.addEventListener('htmx:afterSwap', () => queueMicrotask(leave), { once: true });
                const field = document.activeElement;
                field.value = '111';
                field.dispatchEvent(new Event('change', { bubbles: true }));
            }),
    );
    expect(await told).toEqual(['hand', '112']);
});

test('a press is not lost where an answer replaces the button under the finger', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'joss');
    await page.goto('/station/mask-and-hang');
    const press = async (becomes) => {
        const button = page.getByRole('button', { name: 'Save reading' });
        await page.getByLabel('Part to ground').fill('12');
        await button.scrollIntoViewIfNeeded();
        const box = await button.boundingBox();
        await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
        await page.mouse.down();
        await button.evaluate((old, text) => {
            const fresh = old.cloneNode(true);
            fresh.textContent = text ?? old.textContent;
            old.replaceWith(fresh);
        }, becomes);
        await page.mouse.up();
    };
    await press();
    await expect(page.getByText('12 Ω to ground.')).toBeVisible();
    // Another button in its place was not meant.
    await page.getByLabel('Part to ground').fill('13');
    await press('Scrap it');
    await page.settled();
    await expect(page.getByText('12 Ω to ground.')).toBeVisible();
    await page.reload();
    await expect(page.getByText('12 Ω to ground.')).toBeVisible();
});
