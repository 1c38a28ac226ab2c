import { defineConfig } from '@playwright/test';
import { launchOptions } from './tests/Browser/support.mjs';

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'var/playwright',
    workers: (process.env.AENUM_SHOPS ?? '').split(',').filter(Boolean).length || 1,
    // Wide, for a machine that is slow today; a step that never comes is still named by its own limit.
    timeout: 900_000,
    expect: { timeout: 60_000 },
    reporter: [['list']],
    use: {
        baseURL: process.env.AENUM_URL ?? 'http://127.0.0.1:8080',
        launchOptions,
        actionTimeout: 60_000,
        navigationTimeout: 90_000,
        screenshot: 'only-on-failure',
        trace: 'off',
        // Each page a service worker keeps costs the browser as much again; the specs that are about it allow it.
        serviceWorkers: 'block',
    },
    projects: [
        { name: 'bench', use: { viewport: { width: 1280, height: 800 } } },
        { name: 'tablet', use: { viewport: { width: 800, height: 1280 }, hasTouch: true }, testMatch: /slice/ },
    ],
});
