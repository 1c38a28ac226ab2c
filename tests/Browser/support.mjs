import { test as base, expect } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { closeSync, openSync, readFileSync, rmSync, statSync } from 'node:fs';

/** Debian's own Chromium without a window, at half the cost of the whole browser; never calls home. */
export const launchOptions = {
    executablePath: '/usr/bin/chromium-headless-shell',
    args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
    ],
};

export const password = 'lantern-on-the-pier';

export const signIn = async (page, base, who) => {
    await page.goto(`${base}/sign-in`);
    await page.getByLabel('E-mail').fill(`${who}@lakeside-coating.example`);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.waitForURL(`${base}/`);
};

/** Every test fails on a console error, a failed request, an answer of 400 and up, or a request to another host. */
export const watch = (page, troubles, host) => {
    // What a live form answers to a value it cannot take; shown beside its field.
    const refused = (response) => response.status() === 422 && response.request().resourceType() === 'xhr';
    // A request that a newer one replaced says so; that is what was asked of it.
    const replaced = /^htmx:(sendAbort|afterRequest)/;
    page.on(
        'console',
        (message) =>
            message.type() === 'error' &&
            !replaced.test(message.text()) &&
            !/status of 422/.test(message.text()) &&
            troubles.push(`console: ${message.text()}`),
    );
    page.on('pageerror', (error) => troubles.push(`script: ${error.message}`));
    page.on(
        'requestfailed',
        (request) =>
            request.failure()?.errorText !== 'net::ERR_ABORTED' &&
            troubles.push(`failed: ${request.url()} ${request.failure()?.errorText}`),
    );
    page.on(
        'request',
        (request) =>
            !request.url().startsWith('data:') &&
            new URL(request.url()).host !== host &&
            troubles.push(`other host: ${request.url()}`),
    );
    page.on(
        'response',
        (response) =>
            response.status() >= 400 &&
            !refused(response) &&
            troubles.push(`${response.status()}: ${response.url()}`),
    );
};

/**
 * A hand goes elsewhere only when what it pressed is answered: leaving sooner cuts the sending short, and on a slow
 * machine what was pressed is never saved.
 */
export const patient = (page) => {
    const underWay = new Set();
    let last = 0;
    // A page that was only opened, with its styles and scripts, needs no rest once it is there.
    const isPressed = (request) =>
        request.method() !== 'GET' || ['xhr', 'fetch'].includes(request.resourceType());
    const done = (request) => {
        underWay.delete(request);
        if (isPressed(request)) last = Date.now();
    };
    page.on('request', (request) => {
        underWay.add(request);
        if (isPressed(request)) last = Date.now();
    });
    page.on('requestfinished', done);
    page.on('requestfailed', done);
    /** Until nothing that was pressed is still being answered; an answer may replace what would be pressed next. */
    page.settled = async () => {
        const giveUp = Date.now() + 60_000;
        while ((underWay.size > 0 || Date.now() - last < 250) && Date.now() < giveUp)
            await new Promise((resolve) => setTimeout(resolve, 25));
    };
    const goto = page.goto.bind(page);
    page.goto = async (...address) => {
        await page.settled();
        return goto(...address);
    };
};

/** The installs that tests/Browser/run started, one for each worker; none where a shop's address is given. */
const shops = (process.env.AENUM_SHOPS ?? '').split(',').filter(Boolean);
const DUMP = 'var/test/browser.sql';

const setting = (shop, name) => new RegExp(`^${name}=(.*)$`, 'm').exec(readFileSync(`${shop}/.env`, 'utf8'))[1];

/** The demo shop as it was when the run began, at the time it had then. */
const reset = (shop) => {
    const sql = (input, ...more) =>
        execFileSync('mariadb', ['--no-defaults', `--socket=${shop}/db.sock`, '-u', 'root', 'aenum', ...more], {
            env: { ...process.env, MYSQL_PWD: setting(shop, 'AENUM_DB_ROOT') },
            stdio: [input, 'ignore', 'inherit'],
        });
    const dump = openSync(DUMP, 'r');
    sql(dump);
    closeSync(dump);
    const passed = Math.round((Date.now() - statSync(DUMP).mtimeMs) / 1000);
    sql('ignore', '-e', `UPDATE shops SET clock_ahead_s = clock_ahead_s - ${passed}`);
    rmSync(`${shop}/storage/framework/cache/data/aenum`, { recursive: true, force: true });
};

let resetFor = null;

export const test = base.extend({
    baseURL: async ({ baseURL }, use, info) => {
        const shop = shops[info.parallelIndex];
        // Tests of one file follow on from each other; the next file starts from the dump again.
        const turn = `${info.project.name} ${info.file}`;
        if (shop && resetFor !== turn) {
            reset(shop);
            resetFor = turn;
        }
        await use(shop ? `http://127.0.0.1:${setting(shop, 'AENUM_PORT')}` : baseURL);
    },
    page: async ({ page, baseURL }, use) => {
        const troubles = [];
        watch(page, troubles, new URL(baseURL).host);
        patient(page);
        await use(page);
        expect(troubles).toEqual([]);
    },
});

/** Puts the demo shop's clock forward, as the menu does. */
export const later = async (page, minutes) => {
    const address = page.url();
    await page.locator('summary', { hasText: /Tellmark|Ostwald/ }).click();
    await page.getByLabel('Put the demo clock forward, minutes').fill(String(minutes));
    await page.getByRole('button', { name: 'Forward' }).click();
    await page.waitForLoadState();
    await page.goto(address);
};

