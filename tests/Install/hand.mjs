/* One person's hand in a shop under test: counts what it presses and fills in, and can put the shop's clock forward. */
import { chromium } from '@playwright/test';
import { launchOptions, patient, watch } from '../Browser/support.mjs';
import { sql } from '../Soak/writers.mjs';

/** Presses of buttons and links, and fields filled in, as the pages themselves see them. */
const COUNT = () => {
    const PRESSED = 'button, a, summary, input[type=checkbox], input[type=radio]';
    addEventListener('click', (e) => e.isTrusted && e.target.closest(PRESSED) && window.counted('presses'), true);
    addEventListener(
        'change',
        (e) => !['checkbox', 'radio'].includes(e.target.type) && window.counted('fields'),
        true,
    );
};

/**
 * A browser at ADDRESS with a count of what its hand does.
 *
 * @param {string} base
 * @param {?string} dir the install's folder, where the clock is to be put forward
 */
export const hand = async (base, dir = null) => {
    const browser = await chromium.launch(launchOptions);
    const page = await browser.newPage({ baseURL: base, viewport: { width: 1280, height: 800 } });
    const troubles = [];
    const count = { presses: 0, fields: 0 };
    await page.exposeFunction('counted', (what) => void count[what]++);
    await page.addInitScript(COUNT);
    watch(page, troubles, new URL(base).host);
    patient(page);

    return {
        browser,
        page,
        troubles,
        count,
        /** A page of the menu: one press. */
        go: async (path) => {
            count.presses++;
            await page.goto(path);
        },
        /** Puts the shop's clock forward and opens the same page again. */
        later: async (minutes) => {
            sql(dir, `UPDATE shops SET clock_ahead_s = clock_ahead_s + ${60 * minutes}`);
            await page.goto(page.url());
        },
    };
};
