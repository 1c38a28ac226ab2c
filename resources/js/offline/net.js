/*
 * The line at the top that says since when there is no network, what waits for it, and what came back refused. The
 * waiting itself is the service worker's; without TLS there is none, and the line says that.
 */
import { hourInShop, shopHour } from '../clocks.js';

const LOOK_MS = 4000;
const WAITS = 'Clocks run on. What you press waits here and is sent when it is back.';
const NOBODY = 'Clocks run on. Signing on wants the network.';
const LOST = 'Clocks run on. Send nothing now: this address is not https, so nothing can wait here.';
const line = () => document.getElementById('net');
const worker = () => navigator.serviceWorker?.controller;
const tell = (message) => worker()?.postMessage(message);
let known = { since: null, waiting: [], refused: [], others: 0 };
let typedSince = false;

const element = (tag, textContent, more = {}) =>
    Object.assign(document.createElement(tag), { textContent, ...more });

const saysThen = () => {
    if (whose() === null) return NOBODY;

    return isSecureContext ? WAITS : LOST;
};

const show = () => {
    const box = line();
    if (!box) return;
    const { since, waiting, refused, others } = known;
    const parts = [];
    if (since)
        parts.push(
            element('strong', `No network since ${shopHour(since)}`),
            element('span', saysThen()),
        );
    if (waiting.length) {
        parts.push(element('strong', `${waiting.length} ${waiting.length === 1 ? 'waits' : 'wait'} to be sent`));
        const list = element('ol', '');
        list.append(...waiting.map((one) => element('li', `${shopHour(one.at)} ${one.says}`)));
        parts.push(list);
    }
    if (others) {
        const wait = others === 1 ? 'waits' : 'wait';
        parts.push(element('span', `${others} of somebody else ${wait} until they sign on.`));
    }
    if (refused.length) {
        parts.push(element('strong', 'Not taken'));
        const list = element('ul', '');
        for (const one of refused) {
            const item = element('li', `${shopHour(one.at)} ${one.says}: ${one.why} `);
            if (one.instead) {
                const offer = element('button', `Log it at ${hourInShop(one.instead)}`, {
                    type: 'button',
                    className: 'btn btn-do',
                });
                offer.addEventListener('click', () => tell({ kind: 'takeOffer', n: one.n }));
                item.append(offer, ' ');
            }
            item.append(element('a', 'Where it was', { href: one.from }));
            list.append(item);
        }
        const seen = element('button', 'Seen', { type: 'button', className: 'btn btn-quiet' });
        seen.addEventListener('click', () => tell({ kind: 'seen' }));
        parts.push(list, seen);
    }
    box.replaceChildren(...parts);
    box.hidden = parts.length === 0;
    box.toggleAttribute('data-gone', Boolean(since) || refused.length > 0);
};

/** The picture is an old one, or something of it was done meanwhile: what is so now, unless somebody is typing. */
const freshen = (sent, wasGone) => {
    const isOld = document.documentElement.dataset.kept !== undefined;
    if ((!isOld && !sent) || known.since || known.waiting.length) return;
    // A page that is only slow is not asked for again by itself.
    if (typedSince || (!sent && !wasGone)) {
        const box = line();
        box.hidden = false;
        box.append(element('a', 'The network is back: show it as it is now', { href: location.href }));
    } else location.reload();
};

const isTyped = (field) => {
    if (!field.name || field.name.startsWith('_') || /hidden|password/.test(field.type)) return false;
    if (field.tagName === 'SELECT') return !field.selectedOptions[0]?.defaultSelected && field.selectedIndex > 0;
    if (field.type === 'checkbox' || field.type === 'radio') return field.checked && !field.defaultChecked;

    return field.tagName !== 'BUTTON' && field.value !== '' && field.value !== field.defaultValue;
};

/** What a press says: the button, and what was typed or picked before it. */
const words = (form, button) => {
    const plain = (text) => text.trim().replaceAll(/\s+/g, ' ');
    const typed = [...form.elements].filter(isTyped).map((field) => {
        const label = plain(field.labels?.[0]?.textContent ?? field.name);
        const value = field.tagName === 'SELECT' ? plain(field.selectedOptions[0].textContent) : field.value;

        return /checkbox|radio/.test(field.type) ? label : `${label}: ${value}`;
    });
    const name = plain(button?.getAttribute('aria-label') ?? button?.textContent ?? 'Sent');

    return [name, ...typed].join('; ').slice(0, 200);
};

/** Without a network nobody answers; asked again and again, softly, until somebody does. */
const ask = async () => {
    if (!known.since && !known.waiting.length) return;
    if (worker()) {
        tell({ kind: 'send' });

        return;
    }
    const answers = await fetch('/health', { cache: 'no-store' }).then(() => true, () => false);
    if (answers) {
        known = { ...known, since: null };
        show();
    }
};

/** Something did not get through: whether it is the network, a look tells. */
const noticed = () => {
    if (worker()) tell({ kind: 'send' });
    else if (!known.since) {
        known = { ...known, since: Date.now() };
        show();
    }
};

/** Whose page it is: somebody's by number, nobody's (null) where one signs on, undefined where it does not say. */
const whose = () => {
    const { user } = document.documentElement.dataset;
    if (user !== undefined) return Number(user);

    return /^\/(sign-in|tablet|first-run)/.test(location.pathname) ? null : undefined;
};

export const keepOnWithoutNetwork = () => {
    document.body.addEventListener('htmx:sendError', noticed);
    addEventListener('offline', noticed);
    addEventListener('online', ask);
    addEventListener('input', () => (typedSince = true), { passive: true });
    setInterval(ask, LOOK_MS);
    for (const hint of document.querySelectorAll('[data-no-tls]')) hint.hidden = isSecureContext;
    // A page for somebody else's eyes (a customer's copy) leaves nothing behind.
    if (!navigator.serviceWorker || (whose() === undefined && !worker())) return;
    navigator.serviceWorker.addEventListener('message', ({ data }) => {
        const wasGone = Boolean(known.since);
        known = data;
        show();
        freshen(data.sent > 0, wasGone);
    });
    document.addEventListener('submit', (event) => {
        const token = event.target.elements._once?.value;
        if (token) tell({ kind: 'pressed', token, says: words(event.target, event.submitter) });
    }, true);
    navigator.serviceWorker.register('/build/sw.js', { scope: '/' }).catch(() => {});
    const isFresh = document.documentElement.dataset.kept === undefined;
    const here = () => {
        // The clocks of a tablet many hands use are nobody's page, also without a network.
        if (whose() === null || (isFresh && whose() !== undefined)) tell({ kind: 'here', user: whose() });
    };
    navigator.serviceWorker.addEventListener('controllerchange', here);
    here();
    if (!isFresh) tell({ kind: 'send' });
};
