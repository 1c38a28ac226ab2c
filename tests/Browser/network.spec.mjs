import { test, expect, password, signIn } from './support.mjs';
import { Network } from './network.mjs';

test.use({ serviceWorkers: 'allow' });

/** The running bake of the demo; where others have pulled it, another is hung and its door shut. */
const runningBake = async (page) => {
    await page.goto('/station/cure');
    const runs = page.locator('a[href^="/bakes/"]').filter({ has: page.locator('[data-until]') });
    if (await runs.count()) return runs.first().getAttribute('href');
    await page.locator('form[action="/bakes"] input[type=checkbox]').first().check();
    await page.getByRole('button', { name: 'Hang and work out the bake' }).click();
    await page.getByRole('button', { name: 'Door is shut: start' }).click();
    await expect(page.getByRole('button', { name: /Pull: it/ })).toBeVisible();

    return new URL(page.url()).pathname;
};

/** A job with a step to tick where its lot hangs. */
const jobToTick = async (page) => {
    for (const station of ['strip', 'blast', 'wash', 'coat', 'mask-and-hang', 'inspect']) {
        await page.goto(`/station/${station}`);
        const links = await page.locator('main a[href^="/jobs/"]').evaluateAll((all) =>
            [...new Set(all.map((one) => new URL(one.href).pathname))].filter((path) => /^\/jobs\/\d+$/.test(path)));
        for (const path of links) {
            await page.goto(path);
            if (await page.getByRole('button', { name: /^Tick / }).count()) return path;
        }
    }
    throw new Error('no job of the demo has a step to tick');
};

/** Readings that were told later than they were read, on the trails of all ovens. */
const toldLater = async (page) => {
    const rows = page.getByRole('row', { name: /reading added/i }).filter({ hasText: /sent .* later/ });
    await page.goto('/ovens');
    const ovens = await page.locator('a[href$="/edit"]').evaluateAll((all) => all.map((one) => one.pathname));
    let many = 0;
    for (const oven of ovens) {
        await page.goto(oven.replace('/edit', '/history'));
        many += await rows.count();
    }

    return many;
};

const minute = (page) => page.locator('[data-shop-time]').textContent();

test('a tablet that loses the network in the middle of a bake goes on, and loses nothing', async ({
    page,
    browser,
    baseURL,
}) => {
    const network = new Network(baseURL);
    await network.up();
    await signIn(page, baseURL, 'mara');
    const bake = await runningBake(page);
    const job = await jobToTick(page);
    const before = await toldLater(page);
    const tablet = await (await browser.newContext({ baseURL: network.url })).newPage();
    await signIn(tablet, network.url, 'joss');
    await tablet.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await tablet.goto(job);
    await tablet.goto(bake);
    const net = tablet.locator('#net');
    await expect(net).toBeHidden();

    await network.cut();
    // The last picture stays and its clocks run on, as on a tablet that never lost it.
    await tablet.goto(job);
    await expect(net).toContainText('No network since');
    await tablet.goto(bake);
    await expect(net).toContainText('Clocks run on');
    await page.goto(bake);
    await expect(async () => expect(await minute(tablet)).toBe(await minute(page))).toPass();
    const left = (one) => one.locator('main [data-until]').first().textContent();
    const seconds = (text) => text.split(':').reduce((sum, part) => 60 * sum + Number(part), 0);
    const [here, there] = [await left(tablet), await left(page)];
    if (/:/.test(here)) expect(Math.abs(seconds(here) - seconds(there))).toBeLessThan(5);

    // Sign, read, pull; and pull once more, as somebody does who sees nothing happen.
    await tablet.goto(job);
    const tick = await tablet.getByRole('button', { name: /^Tick / }).first().getAttribute('aria-label');
    await tablet.getByRole('button', { name: /^Tick / }).first().click();
    await expect(net).toContainText('1 waits to be sent');
    await tablet.goto(bake);
    await tablet.locator('summary', { hasText: 'Thermometer reading' }).click();
    await tablet.getByLabel('It shows').fill('171.5');
    await tablet.getByRole('button', { name: 'Take it in' }).click();
    await expect(net).toContainText('It shows');
    await expect(net).toContainText('171.5');
    for (const many of [3, 4]) {
        await tablet.getByRole('button', { name: /Pull: it/ }).click();
        await expect(net).toContainText(`${many} wait to be sent`);
    }
    const pulled = await minute(tablet);
    await expect(net.locator('li').first()).toContainText(tick);
    // What cannot wait says so, and what was typed is still there.
    await tablet.goto('/never-seen');
    await expect(tablet.getByRole('heading', { name: 'This page is not on this tablet' })).toBeVisible();
    await tablet.goto(bake);
    // Until it is another minute: what is told then was done before.
    await expect(async () => expect(await minute(tablet)).not.toBe(pulled)).toPass({ timeout: 90_000 });

    await network.restore();
    await expect(net).toContainText('Not taken');
    await expect(net).toContainText('This load is pulled now');
    await expect(net).not.toContainText('to be sent');
    await expect(net).not.toContainText('No network');
    await net.getByRole('button', { name: 'Seen' }).click();
    await expect(net).toBeHidden();

    // Both tablets have the same, as of when it was pressed, and each thing once.
    await page.goto(bake);
    await expect(page.getByText(`pulled at ${pulled}`)).toBeVisible();
    expect((await toldLater(page)) - before, 'the reading is there once').toBe(1);
    await page.goto(bake);
    await tablet.goto(bake);
    const verdict = (one) => one.getByRole('region', { name: 'Verdict' }).textContent();
    expect(await verdict(tablet)).toBe(await verdict(page));
    await page.goto(job);
    await expect(page.getByRole('button', { name: tick, exact: true })).toHaveCount(0);
    await page.goto(`${job}/history`);
    await expect(page.getByText(/sent .* later/).first()).toBeVisible();

    // Whoever signs in next at this tablet finds nothing of it there.
    await tablet.goto('/');
    await tablet.locator('summary', { hasText: 'Joss Tellmark' }).click();
    await tablet.getByRole('button', { name: 'Sign out' }).click();
    await expect(tablet.getByLabel('E-mail')).toBeVisible();
    const kept = () => tablet.evaluate(async () => (await (await caches.open('aenum-pages')).keys()).length);
    await expect.poll(kept).toBe(0);
    await network.cut();
});

