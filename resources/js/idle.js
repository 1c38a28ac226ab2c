/* At a tablet many hands use: nobody touched it for as long as the house says, and it goes back to its clocks. */
const TOUCHES = ['pointerdown', 'keydown', 'input'];
const LOOK_MS = 3000;

export const signOutWhenIdle = () => {
    const seconds = Number(document.documentElement.dataset.signsOut);
    if (!seconds) return;
    let touched = Date.now();
    for (const touch of TOUCHES) addEventListener(touch, () => (touched = Date.now()), { passive: true });
    setInterval(() => {
        if (Date.now() - touched > seconds * 1000 + LOOK_MS) location.assign('/tablet');
    }, LOOK_MS);
};
