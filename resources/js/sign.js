/* A signature drawn by finger or pen: strokes as points from 0 to 1000, parted by |. The name alone will do. */
const MOST = 18000;

export const signByHand = () => {
    const form = document.querySelector('[data-signs]');
    if (!form) return;
    const pad = form.querySelector('[data-pad]');
    const field = form.elements.signature;
    let strokes = field.value === '' ? [] : field.value.split('|');
    let drawing = false;
    const show = () => {
        pad.replaceChildren(
            ...strokes.map((points) => {
                const line = document.createElementNS('http://www.w3.org/2000/svg', 'polyline');
                line.setAttribute('points', points);
                return line;
            }),
        );
        field.value = strokes.join('|');
    };
    const at = (event) => {
        const box = pad.getBoundingClientRect();
        const share = (value, from, size) => Math.round(1000 * Math.min(1, Math.max(0, (value - from) / size)));
        return `${share(event.clientX, box.left, box.width)},${share(event.clientY, box.top, box.height)}`;
    };
    pad.addEventListener('pointerdown', (event) => {
        drawing = field.value.length < MOST;
        if (!drawing) return;
        pad.setPointerCapture(event.pointerId);
        strokes.push(at(event));
        show();
    });
    pad.addEventListener('pointermove', (event) => {
        if (!drawing || field.value.length >= MOST) return;
        strokes[strokes.length - 1] += ` ${at(event)}`;
        show();
    });
    ['pointerup', 'pointercancel'].forEach((over) => pad.addEventListener(over, () => (drawing = false)));
    form.querySelector('[data-wipe]').addEventListener('click', () => {
        strokes = [];
        show();
    });
    show();
};
