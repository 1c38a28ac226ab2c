// The practice booth: the hand's way goes to the server a quarter of a second at a time, and the film that comes back
// is drawn. No film is worked out here.
const EVERY_MS = 250;
const MARGIN_MM = 95;

export const sprayPanels = () => {
    const booth = document.querySelector('[data-booth]');
    if (!booth) return;
    const canvas = booth.querySelector('[data-panel]');
    const form = booth.querySelector('[data-set]');
    const over = booth.dataset.over === '1';
    let state = JSON.parse(booth.dataset.state);
    let gun = { x: -60, y: -60, on: false };
    let path = [];
    let sent = state.strokes;
    let waiting = false;
    const begun = performance.now();
    const now = () => (performance.now() - begun) / 1000;
    const wide = () => state.across * state.cell;
    const high = () => state.down * state.cell;
    const scale = () => Math.min(canvas.width / (wide() + 2 * MARGIN_MM), canvas.height / (high() + 2 * MARGIN_MM));
    const toCanvas = (mm) => (mm + MARGIN_MM) * scale();
    const ink = (name) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

    const draw = () => {
        const pen = canvas.getContext('2d');
        const size = state.cell * scale();
        pen.fillStyle = ink('--panel');
        pen.fillRect(0, 0, canvas.width, canvas.height);
        state.um.forEach((um, n) => {
            if (um < 0) return;
            const x = toCanvas((n % state.across) * state.cell);
            const y = toCanvas(Math.floor(n / state.across) * state.cell);
            const share = Math.min(1, um / state.high);
            pen.globalAlpha = 0.08 + 0.72 * share;
            pen.fillStyle = um > state.high ? ink('--stop') : ink('--act');
            pen.fillRect(x, y, size + 0.5, size + 0.5);
            pen.globalAlpha = 1;
            pen.strokeStyle = pen.fillStyle = ink('--ink');
            if (um < state.low && um > 0) {
                pen.fillRect(x + size / 2 - 0.8, y + size / 2 - 0.8, 1.6, 1.6);
            } else if (um > state.high) {
                pen.lineWidth = 0.8;
                pen.beginPath();
                pen.moveTo(x, y + size);
                pen.lineTo(x + size, y);
                pen.stroke();
            }
        });
        figures(pen);
        pen.strokeStyle = ink('--ink');
        pen.lineWidth = 2;
        pen.strokeRect(toCanvas(0), toCanvas(0), wide() * scale(), high() * scale());
        pen.beginPath();
        pen.arc(toCanvas(gun.x), toCanvas(gun.y), gun.on ? 16 : 10, 0, 2 * Math.PI);
        pen.lineWidth = gun.on ? 5 : 2;
        pen.stroke();
    };

    // The film in figures, so that no colour is needed to read it.
    const figures = (pen) => {
        const each = 10;
        pen.font = '600 17px "Barlow Semi Condensed", sans-serif';
        pen.textAlign = 'center';
        for (let row = 4; row < state.down; row += each) {
            for (let column = 4; column < state.across; column += each) {
                const um = state.um[row * state.across + column];
                if (um <= 0) continue;
                const text = (um * state.shown).toFixed(state.digits);
                const [x, y] = [toCanvas((column + 0.5) * state.cell), toCanvas((row + 0.5) * state.cell) + 6];
                pen.lineWidth = 4;
                pen.strokeStyle = ink('--panel');
                pen.strokeText(text, x, y);
                pen.fillStyle = ink('--ink');
                pen.fillText(text, x, y);
            }
        }
    };

    const tell = () => {
        for (const [key, text] of Object.entries(state.figures)) {
            booth.querySelector(`[data-figure="${key}"]`).textContent = text;
        }
    };

    const note = () => path.push([now(), gun.x, gun.y, Number(form.elements.away.value), gun.on ? 1 : 0]);

    const send = async () => {
        if (waiting || path.length < 2 || over) return;
        const piece = path.slice(0, 120);
        const isWorth = piece.some((point) => point[4] === 1);
        path = path.slice(piece.length - 1);
        if (!isWorth) return;
        waiting = true;
        const set = Object.fromEntries(['kv', 'ua', 'air', 'flow', 'face'].map((k) => [k, form.elements[k].value]));
        if (form.elements.clean?.checked) set.clean = 1;
        const body = JSON.stringify({ ...set, number: sent + 1, path: piece });
        const headers = {
            'Content-Type': 'application/json',
            Accept: 'application/json',
            'X-CSRF-TOKEN': form.elements._token.value,
        };
        try {
            const answer = await fetch(booth.dataset.to, { method: 'POST', headers, body });
            if (answer.ok && !answer.redirected) {
                state = await answer.json();
                sent = state.strokes;
                tell();
                booth.querySelector('form[action$="/judge"] button').disabled = false;
            } else if (answer.status === 503) path = [...piece, ...path.slice(1)];
        } catch {
            // The network blinked: the same stroke goes again, and is laid once.
            path = [...piece, ...path.slice(1)];
        }
        waiting = false;
        draw();
    };

    const at = (event) => {
        const box = canvas.getBoundingClientRect();
        gun.x = ((event.clientX - box.left) * canvas.width) / box.width / scale() - MARGIN_MM;
        gun.y = ((event.clientY - box.top) * canvas.height) / box.height / scale() - MARGIN_MM;
    };
    const turn = (on) => {
        note();
        gun.on = on && !over;
        note();
        draw();
    };
    canvas.addEventListener('pointerdown', (event) => {
        canvas.setPointerCapture(event.pointerId);
        at(event);
        turn(true);
    });
    canvas.addEventListener('pointermove', (event) => {
        at(event);
        if (gun.on) note();
        draw();
    });
    for (const end of ['pointerup', 'pointercancel']) canvas.addEventListener(end, () => turn(false));
    const held = new Set();
    canvas.addEventListener('keydown', (event) => {
        const away = form.elements.away;
        if (event.key === ' ' && !event.repeat) turn(!gun.on);
        else if (event.key === '+') away.stepDown();
        else if (event.key === '-') away.stepUp();
        else if (event.key.startsWith('Arrow')) held.add(event.key);
        else return;
        event.preventDefault();
        event.stopPropagation();
        away.dispatchEvent(new Event('input', { bubbles: true }));
    });
    canvas.addEventListener('keyup', (event) => held.delete(event.key));
    canvas.addEventListener('blur', () => held.clear());
    // A key moves the gun as a calm hand does.
    let last = now();
    setInterval(() => {
        const step = 300 * (now() - last);
        last = now();
        if (held.size === 0) {
            if (gun.on) note();
            return;
        }
        gun.x += step * (held.has('ArrowRight') - held.has('ArrowLeft'));
        gun.y += step * (held.has('ArrowDown') - held.has('ArrowUp'));
        note();
        draw();
    }, 20);
    setInterval(send, EVERY_MS);
    form.addEventListener('input', (event) => {
        const shows = form.querySelector(`output[for="${event.target.id}"]`);
        const { shown, digits } = event.target.dataset;
        if (shows) shows.textContent = shown ? (event.target.value * shown).toFixed(digits) : event.target.value;
    });
    document.fonts.ready.then(draw);
};
