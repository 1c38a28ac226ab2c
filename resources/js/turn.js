/* A part on a canvas, turned by dragging or by the arrow keys: every triangle in a depth buffer, lit from the eye. */
const LIGHT = [0.36, 0.48, 0.8];

const rotated = (points, yaw, pitch, wide, high) => {
    const [cy, sy, cp, sp] = [Math.cos(yaw), Math.sin(yaw), Math.cos(pitch), Math.sin(pitch)];
    const scale = (0.71 * Math.min(wide, 1.35 * high)) / 20000;
    const out = new Float32Array(points.length);
    for (let i = 0; i < points.length; i += 3) {
        const [x, y, z] = [points[i], points[i + 1], points[i + 2]];
        const across = cy * x + sy * y;
        const away = cy * y - sy * x;
        out[i] = wide / 2 + scale * across;
        out[i + 1] = high / 2 - scale * (cp * z + sp * away);
        out[i + 2] = scale * (cp * away - sp * z);
    }
    return out;
};

const draw = (context, points, yaw, pitch, [red, green, blue]) => {
    const { width, height } = context.canvas;
    const at = rotated(points, yaw, pitch, width, height);
    const image = context.createImageData(width, height);
    const depth = new Float32Array(width * height).fill(Infinity);
    for (let t = 0; t < at.length; t += 9) {
        const [x1, y1, z1, x2, y2, z2, x3, y3, z3] = at.subarray(t, t + 9);
        const double = (x2 - x1) * (y3 - y1) - (x3 - x1) * (y2 - y1);
        if (Math.abs(double) < 1e-6) continue;
        const [ux, uy, uz, vx, vy, vz] = [x2 - x1, y2 - y1, z2 - z1, x3 - x1, y3 - y1, z3 - z1];
        const normal = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
        const length = Math.hypot(...normal) || 1;
        // Which side of a facet is out is not always said: the side that is seen is lit.
        const side = normal[2] > 0 ? -1 : 1;
        const lit = (side * (normal[0] * LIGHT[0] - normal[1] * LIGHT[1] - normal[2] * LIGHT[2])) / length;
        const tone = 0.28 + 0.72 * Math.max(0, lit);
        const top = Math.max(0, Math.floor(Math.min(y1, y2, y3)));
        const left = Math.max(0, Math.floor(Math.min(x1, x2, x3)));
        const bottom = Math.min(height - 1, Math.max(y1, y2, y3));
        const right = Math.min(width - 1, Math.max(x1, x2, x3));
        for (let y = top; y <= bottom; y++) {
            for (let x = left; x <= right; x++) {
                const [px, py] = [x + 0.5, y + 0.5];
                const u = ((x2 - px) * (y3 - py) - (x3 - px) * (y2 - py)) / double;
                const v = ((x3 - px) * (y1 - py) - (x1 - px) * (y3 - py)) / double;
                if (u < 0 || v < 0 || u + v > 1) continue;
                const z = u * z1 + v * z2 + (1 - u - v) * z3;
                const cell = y * width + x;
                if (z >= depth[cell]) continue;
                depth[cell] = z;
                const to = 4 * cell;
                image.data[to] = red * tone;
                image.data[to + 1] = green * tone;
                image.data[to + 2] = blue * tone;
                image.data[to + 3] = 255;
            }
        }
    }
    context.putImageData(image, 0, 0);
};

const metal = (canvas) => {
    const found = getComputedStyle(canvas).color.match(/[\d.]+/g) ?? [];
    return found.length >= 3 ? found.slice(0, 3).map(Number) : [200, 205, 203];
};

const turnable = (canvas, points) => {
    const context = canvas.getContext('2d');
    const start = { yaw: -0.6, pitch: 0.42 };
    const now = { ...start };
    let waiting = false;
    const show = () => {
        if (waiting) return;
        waiting = true;
        requestAnimationFrame(() => {
            waiting = false;
            draw(context, points, now.yaw, now.pitch, metal(canvas));
        });
    };
    const turn = (yaw, pitch) => {
        now.yaw += yaw;
        now.pitch = Math.min(Math.PI / 2, Math.max(-Math.PI / 2, now.pitch + pitch));
        show();
    };
    let held = null;
    canvas.addEventListener('pointerdown', (event) => {
        held = [event.clientX, event.clientY];
        canvas.setPointerCapture(event.pointerId);
    });
    canvas.addEventListener('pointermove', (event) => {
        if (held === null) return;
        turn((event.clientX - held[0]) / 120, (event.clientY - held[1]) / 120);
        held = [event.clientX, event.clientY];
    });
    ['pointerup', 'pointercancel'].forEach((end) => canvas.addEventListener(end, () => (held = null)));
    canvas.addEventListener('keydown', (event) => {
        const keys = { ArrowLeft: [-0.17, 0], ArrowRight: [0.17, 0], ArrowUp: [0, -0.17], ArrowDown: [0, 0.17] };
        if (event.key === 'Home') Object.assign(now, start);
        else if (!keys[event.key]) return;
        event.preventDefault();
        turn(...(keys[event.key] ?? [0, 0]));
    });
    show();
};

/* Fills every canvas that names its facets; where there are none it stays away. */
export const turnParts = () => {
    document.querySelectorAll('canvas[data-facets]').forEach(async (canvas) => {
        const answer = await fetch(canvas.dataset.facets, { credentials: 'same-origin' });
        const bytes = answer.ok ? await answer.arrayBuffer() : new ArrayBuffer(0);
        if (bytes.byteLength < 18) return;
        canvas.closest('[data-turn]').hidden = false;
        turnable(canvas, new Int16Array(bytes));
    });
};
