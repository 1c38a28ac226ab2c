/*
 * A database that stands still, and a disk with no room left: pages come all the same, short, with the headers of every
 * page, and say what to do; what was acknowledged stays, and what was sent goes through once there is room.
 *
 * node tests/Soak/stuck.mjs ADDRESS VAR    loopback only; VAR on a disk of its own, which is filled
 */
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { processesOf } from './processes.mjs';
import { sql, Tablet, wait } from './writers.mjs';

const [address, dir] = [process.argv[2], process.argv[3]];
/** Longer than this nobody waits, ms; a shop's own limits add up to 14 s, the rest is this machine's other work. */
const HANGS_MS = 25_000;
const SHORT_BYTES = 4000;
const failed = [];
const slowest = { frozen: 0, full: 0 };

const ask = async (state, what, path, cookies, form = null) => {
    const began = Date.now();
    try {
        const answer = await fetch(address + path, {
            method: form ? 'POST' : 'GET',
            redirect: 'manual',
            signal: AbortSignal.timeout(HANGS_MS),
            headers: { cookie: cookies },
            body: form instanceof FormData || !form ? form : new URLSearchParams(form),
        });
        const text = await answer.text();
        slowest[state] = Math.max(slowest[state], Date.now() - began);
        const isPage = path !== '/health';
        if (![200, 302, 503, 507].includes(answer.status)) failed.push(`${state}, ${what}: ${answer.status}`);
        if (answer.status >= 500 && text.length > SHORT_BYTES) failed.push(`${state}, ${what}: ${text.length} bytes`);
        if (isPage && !answer.headers.get('Content-Security-Policy')) failed.push(`${state}, ${what}: no policy`);

        return answer;
    } catch (e) {
        failed.push(`${state}, ${what}: ${e.name} after ${Date.now() - began} ms`);

        return null;
    }
};

const tablet = new Tablet(address);
await tablet.signIn();
const cookies = [...tablet.cookies].map(([name, value]) => `${name}=${value}`).join('; ');
const job = (title) => ({ _token: tablet.csrf, _once: randomUUID(), customer: 'Storm', title });
const [before, frozen, full] = [job('stuck before'), job('stuck frozen'), job('stuck full')];
await ask('full', 'a job before', '/jobs', cookies, before);

const all = async (state, form) => {
    const photo = new FormData();
    photo.set('_token', tablet.csrf);
    photo.set('photo', new Blob([new Uint8Array(3_000_000)]), 'photo.jpg');
    await Promise.all([
        ask(state, 'a page', '/', cookies),
        ask(state, 'a job', '/jobs', cookies, form),
        ask(state, 'the sign-in page', '/sign-in', ''),
        ask(state, 'a wrong sign-in', '/sign-in', cookies, { _token: tablet.csrf, email: 'x', password: 'y' }),
        ask(state, 'a photo', '/parts/1/pictures', cookies, photo),
        ask(state, 'health', '/health', ''),
    ]);
};

const [database] = processesOf(dir, 'db');
process.kill(database, 'SIGSTOP');
await all('frozen', frozen);
process.kill(database, 'SIGCONT');

try {
    execFileSync('dd', ['if=/dev/zero', `of=${dir}/ballast`, 'bs=1M'], { stdio: 'ignore' });
} catch {} // It ends where the disk is full.
await all('full', full);
rmSync(`${dir}/ballast`);

const titles = () => sql(dir, "SELECT title, COUNT(*) FROM jobs WHERE title LIKE 'stuck %' GROUP BY title");
for (const form of [frozen, full]) {
    for (let n = 0; n < 60; n++) {
        const answer = await ask('full', 'sent again', '/jobs', cookies, form);
        if (/\/jobs\/\d+$/.test(answer?.headers.get('location') ?? '')) break;
        await wait(1000);
    }
}
const stored = titles().map((row) => row.join(': ')).sort().join(', ');
if (stored !== 'stuck before: 1, stuck frozen: 1, stuck full: 1') failed.push(`stored: ${stored}`);
console.log(`slowest page with a frozen database ${slowest.frozen} ms, on a full disk ${slowest.full} ms; ${stored}`);
if (failed.length) {
    console.log(failed.join('\n'));
    process.exit(1);
}
