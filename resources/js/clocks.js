/*
 * Running clocks. Every clock is computed from the instant in its data-until (or data-since), against the shop's
 * time as the server gave it in <html data-now>; the page only keeps the difference to its own clock.
 */
const shopNow = () => Date.now() + offset;
let offset = 0;

const pad = (n) => String(n).padStart(2, '0');

export const spell = (ms) => {
    const seconds = Math.max(0, Math.round(ms / 1000));
    const h = Math.floor(seconds / 3600);
    const m = Math.floor(seconds / 60) % 60;
    return h > 0 ? `${h}:${pad(m)}:${pad(seconds % 60)}` : `${m}:${pad(seconds % 60)}`;
};

/** The shop's own hour at a moment of this device's clock. */
/** A moment of the shop's time, in its zone. */
export const hourInShop = (moment) => {
    const clock = document.querySelector('[data-shop-time]');
    const isOf12 = clock?.dataset.clock === '12';

    return new Intl.DateTimeFormat('en-GB', {
        timeZone: clock?.dataset.shopTime,
        hour: isOf12 ? 'numeric' : '2-digit',
        minute: '2-digit',
        hour12: isOf12,
    }).format(moment);
};

/** The same for a moment of this tablet's clock. */
export const shopHour = (at) => hourInShop(at + offset);

const tick = () => {
    for (const node of document.querySelectorAll('[data-until]')) {
        const left = Number(node.dataset.until) - shopNow();
        node.textContent = left > 0 ? spell(left) : (node.dataset.past ?? '0:00');
        if (left <= 0) node.dataset.over = '';
    }
    for (const node of document.querySelectorAll('[data-minutes-until]')) {
        const left = Number(node.dataset.minutesUntil) - shopNow();
        node.textContent = left > 0 ? `${Math.ceil(left / 60000)} min` : 'now';
    }
    for (const node of document.querySelectorAll('[data-shop-time]')) node.textContent = shopHour(Date.now());
};

export const runClocks = () => {
    offset = Number(document.documentElement.dataset.now) - Date.now();
    tick();
    setInterval(tick, 1000);
    document.body.addEventListener('htmx:afterSwap', tick);
};
