/*
 * Forms that are saved while they are filled in. Errors stand beside their fields and go when the field is right; what
 * was typed stays, also in the forms of an answer that is being replaced; focus moves only where the person pressed the
 * form's button.
 */
const byName = (form, key) => {
    const [first, ...rest] = key.split('.');
    const name = first + rest.map((part) => `[${part}]`).join('');

    return form.querySelector(`[name="${CSS.escape(name)}"], [name="${CSS.escape(`${first}[]`)}"]`);
};

const clear = (form) => {
    form.querySelectorAll('[data-live-error]').forEach((message) => {
        const field = form.querySelector(`[aria-errormessage="${message.id}"]`);
        field?.removeAttribute('aria-errormessage');
        field?.removeAttribute('aria-invalid');
        message.remove();
    });
};

const show = (form, errors, takesFocus) => {
    Object.entries(errors).forEach(([key, [says]], n) => {
        const field = byName(form, key);
        const message = document.createElement('p');
        message.id = `live-error-${key.replaceAll('.', '-')}`;
        message.className = 'wrong';
        message.dataset.liveError = '';
        message.textContent = says;
        if (field === null) {
            message.setAttribute('role', 'alert');
            form.append(message);

            return;
        }
        field.setAttribute('aria-invalid', 'true');
        field.setAttribute('aria-errormessage', message.id);
        field.after(message);
        if (n === 0 && takesFocus) field.focus();
    });
};

/** What somebody has begun to type in a part of the page that an answer is about to replace, by where it is typed. */
const placeOf = (field) => {
    const hidden = [...(field.form?.querySelectorAll('input[type="hidden"]') ?? [])].filter(
        (one) => !one.name.startsWith('_'),
    );

    return [field.form?.action, field.name, ...hidden.map((one) => `${one.name}=${one.value}`)].join(' ');
};

const typable = (root) => [...root.querySelectorAll('input:not([type="hidden"], [type="checkbox"], [type="radio"])')];

const keepTyped = () => {
    let kept = new Map();
    let focused = null;
    let selected = null;
    document.addEventListener('htmx:beforeSwap', ({ detail: { target } }) => {
        const begun = typable(target).filter((field) => field.value !== field.defaultValue);
        kept = new Map(begun.map((field) => [placeOf(field), field.value]));
        const active = document.activeElement;
        focused = target.contains(active) ? placeOf(active) : null;
        // Kinds of field without a caret have none to keep.
        selected = typeof active?.selectionStart === 'number' ? [active.selectionStart, active.selectionEnd] : null;
    });
    // In the same turn as the swap, for every element that was put in: a key pressed a moment later is newer than this.
    document.addEventListener('htmx:afterSwap', ({ target }) => {
        for (const field of typable(target)) {
            const place = placeOf(field);
            if (kept.has(place)) field.value = kept.get(place);
            if (place !== focused) continue;
            field.focus();
            if (selected) field.setSelectionRange(...selected);
        }
    });
};

export const showLiveErrors = () => {
    keepTyped();
    document.addEventListener('htmx:afterRequest', ({ detail: { elt, xhr, requestConfig } }) => {
        if (!(elt instanceof HTMLFormElement) || !(xhr.status === 422 || xhr.status === 200)) return;
        clear(elt);
        if (xhr.status !== 422) return;
        elt.querySelector('[data-saved]')?.replaceChildren();
        show(elt, JSON.parse(xhr.responseText).errors, requestConfig.triggeringEvent?.type === 'submit');
    });
};
