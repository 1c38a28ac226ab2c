import { readFileSync } from 'node:fs';
import { test, expect, signIn } from './support.mjs';

/** Half as long to read as the readable one. */
const AXE = readFileSync('node_modules/axe-core/axe.min.js', 'utf8');
const WCAG = { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] };
/** What depends on theme and width; everything else is the same document twice. */
const BY_APPEARANCE = {
    type: 'rule',
    values: ['color-contrast', 'target-size', 'link-in-text-block', 'scrollable-region-focusable'],
};

const check = async (page, name, runOnly) => {
    const found = await page.evaluate(
        async (only) =>
            (await window.axe.run({ runOnly: only, reporter: 'no-passes' })).violations.map(
                (v) =>
                    `${v.id} ${v.nodes
                        .map((n) => n.target.join(' '))
                        .slice(0, 3)
                        .join(', ')}`,
            ),
        runOnly,
    );
    expect(
        found.map((one) => `${name}: ${one}`),
        name,
    ).toEqual([]);
    expect(
        await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth),
        `${name} scrolls sideways`,
    ).toBe(true);
};

const APPEARANCES = [
    { name: 'bench, dark', colorScheme: 'dark', size: { width: 1280, height: 800 } },
    { name: 'tablet, light', colorScheme: 'light', size: { width: 800, height: 1280 } },
];

const appear = async (page, { colorScheme, size }) => {
    await page.emulateMedia({ colorScheme });
    await page.setViewportSize(size);
};

/** All rules as the page appears now, then in the other appearance those that could come out otherwise there. */
const look = async (page, name, turn) => {
    await page.evaluate(AXE);
    await check(page, `${name}, ${APPEARANCES[turn].name}`, WCAG);
    const other = APPEARANCES[1 - turn];
    await appear(page, other);
    await check(page, `${name}, ${other.name}`, BY_APPEARANCE);
};

// Split over the workers: part n of N checks every Nth page.
const PARTS = 4;
test.describe.configure({ mode: 'parallel' });

for (let part = 0; part < PARTS; part++) {
    test(`every page is clean at WCAG 2.2 AA, part ${part + 1} of ${PARTS}`, async ({ page, baseURL }) => {
        await appear(page, APPEARANCES[0]);
        await page.goto('/sign-in');
        if (part === 0) {
            await look(page, 'sign-in', 0);
            await appear(page, APPEARANCES[0]);
        }
        await signIn(page, baseURL, 'mara');
        await page.locator('summary', { hasText: 'Mara' }).click();
        await page.getByLabel('Light', { exact: true }).selectOption('system');
        await page.getByRole('button', { name: 'Keep' }).click();
        await page.goto('/station/cure');
        const bakes = await page
            .locator('a[href^="/bakes/"]')
            .evaluateAll((links) => [...new Set(links.map((a) => a.getAttribute('href')))]);
        await page.goto('/');
        const jobs = (
            await page
                .locator('a[href^="/jobs/"].tag')
                .evaluateAll((links) => links.map((a) => a.getAttribute('href')))
        ).slice(0, 3);
        const stations = [
            'intake',
            'strip',
            'blast',
            'bake-out',
            'wash',
            'mask-and-hang',
            'coat',
            'cure',
            'inspect',
            'release',
        ].map((s) => `/station/${s}`);
        const pages = [
            '/',
            '/find',
            '/find?q=bench',
            '/jobs/create',
            '/jobs/19',
            '/jobs/19/record',
            '/jobs/19/sheet',
            '/jobs/3/record',
            '/defects',
            '/defects/11',
            '/defects/12',
            '/learn',
            '/batches/74/defects/create',
            '/powders',
            '/powders/create',
            '/powders/1/edit',
            '/powders/8',
            '/powder-lots/1/card',
            '/guns',
            '/guns/1/edit',
            '/practice/booth',
            '/practice/booth/recess',
            '/ovens',
            '/ovens/create',
            '/ovens/1/edit',
            '/shop',
            '/people',
            '/hours',
            '/devices',
            '/devices/api',
            '/day',
            '/day/mine',
            '/day/late/60',
            '/day/what-if?part=62&count=1000',
            '/quotes',
            '/quote-policies',
            '/jobs/24/quote',
            '/rules',
            '/parts/57/route',
            '/parts/57/bench',
            '/parts/58/pins',
            '/parts/58/pins?picture=drawing',
            '/parts/66/agreement',
            '/metal?magnet=slips',
            '/library',
            '/library?for=57',
            '/practice',
            '/practice/refill',
            '/practice/checklist',
            '/station/wash?bath=last_rinse',
            '/parts/57/bench?kind=sheet_folded',
            '/jobs/20/card',
            `${jobs[0]}/parts/create`,
            '/parts/57/edit',
            ...stations,
            ...jobs,
            ...bakes,
        ];
        expect(bakes.length).toBeGreaterThan(2);
        // Each page is met as the one before was left, which spares it a change of appearance.
        let turn = 0;
        for (const address of pages.filter((_, n) => n % PARTS === part)) {
            await page.goto(address);
            await look(page, address, turn);
            turn = 1 - turn;
        }
    });
}
