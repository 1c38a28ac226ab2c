/*
 * The bake's settings: a slider and a field for each, kept in step. The server computes; htmx sends the form when
 * anything settles. The field is what is sent, so the form works the same without scripts.
 */
export const adjustForm = () => ({
    slide(event) {
        const field = document.getElementById(event.target.dataset.field);
        field.value = event.target.value;
        field.dispatchEvent(new Event('change', { bubbles: true }));
    },
    typed(event) {
        const slider = document.querySelector(`[data-field="${event.target.id}"]`);
        const number = parseFloat(event.target.value.replace(',', '.'));
        if (slider && !Number.isNaN(number)) slider.value = number;
    },
});