/** Presses every step's own button where the lot hangs. */
export const pressTicks = async (page) => {
    const ticks = page.getByRole('button', { name: /^Tick / });
    for (let left = await ticks.count(); left > 0; left = await ticks.count()) {
        await ticks.first().click();
        await expect(ticks).toHaveCount(left - 1);
    }
};

/** Ticks what is to be done where the lot hangs, all at once where there is a button for that. */
export const tickHere = async (page) => {
    const all = page.getByRole('button', { name: /^All \d+ done$/ });
    if (await all.count()) {
        await all.first().click();
        await expect(all).toHaveCount(0);
    }
    await pressTicks(page);
};

/** Where what was left undone is asked about, everything was done by hand and not logged. */
const answered = async (page) => {
    const asks = page.getByRole('heading', { name: /what happened\?/ });
    const gone = page.getByRole('status').filter({ hasText: /hangs at .* now/ });
    await expect(asks.or(gone).first()).toBeVisible();
    if (!(await asks.count())) return;
    await page
        .getByRole('radio', { name: /^Done, but not logged/ })
        .first()
        .check();
    await page.getByRole('button', { name: /^Sign, on to/ }).click();
};

/** Signs the lot in hand on, station by station as its route goes, until it hangs where it is wanted. */
export const walkTo = async (page, to, tick = tickHere) => {
    for (let stop = 0; stop < 9; stop++) {
        await tick(page);
        // Nothing is waited for in a test: what has to flash off has, as somebody writes.
        const onward = page.getByRole('button', { name: /sign, on to Coat/i });
        if (await onward.count()) await page.getByLabel('Note, if there is one').first().fill('Dry.');
        await page
            .getByRole('button', { name: /sign, on to/i })
            .first()
            .click();
        await answered(page);
        const status = page.getByRole('status');
        await expect(status).toContainText(/hangs at .* now/);
        const at = (await status.textContent()).match(/hangs at (.*?) now/)[1];
        await status.getByRole('link', { name: `See it at ${at}` }).click();
        await expect(page.getByRole('heading', { name: at, exact: true })).toBeVisible();
        if (at === to) return;
    }
    throw new Error(`the route never came to ${to}`);
};

/** Every zone in its order, every look at the raw powder, and the log. */
export const sprayed = async (page, pieces) => {
    const next = page.getByRole('button', { name: /^Done: / });
    for (let left = await next.count(); left > 0; left = await next.count()) {
        await next.first().click();
        await expect(next).toHaveCount(left - 1);
    }
    await expect(page.getByText('look at the raw powder')).toBeVisible();
    const looks = page.getByRole('button', { name: /^Looked at: / });
    for (let left = await looks.count(); left > 0; left = await looks.count()) {
        await looks.first().click();
        await expect(looks).toHaveCount(left - 1);
    }
    await page.getByRole('button', { name: 'Weigh what came back on the simulated scale' }).click();
    await expect(page.getByLabel('Came back').first()).not.toHaveValue('');
    await page.getByRole('button', { name: 'Read the simulated film gauge' }).click();
    await expect(page.getByLabel('Readings on uncured powder')).not.toHaveValue('');
    await page.getByLabel(/^Pieces, of/).fill(String(pieces));
    await page.getByLabel('It took, min').fill('17');
    await page.getByRole('button', { name: 'Powder is on: log it' }).click();
    await expect(page.getByRole('status')).toContainText(`is on ${pieces}`);
};

/** So much powder as the bench asks for, off the simulated scale. */
export const weighOut = async (page) => {
    await page.getByRole('button', { name: 'Weigh out on the simulated scale' }).click();
    await expect(page.getByLabel('Weighed out')).not.toHaveValue('');
    await page.getByLabel('Respirator on; the part').check();
    await page.getByRole('button', { name: 'Start spraying' }).click();
    await expect(page.getByText('passes left')).toBeVisible();
};

/** What waits at Cure is hung in the yard oven, baked and pulled. */
export const baked = async (page, what, minutes = 90) => {
    await page.goto('/station/cure');
    await page.getByRole('checkbox', { name: what }).first().check();
    await page.getByLabel('Oven', { exact: true }).selectOption({ label: 'Yard oven' });
    await page.getByRole('button', { name: 'Hang and work out the bake' }).click();
    await page.getByRole('button', { name: 'Door is shut: start' }).click();
    // To the minute the board says, where the film is to be mended later: nothing it stands is left by then.
    const until = Number(await page.locator('#board [data-until]').first().getAttribute('data-until'));
    const now = Number(await page.locator('html').getAttribute('data-now'));
    await later(page, minutes ?? Math.ceil((until - now) / 60000));
    await page.getByRole('button', { name: 'Pull: it is out' }).click();
    await expect(page.getByRole('status')).toContainText('Pulled');
    // Nobody wipes or rubs hot metal.
    await later(page, 150);
};

/** Every look of the bench is ticked, a name under those that want one. */
export const lookOver = async (page) => {
    const looks = page.getByRole('button', { name: /^(Nothing found|Sign bare): / });
    for (let left = await looks.count(); left > 0; left = await looks.count()) {
        const name = page.getByLabel('Who looked');
        if (await name.count()) await name.first().fill('M. Ostwald');
        const signs = page.getByRole('button', { name: /^Sign bare: / });
        await ((await signs.count()) ? signs : looks).first().click();
        await expect(looks).toHaveCount(left - 1);
    }
};

export { expect };
