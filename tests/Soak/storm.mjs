/*
 * A write storm with things dying in it: several tablets take jobs in, sending a form again until it is answered,
 * while workers, front and database are killed. At the end every form is stored once, whatever was said.
 *
 * node tests/Soak/storm.mjs ADDRESS VAR SECONDS    loopback only; stops by itself
 */
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';

const [address, dir, seconds] = [process.argv[2], process.argv[3], Number(process.argv[4] ?? 40)];
if (!/^http:\/\/127\.0\.0\.1:\d+$/.test(address)) throw new Error('a storm stays on loopback');
const TABLETS = 6;
const KILL_EVERY_MS = 5000;
const GIVE_UP_MS = 30_000;
const wait = (ms) => new Promise((done) => setTimeout(done, ms));
const began = Date.now();
const ends = began + seconds * 1000;

const control = (...what) =>
    execFileSync('supervisorctl', ['-c', `${dir}/run/supervisord.conf`, ...what], { encoding: 'utf8' }).trim();

/** A tablet with its own cookies. */
class Tablet {
    cookies = new Map();

    async ask(path, form = null) {
        const answer = await fetch(address + path, {
            method: form ? 'POST' : 'GET',
            redirect: 'manual',
            signal: AbortSignal.timeout(15_000),
            headers: { cookie: [...this.cookies].map(([k, v]) => `${k}=${v}`).join('; ') },
            body: form ? new URLSearchParams(form) : undefined,
        });
        for (const line of answer.headers.getSetCookie()) {
            const [, name, value] = /^([^=]+)=([^;]*)/.exec(line);
            this.cookies.set(name, value);
        }

        return { status: answer.status, to: answer.headers.get('location'), text: await answer.text() };
    }

    async token(path) {
        const page = await this.ask(path);
        const found = /name="_token" value="([^"]+)"/.exec(page.text);
        if (!found) throw new Error(`no form at ${path}: ${page.status}`);

        return found[1];
    }

    async signIn() {
        const _token = await this.token('/sign-in');
        await this.ask('/sign-in', {
            _token,
            email: 'joss@lakeside-coating.example',
            password: 'lantern-on-the-pier',
        });
        this.csrf = await this.token('/jobs/create');
    }
}

const forms = [];
const faults = new Map();

const storm = async (n) => {
    const tablet = new Tablet();
    await tablet.signIn();
    for (let i = 0; Date.now() < ends; i++) {
        const form = { title: `storm ${n}-${i} ${randomUUID()}`, sent: 0, answered: null };
        forms.push(form);
        const once = randomUUID();
        const until = Date.now() + GIVE_UP_MS;
        while (form.answered === null && Date.now() < until) {
            form.sent++;
            try {
                const answer = await tablet.ask('/jobs', {
                    _token: tablet.csrf,
                    _once: once,
                    customer: `Storm ${i % 7}`,
                    title: form.title,
                });
                if (answer.status === 302 && /\/jobs\/\d+/.test(answer.to)) form.answered = answer.to;
                else if (answer.status === 419) tablet.csrf = await tablet.token('/jobs/create');
                else if (answer.status < 500 && answer.status !== 302) throw new Error(`answered ${answer.status}`);
                else faults.set(answer.status, (faults.get(answer.status) ?? 0) + 1);
            } catch (e) {
                const what = e.name === 'Error' ? e.message : (e.cause?.code ?? e.name);
                faults.set(what, (faults.get(what) ?? 0) + 1);
            }
            if (form.answered === null) await wait(300);
        }
    }
};

const killed = [];
const kill = async () => {
    const victims = ['worker', 'db', 'php', 'web', 'worker', 'db'];
    for (let n = 0; Date.now() < ends - KILL_EVERY_MS; n++) {
        await wait(KILL_EVERY_MS);
        const victim = victims[n % victims.length];
        try {
            const pid =
                victim === 'worker'
                    ? execFileSync('pgrep', ['-P', control('pid', 'php')], { encoding: 'utf8' }).split('\n')[0]
                    : control('pid', victim);
            process.kill(Number(pid), 'SIGKILL');
            killed.push({ victim, at: Date.now() });
            await back(killed.at(-1));
        } catch (e) {
            // It had just died by itself, or is being started again: the next blow falls elsewhere.
            if (e.code !== 'ESRCH' && e.status === undefined) throw e;
        }
    }
};

/** How long until a page that reads the database answers again, ms. */
const back = async (blow) => {
    for (;;) {
        try {
            const answer = await fetch(`${address}/health`, { signal: AbortSignal.timeout(2000) });
            if (answer.ok) break;
        } catch {}
        await wait(100);
    }
    blow.back = Date.now() - blow.at;
};

await Promise.all([kill(), ...Array.from({ length: TABLETS }, (_, n) => storm(n))]);

const setting = (name) => new RegExp(`^${name}=(.*)$`, 'm').exec(readFileSync(`${dir}/.env`, 'utf8'))[1];
const rows = execFileSync(
    'mariadb',
    ['--no-defaults', `--socket=${dir}/db.sock`, '-uroot', '-N', 'aenum',
        '-e', "SELECT title, COUNT(*) FROM jobs WHERE title LIKE 'storm %' GROUP BY title"],
    { encoding: 'utf8', env: { ...process.env, MYSQL_PWD: setting('AENUM_DB_ROOT') } },
);
const stored = new Map(rows.split('\n').filter(Boolean).map((line) => line.split('\t')));
const answered = forms.filter((form) => form.answered);
const lost = answered.filter((form) => !stored.has(form.title));
const twice = [...stored].filter(([, count]) => Number(count) > 1);
const again = forms.filter((form) => form.sent > 1).length;
const slowest = Math.max(0, ...killed.map((blow) => blow.back));
console.log(
    `${forms.length} forms, ${answered.length} answered, ${again} sent more than once; killed ${killed
        .map((blow) => `${blow.victim} (back after ${(blow.back / 1000).toFixed(1)} s)`)
        .join(', ')}; seen meanwhile: ${[...faults].map(([what, n]) => `${what} × ${n}`).join(', ')}`,
);
console.log(
    `said to be done and not stored: ${lost.length}; stored twice: ${twice.length}; slowest back ${slowest} ms`,
);
if (lost.length || twice.length || answered.length < 20 || killed.length < 3 || answered.length < forms.length) {
    console.log(lost.slice(0, 3), twice.slice(0, 3), forms.filter((form) => !form.answered).slice(0, 3));
    process.exit(1);
}
