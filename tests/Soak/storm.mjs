/*
 * A write storm with things dying in it: several tablets take jobs in, sending a form again until it is answered,
 * while workers, front and database are killed. At the end every form is stored once, whatever was said.
 *
 * node tests/Soak/storm.mjs ADDRESS VAR SECONDS    loopback only; stops by itself
 */
import { execFileSync } from 'node:child_process';
import { back, Storm, wait } from './writers.mjs';

const [address, dir, seconds] = [process.argv[2], process.argv[3], Number(process.argv[4] ?? 40)];
const TABLETS = 6;
/** After the last one came back, the tablets write on for so long. */
const REST_MS = 1500;
const KILL_EVERY_MS = 4000;
const storm = new Storm(address, Infinity);
// The short storm shares its machine with other tests.
storm.pauseMs = seconds < 60 ? 500 : 0;
const ends = Date.now() + seconds * 1000;

const control = (...what) =>
    execFileSync('supervisorctl', ['-c', `${dir}/run/supervisord.conf`, ...what], { encoding: 'utf8' }).trim();

/** The number of a program's process; a program that does not run has none. */
const running = (program) => {
    const pid = control('pid', program);
    if (pid === '0') throw Object.assign(new Error(`${program} does not run`), { code: 'ESRCH' });

    return pid;
};

const killed = [];
const kill = async () => {
    const victims = ['db', 'worker', 'php', 'web', 'nightly'];
    // Each of them once, however long one takes to come back; then on until the time is over.
    for (let n = 0; n < victims.length || Date.now() < ends - KILL_EVERY_MS; n++) {
        await wait(KILL_EVERY_MS);
        const victim = victims[n % victims.length];
        try {
            const pid =
                victim === 'worker'
                    ? execFileSync('pgrep', ['-P', running('php')], { encoding: 'utf8' }).split('\n')[0]
                    : running(victim);
            process.kill(Number(pid), 'SIGKILL');
            killed.push({ victim, at: Date.now() });
            killed.at(-1).back = await back(address, killed.at(-1).at);
        } catch (e) {
            // It had just died of the blow before, or is being started again: its turn comes again.
            if (e.code !== 'ESRCH' && e.status === undefined) throw e;
            n--;
        }
    }
};

const killing = kill().then(() => (storm.ends = Date.now() + REST_MS));
await Promise.all([killing, ...Array.from({ length: TABLETS }, (_, n) => storm.write(n))]);

const { answered, lost, twice, unanswered } = storm.against(dir);
const slowest = Math.max(0, ...killed.map((blow) => blow.back));
const blows = killed.map((blow) => `${blow.victim} (back after ${(blow.back / 1000).toFixed(1)} s)`).join(', ');
console.log(`${storm.words()}; killed ${blows}`);
console.log(
    `said to be done and not stored: ${lost.length}; stored twice: ${twice.length}; slowest back ${slowest} ms`,
);
const kinds = new Set(killed.map((blow) => blow.victim)).size;
if (lost.length || twice.length || unanswered.length || answered.length < 20 || kinds < 5) {
    console.log(lost.slice(0, 3), twice.slice(0, 3), unanswered.slice(0, 3));
    process.exit(1);
}
