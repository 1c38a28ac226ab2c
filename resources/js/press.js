/*
 * A press is not lost where an answer replaces the button under the finger: it goes to the same button of what came in
 * its place.
 */
const what = ({ form, name, value, textContent }) =>
    [form?.getAttribute('action'), name, value, textContent.trim()].join();

export const keepPresses = () => {
    let pressed = null;
    const forget = () => (pressed = null);
    addEventListener('pointerdown', ({ target }) => {
        const button = target.closest?.('button');
        pressed = button ? { button, what: what(button) } : null;
    }, true);
    addEventListener('pointercancel', forget, true);
    addEventListener('pointerup', ({ clientX, clientY }) => {
        const before = pressed;
        forget();
        if (!before || before.button.isConnected) return;
        const now = document.elementFromPoint(clientX, clientY)?.closest('button');
        if (now && what(now) === before.what) now.click();
    }, true);
};
