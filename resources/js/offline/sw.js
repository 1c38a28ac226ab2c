/*
 * Stands between a tablet's pages and the network. While there is a network it only keeps a copy of each page that was
 * looked at. When there is none, the last picture stays, with its clocks counting on, and the forms that are done once
 * by a token wait here and are sent in order, as done when they were pressed, as soon as it is back.
 */
import * as store from './store.js';

const PAGES = 'aenum-pages';
const BUILD = 'aenum-build';
/** Nothing of these is kept: they are about who comes in. */
const NEVER = /^\/(sign-in|first-run|trust|r\/|calendar|api)/;
/** The clocks anybody may see, at a tablet many hands use. */
const CLOCKS = '/tablet';
/** A page that is known is shown when the network says nothing for so long, ms. */
const PATIENCE = 6000;
/** Answers that say the shop's machine is away, not that it refuses. */
const AWAY = [502, 503, 504];
const MOST_PAGES = 80;
const TRIES = 5;

self.addEventListener('install', () => self.skipWaiting());
// Files of the release before are not wanted any more.
self.addEventListener('activate', (event) => event.waitUntil(caches.delete(BUILD).then(() => self.clients.claim())));

// ---- what pages are told, and tell ---------------------------------------------------------------------------------

const state = async () => {
    const [user, since, waiting, refused] = await Promise.all([
        store.about('user'),
        store.about('since'),
        store.waiting(),
        store.refused(),
    ]);
    const mine = ({ user: whose }) => whose === user;
    const told = ({ n, at, says, from, why, instead }) => ({ n, at, says, from, why, instead: instead?.at });

    return {
        since: since ?? null,
        waiting: waiting.filter(mine).map(told),
        others: waiting.filter((form) => !mine(form)).length,
        refused: refused.filter(mine).map(told),
    };
};

const tell = async (more = {}) => {
    const message = { ...(await state()), ...more };
    for (const client of await self.clients.matchAll({ includeUncontrolled: true })) client.postMessage(message);
};

const gone = async (is) => {
    const since = await store.about('since');
    if (is === Boolean(since)) return;
    await store.know('since', is ? Date.now() : null);
    await tell();
};

const pressed = new Map();
const asked = {
    /** A page was opened, by whom. Whoever comes next sees nothing of it. */
    async here({ user }) {
        if ((await store.about('user')) !== user) {
            await store.know('user', user);
            const pages = await caches.open(PAGES);
            for (const key of await pages.keys())
                if (new URL(key.url).pathname !== CLOCKS) await pages.delete(key);
        }
        if (aheadMs === undefined) await whoIsHere();
        await tell();
    },
    /** What a press says, in words; the form itself comes by another way. */
    async pressed({ token, says }) {
        pressed.set(token, says);
    },
    async seen() {
        await store.seen();
        await tell();
    },
    async send() {
        await send();
    },
    /** A form that was refused for its moment is logged at the one the shop offered. */
    async takeOffer({ n }) {
        await store.takeOffer(n);
        await send();
    },
};
self.addEventListener('message', (event) => event.waitUntil(asked[event.data.kind]?.(event.data)));

// ---- sending what waits --------------------------------------------------------------------------------------------

let sending = null;
const send = () => (sending ??= sendAll().finally(() => (sending = null)));

const sendAll = async () => {
    const here = await whoIsHere();
    if (here === null) {
        await store.know('since', (await store.about('since')) ?? Date.now());

        return tell();
    }
    await gone(false);
    let sent = 0;
    for (const form of await store.waiting()) {
        if (form.user !== here.user) continue;
        const refusal = await sendOne(form, here.token, waitedMs(form));
        if (refusal === undefined) break;
        await store.answered(form, refusal);
        sent++;
    }
    await tell({ sent });
};

/** Who the shop takes this tablet's pages to be from, and the mark its forms carry now; null where nothing answers. */
const whoIsHere = async () => {
    try {
        const answer = await fetch('/here', { headers: { 'HX-Request': 'true' }, cache: 'no-store' });

        const here = answer.ok ? await answer.json() : null;
        if (here?.now) aheadMs = Date.now() - here.now;

        return here;
    } catch {
        return null;
    }
};

