/*
 * A write storm with things dying in it: several tablets take jobs in, sending a form again until it is answered, while
 * processes are killed, those of the supervisor too. At the end every form is stored once, whatever was said, and one
 * stop ends all there is.
 *
 * node tests/Soak/storm.mjs ADDRESS VAR KILLS    loopback only; ends when the kills are done
 */
import { execFileSync } from 'node:child_process';
import { processesOf, start, tracesOf } from './processes.mjs';
import { back, Storm, wait } from './writers.mjs';

const [address, dir, kills] = [process.argv[2], process.argv[3], Number(process.argv[4])];
const TABLETS = 6;
/** After the last one came back, the tablets write on for so long. */
const REST_MS = 1500;
const BETWEEN_MS = 1000;
/** Of a supervisor that is frozen, not dead, it takes some seconds to tell that it does not answer. */
const backWithinMs = (kind) => {
    if (kills < 100) return 60_000;

    return kind.startsWith('frozen') ? 15_000 : 10_000;
};
const storm = new Storm(address, Infinity);
// The short storm shares its machine with other tests.
storm.pauseMs = kills < 100 ? 500 : 0;

const master = (program) => processesOf(dir, program).slice(0, 1);
const child = (program) => processesOf(dir, program).slice(1, 2);
/** Whom each kind of blow hits. Without its supervisor, one ./start brings the shop back. */
const BLOWS = {
    database: () => master('db'),
    'PHP worker': () => child('php'),
    'PHP master': () => master('php'),
    'nginx worker': () => child('web'),
    'nginx master': () => master('web'),
    'nightly job': () => master('nightly'),
    'queue worker': () => master('queue'),
    supervisor: () => master('supervisor'),
    'supervisor and masters': () => ['supervisor', 'web', 'php', 'queue', 'nightly'].flatMap(master),
    everything: () => ['supervisor', 'web', 'php', 'queue', 'nightly', 'db'].flatMap((one) => processesOf(dir, one)),
    'frozen supervisor': () => master('supervisor'),
};

const isWhole = () => {
    const states = execFileSync('supervisorctl', ['-c', `${dir}/run/supervisord.conf`, 'status'], { encoding: 'utf8' });

    return (states.match(/RUNNING/g) ?? []).length === 5;
};
const whole = async () => {
    for (;;) {
        try {
            if (isWhole()) return;
        } catch {} // Some are being started.
        await wait(200);
    }
};

const blows = [];
const strike = async () => {
    const kinds = Object.keys(BLOWS);
    while (storm.forms.filter((form) => form.answered).length < TABLETS) await wait(100);
    for (let n = 0; n < kills; n++) {
        await wait(BETWEEN_MS);
        const kind = kinds[n % kinds.length];
        const pids = BLOWS[kind]();
        if (pids.length === 0) throw new Error(`nothing to kill: ${kind}`);
        for (const pid of pids) process.kill(pid, kind.startsWith('frozen') ? 'SIGSTOP' : 'SIGKILL');
        const at = Date.now();
        if (/supervisor|everything/.test(kind)) start(dir);
        blows.push({ kind, ms: await back(address, at) });
        await whole();
    }
};

const striking = strike().finally(() => (storm.ends = Date.now() + REST_MS));
await Promise.all([striking, ...Array.from({ length: TABLETS }, (_, n) => storm.write(n))]);

const { answered, lost, twice, unanswered } = storm.against(dir);
const slowest = (kind) => Math.max(...blows.filter((one) => one.kind === kind).map((one) => one.ms));
const hit = [...new Set(blows.map((one) => one.kind))];
const words = hit.map((kind) => `${kind} ${(slowest(kind) / 1000).toFixed(1)} s`).join(', ');
console.log(`${storm.words()}; ${blows.length} blows, slowest back: ${words}`);
console.log(`said to be done and not stored: ${lost.length}; stored twice: ${twice.length}`);

execFileSync('kill', ['-KILL', ...master('supervisor').map(String)]);
const said = start(dir, '--stop');
const left = tracesOf(dir);
const answers = await fetch(`${address}/health`).then(() => true, () => false);
console.log(`stopped without its supervisor: ${left.length} processes left, ${answers ? '' : 'not '}answering`);
const failed = [
    lost.length && `lost: ${lost.slice(0, 3).map((one) => one.title)}`,
    twice.length && `twice: ${twice.slice(0, 3)}`,
    unanswered.length && `unanswered: ${unanswered.length}`,
    answered.length < 20 && `only ${answered.length} forms were answered`,
    hit.length < Object.keys(BLOWS).length && 'not every kind was killed',
    ...blows.filter((one) => one.ms > backWithinMs(one.kind)).map((one) => `${one.kind} was back after ${one.ms} ms`),
    (left.length || answers || !said.includes('Stopped.')) && `not stopped: ${left.join('; ')}`,
].filter(Boolean);
if (failed.length) {
    console.log(failed.join('\n'));
    process.exit(1);
}
