/*
 * A one-time code sent from many places at once sets one new password. node tests/Soak/code.mjs ADDRESS; loopback only
 */
import { Tablet } from './writers.mjs';

const address = process.argv[2];
const AT_ONCE = 8;
const [OWNER, WHO] = ['mara@lakeside-coating.example', 'orla@lakeside-coating.example'];
const owner = new Tablet(address);
await owner.ask('/sign-in', {
    _token: await owner.token('/sign-in'), email: OWNER, password: 'lantern-on-the-pier',
});
const people = (await owner.ask('/people')).text;
const number = /action="\/people\/(\d+)\/code"/g;
const codes = [...people.matchAll(number)].map(([, id]) => id);
const person = codes.find((id) => new RegExp(`(?:Orla)[\\s\\S]{0,4000}?/people/${id}/code`).test(people));
await owner.ask(`/people/${person}/code`, { _token: await owner.token('/people') });
const [code] = /[A-Z0-9]{4}-[A-Z0-9]{4}-[A-Z0-9]{4}/.exec((await owner.ask('/people')).text);
const tries = await Promise.all(
    Array.from({ length: AT_ONCE }, async (_, n) => {
        const tablet = new Tablet(address);
        const _token = await tablet.token('/sign-in/code');

        return async () => tablet.ask('/sign-in/code', {
            _token, email: WHO, code, new_password: `winter-harbor-${n}-lights`, again: `winter-harbor-${n}-lights`,
        });
    }),
);
const answers = await Promise.all(tries.map((go) => go()));
const taken = answers.filter(({ to }) => to !== null && !/sign-in/.test(to)).length;
console.log(`one code sent ${AT_ONCE} times at once: taken ${taken} time(s)`);
process.exit(taken === 1 ? 0 : 1);
