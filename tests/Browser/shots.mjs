// Makes the pictures in docs/screenshots/ from the demo shop. Usage: npm run shots [-- name ...]
import { chromium } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { launchOptions, signIn } from './support.mjs';
import { Network } from './network.mjs';

const shop = process.env.AENUM_URL ?? 'http://127.0.0.1:8080';
// Between the shop and the camera there is a network, so that it can be cut.
const network = new Network(shop);
await network.up();
const base = network.url;
const out = process.env.AENUM_SHOTS ?? 'docs/screenshots';
const only = process.argv.slice(2);

const views = {
    rail: async (page) => page.goto(`${base}/`),
    blast: async (page) => page.goto(`${base}/station/blast`),
    strip: async (page) => page.goto(`${base}/station/strip`),
    'bake-out': async (page) => page.goto(`${base}/station/bake-out`),
    wash: async (page) => page.goto(`${base}/station/wash`),
    coat: async (page) => {
        await page.goto(`${base}/station/coat`);
        await page.getByRole('link', { name: /lantern crown/ }).click();
    },
    booth: async (page) => {
        await page.goto(`${base}/practice/booth/recess`);
        await page.getByRole('button', { name: 'Begin again' }).click();
        const box = await page.locator('[data-panel]').boundingBox();
        const [left, top] = [box.x + box.width * 0.1, box.y + box.height * 0.2];
        for (let n = 0; n < 5; n++) {
            const y = top + n * box.height * 0.14;
            await page.mouse.move(left, y);
            await page.mouse.down();
            for (let step = 0; step <= 25; step++) {
                await page.mouse.move(left + (box.width * 0.8 * step) / 25, y);
                await page.waitForTimeout(60);
            }
            await page.mouse.up();
        }
        await page.waitForTimeout(900);
    },
    powder: async (page) => {
        await page.goto(`${base}/powders?q=undercoat+z`);
        await page.getByRole('link', { name: /Undercoat Z/ }).first().click();
    },
    mask: async (page) => page.goto(`${base}/station/mask-and-hang`),
    mesh: async (page) => {
        await page.goto(`${base}/find?q=lantern`);
        await page.getByRole('link', { name: /Lantern bodies/ }).click();
        await page.getByRole('link', { name: 'Part bench' }).last().click();
    },
    library: async (page) => page.goto(`${base}/library`),
    practice: async (page) => page.goto(`${base}/practice`),
    metal: async (page) => page.goto(`${base}/metal?magnet=slips&weight=light`),
    agreement: async (page) => page.goto(`${base}/parts/66/agreement`),
    pot: async (page) => {
        await page.goto(`${base}/practice/refill`);
        await page.getByRole('button', { name: 'Begin again' }).click();
        for (const move of ['Let the dead-man go', 'Shut the supply', 'Open the vent ball valve'])
            await page.getByRole('button', { name: move }).click();
    },
    intake: async (page) => page.goto(`${base}/station/intake`),
    route: async (page) => {
        await page.goto(`${base}/find?q=hinges`);
        await page.getByRole('link', { name: /Bandstand hinges/ }).click();
        await page.getByRole('link', { name: 'What it is and its route' }).click();
    },
    'part-bench': async (page) => {
        await page.goto(`${base}/find?q=railing`);
        await page.getByRole('link', { name: /Railing panels/ }).click();
        await page.getByRole('link', { name: 'Part bench' }).click();
    },
    card: async (page) => {
        await page.goto(`${base}/find?q=bollard`);
        await page.getByRole('link', { name: /Bollard bases/ }).click();
        await page.getByRole('link', { name: 'Card' }).click();
    },
    pins: async (page) => {
        await page.goto(`${base}/find?q=bollard`);
        await page.getByRole('link', { name: /Bollard bases/ }).click();
        await page.getByRole('link', { name: /^Pins/ }).click();
    },
    rules: async (page) => page.goto(`${base}/rules`),
    part: async (page) => {
        await page.goto(`${base}/station/blast`);
        await page.getByRole('link', { name: 'Bollard bases' }).first().click();
        await page.getByRole('link', { name: 'change', exact: true }).click();
    },
    cure: async (page) => page.goto(`${base}/station/cure`),
    'bake-planned': async (page) => {
        await page.goto(`${base}/station/cure`);
        await page.getByRole('region', { name: 'Planned loads' }).getByRole('link').first().click();
    },
    'bake-running': async (page) => {
        await page.goto(`${base}/`);
        await page.getByRole('link', { name: /is baking/ }).click();
    },
    'bake-pulled': async (page) => {
        await page.goto(`${base}/station/cure`);
        await page.getByRole('region', { name: 'Out of the oven' }).getByRole('link').first().click();
    },
    job: async (page) => {
        await page.goto(`${base}/station/cure`);
        await page.goto(`${base}/find?q=column`);
        await page.getByRole('link', { name: /Column base/ }).click();
    },
    record: async (page) => {
        await page.goto(`${base}/find?q=sign+brackets`);
        await page.getByRole('link', { name: /Sign brackets/ }).click();
        await page.getByRole('link', { name: 'Record' }).click();
    },
    inspect: async (page) => {
        await page.goto(`${base}/station/inspect`);
        await page.getByRole('link', { name: /lantern hood/ }).click();
    },
    fault: async (page) => {
        await page.goto(`${base}/defects`);
        await page.getByRole('link', { name: /See thin in a recess/ }).first().click();
    },
    learned: async (page) => page.goto(`${base}/learn`),
    release: async (page) => page.goto(`${base}/station/release`),
    shelf: async (page) => page.goto(`${base}/powders`),
    ovens: async (page) => page.goto(`${base}/ovens`),
    oven: async (page) => {
        await page.goto(`${base}/ovens`);
        const long = page.locator('article', { hasText: 'Long oven' });
        await long.getByRole('link', { name: 'change' }).click();
        await page.getByRole('region', { name: 'What its logged bakes say' }).evaluate((e) => e.scrollIntoView());
    },
    devices: async (page) => page.goto(`${base}/devices`),
    house: async (page) => page.goto(`${base}/shop`),
    day: async (page) => page.goto(`${base}/day`),
    'my-day': async (page) => page.goto(`${base}/day/mine`),
    hours: async (page) => page.goto(`${base}/hours`),
    quote: async (page) => {
        await page.goto(`${base}/find?q=bandstand+trim`);
        await page.getByRole('link', { name: /Bandstand trim/ }).first().click();
        await page.getByRole('link', { name: 'Quote', exact: true }).click();
    },
    // Comes last: after it there is no network any more.
    'no-network': async (page) => {
        await page.goto(`${base}/`);
        await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
        await page.getByRole('link', { name: /is baking/ }).click();
        await page.waitForLoadState('networkidle');
        await network.cut();
        await page.reload();
        await page.locator('summary', { hasText: 'Thermometer reading' }).click();
        await page.getByLabel('It shows').fill('176');
        await page.getByRole('button', { name: 'Take it in' }).click();
        await page.locator('#net li').first().waitFor();
    },
};

