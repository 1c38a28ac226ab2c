/*
 * Tablets that take jobs in as fast as they are answered, each form sent again until it is: what a storm is made of.
 * Loopback only; they stop by themselves.
 */
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';

const GIVE_UP_MS = 30_000;
export const wait = (ms) => new Promise((done) => setTimeout(done, ms));

/** A tablet with its own cookies. */
export class Tablet {
    cookies = new Map();

    constructor(address) {
        if (!/^http:\/\/127\.0\.0\.1:\d+$/.test(address)) throw new Error('a storm stays on loopback');
        this.address = address;
    }

    async ask(path, form = null) {
        const answer = await fetch(this.address + path, {
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

/** What was sent, and what was met on the way. */
export class Storm {
    forms = [];
    faults = new Map();
    signedOut = 0;
    /** What each tablet waits between two forms, ms. */
    pauseMs = 0;

    /** @param least forms of each tablet, however late it is by then: a slow machine's storm is a storm as well */
    constructor(address, ends, name = 'storm', least = 1) {
        Object.assign(this, { address, ends, name, least });
    }

    /** One tablet's part, until the storm ends. */
    async write(n) {
        const tablet = new Tablet(this.address);
        await tablet.signIn();
        for (let i = 0; i < this.least || Date.now() < this.ends; i++) {
            const form = { title: `${this.name} ${n}-${i} ${randomUUID()}`, sent: 0, answered: null, took: 0 };
            this.forms.push(form);
            const began = Date.now();
            const once = randomUUID();
            while (form.answered === null && Date.now() < began + GIVE_UP_MS) {
                form.sent++;
                try {
                    await this.send(tablet, form, once, `Storm ${i % 7}`);
                } catch (e) {
                    this.met(e.name === 'Error' ? e.message : (e.cause?.code ?? e.name));
                }
                if (form.answered === null) await wait(300);
            }
            form.took = Date.now() - began;
            if (this.pauseMs) await wait(this.pauseMs);
        }
    }

    async send(tablet, form, _once, customer) {
        const answer = await tablet.ask('/jobs', { _token: tablet.csrf, _once, customer, title: form.title });
        if (answer.status === 302 && /\/jobs\/\d+/.test(answer.to)) form.answered = answer.to;
        else if (answer.status === 302 && /sign-in/.test(answer.to)) this.signedOut++;
        else if (answer.status === 419) tablet.csrf = await tablet.token('/jobs/create');
        else if (answer.status < 500 && answer.status !== 302) throw new Error(`answered ${answer.status}`);
        else this.met(answer.status);
    }

    met(what) {
        this.faults.set(what, (this.faults.get(what) ?? 0) + 1);
    }

    /** What the database has of it, against what was answered. */
    against(dir) {
        const rows = sql(dir, `SELECT title, COUNT(*) FROM jobs WHERE title LIKE '${this.name} %' GROUP BY title`);
        const stored = new Map(rows);
        const answered = this.forms.filter((form) => form.answered);

        return {
            answered,
            lost: answered.filter((form) => !stored.has(form.title)),
            twice: rows.filter(([, count]) => Number(count) > 1),
            unanswered: this.forms.filter((form) => !form.answered),
        };
    }

    words() {
        const again = this.forms.filter((form) => form.sent > 1).length;
        const seen = [...this.faults].map(([what, n]) => `${what} × ${n}`).join(', ');

        return `${this.forms.length} forms, ${again} sent more than once; seen meanwhile: ${seen || 'nothing'}`;
    }
}

/** Rows of an install's database, asked by its own root over its socket. */
export const sql = (dir, query) => {
    const [, password] = /^AENUM_DB_ROOT=(.*)$/m.exec(readFileSync(`${dir}/.env`, 'utf8'));
    const rows = execFileSync(
        'mariadb',
        ['--no-defaults', `--socket=${dir}/db.sock`, '-uroot', '-N', 'aenum', '-e', query],
        { encoding: 'utf8', env: { ...process.env, MYSQL_PWD: password } },
    );

    return rows.split('\n').filter(Boolean).map((line) => line.split('\t'));
};

/** How long until a page that reads the database answers again, ms. */
export const back = async (address, from) => {
    for (;;) {
        try {
            const answer = await fetch(`${address}/health`, { signal: AbortSignal.timeout(2000) });
            if (answer.ok) return Date.now() - from;
        } catch {}
        await wait(100);
    }
};
