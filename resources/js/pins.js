/* Touching a picture, or moving its cross with the arrow keys, fills in where the pin goes. */
export const placePins = () => {
    const picture = document.querySelector('svg[data-place]');
    const form = document.querySelector('[data-pin-form]');
    if (!picture || !form) return;
    const cross = picture.querySelector('[data-new]');
    const [across, down] = [form.elements.across, form.elements.down];
    const { width, height } = picture.viewBox.baseVal;
    const show = () => {
        const [x, y] = [parseFloat(across.value), parseFloat(down.value)];
        if (Number.isNaN(x) || Number.isNaN(y)) return;
        cross.setAttribute('transform', `translate(${(x / 100) * width} ${(y / 100) * height})`);
        cross.setAttribute('visibility', 'visible');
    };
    const put = (x, y) => {
        across.value = Math.min(100, Math.max(0, x)).toFixed(1);
        down.value = Math.min(100, Math.max(0, y)).toFixed(1);
        show();
    };
    picture.addEventListener('click', (event) => {
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(picture.getScreenCTM().inverse());
        put((100 * at.x) / width, (100 * at.y) / height);
    });
    picture.addEventListener('keydown', (event) => {
        const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
        if (!step) return;
        event.preventDefault();
        const far = event.shiftKey ? 10 : 1;
        put((parseFloat(across.value) || 50) + far * step[0], (parseFloat(down.value) || 50) + far * step[1]);
    });
    [across, down].forEach((field) => field.addEventListener('input', show));
    show();
};
