/*
 * What a tablet keeps while it has no network: the forms that wait, in the order they were pressed, and what came back
 * refused. In the tablet's own database, so that a page that is closed or a tablet that dies loses none of it.
 */
import { openDB } from 'idb';

const opened = openDB('aenum', 1, {
    upgrade(db) {
        db.createObjectStore('waiting', { keyPath: 'n', autoIncrement: true });
        db.createObjectStore('refused', { keyPath: 'n', autoIncrement: true });
        db.createObjectStore('about');
    },
});

/**
 * @param {{user: number, to: string, from: string, at: number, pressed: object, says: string,
 *     fields: [string, any][]}} form
 */
export const wait = async (form) => (await opened).add('waiting', form);
export const waiting = async () => (await opened).getAll('waiting');
export const tried = async (form) => (await opened).put('waiting', { ...form, tries: (form.tries ?? 0) + 1 });

/**
 * Sent and answered: it waits no longer; why it was refused is kept until somebody has seen it, both or neither. Where
 * the shop offers another moment for it, its fields are kept too.
 */
export const answered = async ({ n, fields, ...form }, refusal) => {
    const change = (await opened).transaction(['waiting', 'refused'], 'readwrite');
    const kept = refusal?.instead ? { ...form, fields, ...refusal } : { ...form, ...refusal };
    await Promise.all([
        change.objectStore('waiting').delete(n),
        ...(refusal === null ? [] : [change.objectStore('refused').add(kept)]),
        change.done,
    ]);
};

/** A refused form waits again, to be logged at the moment the shop offered for it. */
export const takeOffer = async (number) => {
    const change = (await opened).transaction(['waiting', 'refused'], 'readwrite');
    const { n, why, instead, fields, ...form } = (await change.objectStore('refused').get(number)) ?? {};
    if (instead) {
        await change.objectStore('refused').delete(n);
        const others = fields.filter(([name]) => name !== '_moment');
        await change.objectStore('waiting').add({ ...form, fields: [...others, ['_moment', instead.token]] });
    }
    await change.done;
};
export const refused = async () => (await opened).getAll('refused');
export const seen = async () => (await opened).clear('refused');

/** Who is signed in at this tablet; since when there is no network. */
export const about = async (what) => (await opened).get('about', what);
export const know = async (what, value) => (await opened).put('about', value, what);