// ---- how long a form has waited ------------------------------------------------------------------------------------

/** How far this tablet's clock is ahead of the shop's, ms; undefined until the shop has answered once. */
let aheadMs;
/** Further apart two measures of a wait do not agree, ms. */
const AGREES_MS = 5000;

/** What is kept of a press, to know later how long ago it was. */
const pressedNow = () => ({ aheadMs, monotonicMs: performance.now(), since: performance.timeOrigin });

/**
 * How long ago it was pressed, ms. By the clock that nobody sets, as long as this worker has lived since; a tablet that
 * slept in between stops that one, so then the wall clock counts, less what it was set by meanwhile.
 */
const waitedMs = ({ at, pressed }) => {
    const setBy = pressed?.aheadMs === undefined || aheadMs === undefined ? 0 : aheadMs - pressed.aheadMs;
    const wallMs = Date.now() - at - setBy;
    const isSameWorker = pressed?.since === performance.timeOrigin;
    const monotonicMs = isSameWorker ? performance.now() - pressed.monotonicMs : wallMs;
    const wasSet = Math.abs(setBy) > AGREES_MS || wallMs < monotonicMs;

    return Math.max(0, wasSet ? monotonicMs : wallMs);
};

/** Why it was refused, null where it was done, undefined where nobody knows and it waits on. */
const sendOne = async (form, token, waited) => {
    const body = new FormData();
    for (const [name, value] of form.fields) body.append(name, name === '_token' ? token : value);
    try {
        const answer = await fetch(form.to, {
            method: 'POST',
            body,
            redirect: 'manual',
            headers: { 'X-Aenum-Waited': String(Math.round(waited)), Accept: 'application/json' },
        });
        if (answer.ok || answer.status === 422) {
            const { refused, instead } = await answer.json();

            return refused.length ? { why: refused.join(' '), instead } : null;
        }
        // Led elsewhere, it is not signed in as whoever pressed it.
        if ([0, 401, 419, ...AWAY].includes(answer.status)) return undefined;
        if (answer.status < 500 || (form.tries ?? 0) >= TRIES)
            return { why: `The shop answered ${answer.status}; look whether it is there, and write it again if not.` };
        await store.tried(form);
    } catch {
        await gone(true);
    }

    return undefined;
};

// ---- between page and network --------------------------------------------------------------------------------------

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (url.origin !== self.location.origin) return;
    if (request.mode === 'navigate' && request.method === 'GET') event.respondWith(look(event, url));
    else if (request.mode === 'navigate' && request.method === 'POST') event.respondWith(press(request, url));
    else if (request.method === 'GET' && /^\/(build\/|favicon|manifest|icon)/.test(url.pathname))
        event.respondWith(built(request, url));
});

/** Built files: of a version or a font, for good; anything else as the network has it, or as it was. */
const built = async (request, url) => {
    const kept = await caches.open(BUILD);
    const forGood = url.searchParams.has('v') || url.pathname.endsWith('.woff2');
    const known = await kept.match(request);
    if (known && forGood) return known;
    try {
        const answer = await fetch(request);
        if (answer.ok) await kept.put(request, answer.clone());

        return answer;
    } catch (e) {
        const other = known ?? (await kept.match(request, { ignoreSearch: true }));
        if (other) return other;
        throw e;
    }
};

/** A page: as the shop has it now, or the last picture of it. */
const look = async (event, url) => {
    const pages = await caches.open(PAGES);
    const known = await pages.match(url.pathname + url.search);
    const asking = fetch(event.request);
    const patience = known && new Promise((done) => setTimeout(done, PATIENCE, null));
    const answer = await Promise.race([asking.catch(() => null), ...(known ? [patience] : [])]);
    if (answer && !AWAY.includes(answer.status)) {
        event.waitUntil(keep(pages, url, answer.clone()).then(() => back()));

        return answer;
    }
    if (answer === null) await gone(true);

    return known ? picture(known) : answer ?? none();
};

