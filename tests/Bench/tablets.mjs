/*
 * Fifty tablets looking at one live bake, each at the interval its page has, for a minute: errors, median and 95th
 * percentile. node tests/Bench/tablets.mjs [http://127.0.0.1:8080] [tablets] [seconds]. It prints and never fails.
 */
const address = process.argv[2] ?? 'http://127.0.0.1:8080';
const tablets = Number(process.argv[3] ?? 50);
const seconds = Number(process.argv[4] ?? 60);
if (!/^http:\/\/127\.0\.0\.1:\d+$/.test(address)) throw new Error('only on loopback');
const wait = (ms) => new Promise((done) => setTimeout(done, ms));

const tablet = () => {
    const cookies = new Map();

    return async (path, form) => {
        const answer = await fetch(address + path, {
            method: form ? 'POST' : 'GET',
            redirect: 'manual',
            headers: { cookie: [...cookies].map(([k, v]) => `${k}=${v}`).join('; '), 'HX-Request': 'true' },
            body: form ? new URLSearchParams(form) : undefined,
        });
        for (const line of answer.headers.getSetCookie()) {
            const [, name, value] = /^([^=]+)=([^;]*)/.exec(line);
            cookies.set(name, value);
        }

        return { status: answer.status, text: await answer.text() };
    };
};

const signedIn = async () => {
    const ask = tablet();
    const [, _token] = /name="_token" value="([^"]+)"/.exec((await ask('/sign-in')).text);
    await ask('/sign-in', { _token, email: 'joss@lakeside-coating.example', password: 'lantern-on-the-pier' });

    return ask;
};

const first = await signedIn();
const bake = /href="\/bakes\/(\d+)"/.exec((await first('/')).text)?.[1];
if (!bake) throw new Error('nothing bakes');
const page = (await first(`/bakes/${bake}`)).text;
const interval = Number(/every (\d+)s/.exec(page)?.[1] ?? 20);
const all = [];
for (let n = 0; n < tablets; n++) all.push(await signedIn());
const times = [];
let errors = 0;
const ends = Date.now() + seconds * 1000;
await Promise.all(
    all.map(async (ask, n) => {
        await wait((n / tablets) * interval * 1000);
        while (Date.now() < ends) {
            const from = performance.now();
            const answer = await ask(`/bakes/${bake}/board`).catch(() => ({ status: 0 }));
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
        `median ${at(0.5)} ms, p95 ${at(0.95)} ms, slowest ${at(1)} ms`,
);
