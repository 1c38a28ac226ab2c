/*
 * Tablets looking at one live bake, each at the interval its page has: errors, median, 95th and 99th percentile, of an
 * install or of a cluster's front. It prints and never fails.
 *
 * node tests/Bench/tablets.mjs [http://127.0.0.1:8080] [tablets, 50] [seconds, 60]
 */
import { Tablet, wait } from '../Soak/writers.mjs';

const address = process.argv[2] ?? 'http://127.0.0.1:8080';
const tablets = Number(process.argv[3] ?? 50);
const seconds = Number(process.argv[4] ?? 60);

const first = new Tablet(address);
await first.signIn();
const bake = /href="\/bakes\/(\d+)"/.exec((await first.ask('/')).text)?.[1];
if (!bake) throw new Error('nothing bakes');
const interval = Number(/every (\d+)s/.exec((await first.ask(`/bakes/${bake}`)).text)?.[1] ?? 20);
const all = [];
for (let n = 0; n < tablets; n++) {
    const one = new Tablet(address);
    await one.signIn();
    all.push(one);
}
const times = [];
let errors = 0;
const ends = Date.now() + seconds * 1000;
await Promise.all(
    all.map(async (one, n) => {
        await wait((n / tablets) * interval * 1000);
        while (Date.now() < ends) {
            const from = performance.now();
            const answer = await one.ask(`/bakes/${bake}/board`).catch(() => ({ status: 0 }));
            times.push(performance.now() - from);
            errors += answer.status === 200 ? 0 : 1;
            await wait(interval * 1000);
        }
    }),
);
times.sort((a, b) => a - b);
const at = (share) => times[Math.min(times.length - 1, Math.floor(share * times.length))].toFixed(0);
console.log(
    `${tablets} tablets every ${interval} s for ${seconds} s: ${times.length} looks, ${errors} errors, ` +
        `p50 ${at(0.5)} ms, p95 ${at(0.95)} ms, p99 ${at(0.99)} ms, slowest ${at(1)} ms`,
);
