/*
 * Errors of a form that is saved while it is filled in: each beside its field, gone when the field is right. What was
 * typed stays; focus moves only where the person pressed the form's button.
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

export const showLiveErrors = () => {
    document.addEventListener('htmx:afterRequest', ({ detail: { elt, xhr, requestConfig } }) => {
        if (!(elt instanceof HTMLFormElement) || !(xhr.status === 422 || xhr.status === 200)) return;
        clear(elt);
        if (xhr.status !== 422) return;
        elt.querySelector('[data-saved]')?.replaceChildren();
        show(elt, JSON.parse(xhr.responseText).errors, requestConfig.triggeringEvent?.type === 'submit');
    });
};