/** Looked at by nobody who is signed in, of a cluster whose databases are too few: AENUM_URL is its front. */
const unsigned = { 'too-few-databases': async (page) => page.goto(`${base}/`) };

/* Looked at when they change, and not kept. */
const unkept = [
    'house', 'rules', 'powder', 'intake', 'part', 'ovens', 'shelf', 'job', 'mesh', 'library', 'practice', 'metal',
    'agreement', 'release', 'devices', 'cure', 'oven', 'strip', 'wash', 'pot', 'card', 'bake-pulled', 'my-day', 'hours',
];

mkdirSync(out, { recursive: true });
const browser = await chromium.launch(launchOptions);
const page = await browser.newPage({
    viewport: { width: Number(process.env.AENUM_WIDTH ?? 1280), height: Number(process.env.AENUM_HEIGHT ?? 800) },
});
let signedIn = false;
for (const [name, open] of Object.entries({ ...unsigned, ...views })) {
    if (only.length ? !only.includes(name) : unkept.includes(name) || name in unsigned) continue;
    if (!signedIn && !(name in unsigned)) {
        await signIn(page, base, 'mara');
        signedIn = true;
    }
    await open(page);
    await page.waitForLoadState('networkidle');
    await page.screenshot({ path: `${out}/${name}.png`, fullPage: process.env.AENUM_FULL === '1' });
}
await browser.close();
process.exit();
