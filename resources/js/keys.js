/* Digits walk the rail (0 is the tenth station), / finds, ? shows the keys, Escape leaves a field. */
const typing = (target) => target.closest('input, select, textarea, [contenteditable]') !== null;

export const walkByKeys = () => {
    const help = document.getElementById('keys');
    document.querySelector('[data-show-keys]')?.addEventListener('click', () => help.showModal());
    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.altKey) return;
        if (event.key === 'Escape' && typing(event.target)) event.target.blur();
        if (typing(event.target) || help?.open) return;
        if (/^[0-9]$/.test(event.key)) {
            document.querySelector(`.rail-stop[data-key="${event.key}"]`)?.click();
        } else if (event.key === '/') {
            event.preventDefault();
            document.getElementById('find')?.focus();
        } else if (event.key === '?' && help) {
            help.showModal();
        }
    });
};
