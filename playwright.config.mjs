import { defineConfig } from '@playwright/test';
import { launchOptions } from './tests/Browser/support.mjs';

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'var/playwright',
    workers: 1,
    timeout: 300_000,
    expect: { timeout: 45_000 },
    reporter: [['list']],
    use: {
        baseURL: process.env.AENUM_URL ?? 'http://127.0.0.1:8080',
        launchOptions,
        screenshot: 'only-on-failure',
        trace: 'off',
    },
    projects: [
        { name: 'bench', use: { viewport: { width: 1280, height: 800 } } },
        { name: 'tablet', use: { viewport: { width: 800, height: 1280 }, hasTouch: true }, testMatch: /slice|axe/ },
    ],
});