const back = async () => {
    if ((await store.about('since')) || (await store.waiting()).length) await send();
};

const keep = async (pages, url, answer) => {
    const isPage = answer.status === 200 && !answer.redirected;
    if (!isPage || NEVER.test(url.pathname) || !/text\/html/.test(answer.headers.get('Content-Type') ?? '')) return;
    const text = await answer.text();
    await pages.put(
        url.pathname + url.search,
        new Response(text, { headers: { 'Content-Type': 'text/html; charset=utf-8', 'X-Kept': String(Date.now()) } }),
    );
    const keys = await pages.keys();
    for (const old of keys.slice(0, Math.max(0, keys.length - MOST_PAGES))) await pages.delete(old);
};

/** The page as it was, opened anew: its clocks know how long ago that was, and its forms are new ones. */
const picture = async (known) => {
    const old = Date.now() - Number(known.headers.get('X-Kept'));
    const text = (await known.text())
        .replace(/data-now="(\d+)"/, (_, now) => `data-now="${Number(now) + old}" data-kept="${old}"`)
        .replaceAll(/(name="_once"\s+value=")[^"]+/g, (_, before) => before + crypto.randomUUID());

    return new Response(text, { headers: page });
};

/** The shop's own headers, which no kept page comes without. */
const page = {
    'Content-Type': 'text/html; charset=utf-8',
    'Cache-Control': 'no-store',
    'Content-Security-Policy':
        "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; " +
        "connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'; worker-src 'self'; " +
        "manifest-src 'self'",
};

const none = (title = 'This page is not on this tablet', says = 'There is no network, and this page was not looked at '
    + 'here before. Those that were are still there: go back. Clocks run on.') =>
    new Response(
        `<!doctype html><html lang="en" data-theme="system" data-now="${Date.now()}" data-kept="0"><head>` +
            '<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">' +
            `<title>${title} · Aenum</title><link rel="stylesheet" href="/build/app.css">` +
            '<script src="/build/app.js" defer></script></head><body><main class="min-h-screen grid ' +
            'place-items-center p-6"><div class="w-full max-w-md"><div id="net" class="net" role="status" hidden>' +
            `</div><div class="panel grid gap-3"><h1>${title}</h1><p>${says}</p><p><a class="btn" href="/">To the ` +
            'rail</a></p></div></div></main></body></html>',
        { status: 503, headers: page },
    );

/** A form: sent now, or behind those that wait already; with no network it waits where it carries a token. */
const press = async (request, url) => {
    const copy = request.clone();
    const { user, fields, token } = await read(copy);
    const waits = user !== null && /^[0-9a-f-]{36}$/.test(token);
    const behind = waits && (await store.waiting()).some((form) => form.user === user);
    if (!behind) {
        try {
            const answer = await fetch(request);
            if (!waits || !AWAY.includes(answer.status)) return answer;
        } catch {
            await gone(true);
        }
    }
    if (!waits)
        return none('This was not sent', 'There is no network, and this cannot wait for it. Go back: what you typed ' +
            'is still there. Send it when the network is back.');
    const from = new URL(request.referrer || '/', self.location.origin);
    const back = from.pathname + from.search;
    const says = pressed.get(token) ?? url.pathname;
    pressed.delete(token);
    try {
        const to = url.pathname + url.search;
        await store.wait({ user, to, from: back, at: Date.now(), pressed: pressedNow(), says, fields });
    } catch {
        return none('This was not kept', 'There is no network, and this tablet has no room to keep it. Go back: what ' +
            'you typed is still there.');
    }
    if (behind) await send();
    else await tell();

    return Response.redirect(back, 303);
};

const read = async (request) => {
    const user = (await store.about('user')) ?? null;
    try {
        const fields = [...(await request.formData()).entries()];

        return { user, fields, token: String(fields.find(([name]) => name === '_once')?.[1] ?? '') };
    } catch {
        return { user, fields: [], token: '' };
    }
};