test('a tablet whose clock is set meanwhile tells when it was pressed, or is asked', async ({
    page,
    browser,
    baseURL,
}) => {
    const network = new Network(baseURL);
    await network.up();
    await signIn(page, baseURL, 'mara');
    const bake = await runningBake(page);
    const context = await browser.newContext({ baseURL: network.url });
    const tablet = await context.newPage();
    await signIn(tablet, network.url, 'joss');
    await tablet.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await tablet.goto(bake);
    const [worker] = context.serviceWorkers();
    const net = tablet.locator('#net');

    // Its clock is set two hours on while an entry waits: it was pressed a moment ago all the same.
    await network.cut();
    await tablet.goto(bake);
    await expect(net).toContainText('No network since');
    await tablet.locator('summary', { hasText: 'Thermometer reading' }).click();
    await tablet.getByLabel('It shows').fill('171.5');
    const pressed = await minute(tablet);
    await tablet.getByRole('button', { name: 'Take it in' }).click();
    await expect(net).toContainText('1 waits to be sent');
    const pressedBy = await minute(tablet);
    await worker.evaluate(() => {
        const real = Date.now;
        Date.now = () => real() + 7_200_000;
    });
    await network.restore();
    await expect(net).toBeHidden();
    await page.goto(bake);
    const readings = page.getByRole('button', { name: /do not count the reading of/ });
    const hours = await readings.evaluateAll((all) => all.map((one) => /\d\d:\d\d/.exec(one.ariaLabel)?.[0]));
    expect(hours.filter((hour) => hour === pressed || hour === pressedBy)).toHaveLength(1);

    // A moment before the door was shut is not taken; the earliest that can be so is offered.
    await worker.evaluate(() => {
        const real = self.fetch;
        self.fetch = (to, how) => {
            const waits = how?.headers?.['X-Aenum-Waited'] !== undefined && !how.body.has('_moment');

            return real(to, waits ? { ...how, headers: { ...how.headers, 'X-Aenum-Waited': '39600000' } } : how);
        };
    });
    await network.cut();
    await tablet.goto(bake);
    await tablet.getByRole('button', { name: /Pull: it/ }).click();
    await expect(net).toContainText('1 waits to be sent');
    await network.restore();
    await expect(net).toContainText('before its door was shut');
    const offer = net.getByRole('button', { name: /^Log it at / });
    const at = (await offer.textContent()).replace('Log it at ', '');
    await offer.click();
    await expect(net).toBeHidden();
    await page.goto(bake);
    await expect(page.getByText(`pulled at ${at}`)).toBeVisible();
    await network.cut();
});

test('a tablet many hands use shows its clocks without a network, and no pages', async ({ browser, baseURL }) => {
    const network = new Network(baseURL);
    await network.up();
    const tablet = await (await browser.newContext({ baseURL: network.url })).newPage();
    await signIn(tablet, network.url, 'mara');
    await tablet.goto('/me');
    const pin = tablet.locator('form[action="/me/pin"]');
    await pin.getByLabel('PIN').fill('4071');
    await pin.getByLabel('Your password').fill(password);
    await pin.getByRole('button').click();
    await tablet.goto('/people');
    const share = tablet.locator('form[action="/tablets"]');
    await share.locator('input[name=tablet]').fill('at the post');
    await share.getByRole('button').first().click();
    await tablet.locator('summary', { hasText: 'Mara Ostwald' }).click();
    await tablet.getByRole('button', { name: 'Sign out', exact: true }).click();
    await tablet.goto('/tablet');
    await tablet.getByLabel('Mara Ostwald').check();
    await tablet.getByLabel('PIN').fill('4071');
    await tablet.getByRole('button', { name: 'Sign on' }).click();
    await tablet.waitForURL(`${network.url}/`);
    await tablet.goto('/station/cure');
    await expect(tablet.getByRole('heading', { name: 'Cure', exact: true })).toBeVisible();

    // Nobody touches it, the network goes, and it goes back to its clocks.
    await network.cut();
    await tablet.goto('/tablet');
    await expect(tablet.getByRole('heading', { name: 'at the post' })).toBeVisible();
    await expect(tablet.locator('#net')).toContainText('Signing on wants the network');
    await tablet.goto('/station/cure');
    await expect(tablet.getByRole('heading', { name: 'This page is not on this tablet' })).toBeVisible();
});
