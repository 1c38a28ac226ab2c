/*
 * A write storm on a cluster in which each kind of node dies in turn, and one is cut off alive: every form that was
 * answered is on every database, once; nobody is signed out; service is back. The long storm goes on: two app nodes
 * write to two databases at once and nobody is shown that their writes met; one database alone writes nothing and says
 * so; what was written while one was cut off is there after the others died.
 *
 * node tests/Cluster/storm.mjs ADDRESS FOLDER [--long]    loopback only; stops by itself
 */
import { execFile } from 'node:child_process';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { promisify } from 'node:util';
import { back, sql, Storm, wait } from '../Soak/writers.mjs';

const [address, folder] = [process.argv[2], process.argv[3]];
const TABLETS = 6;
// The long storm is run alone; the short one shares its machine with other tests, and only shows that service is back.
const isLong = process.argv[4] === '--long';
const REST_MS = isLong ? 2500 : 600;
const ROUNDS = isLong ? 10 : 1;
const BACK_WITHIN_MS = isLong ? 10_000 : 60_000;
const ENOUGH_MET = 10;
const CLASH_AT_MOST_MS = 60_000;
// The short storm slackens while a node that was hit joins again, which takes most of its time.
const PAUSE_MS = isLong ? 0 : 1500;
// Beside the writers, who go on meanwhile.
const cluster = async (...what) =>
    (await promisify(execFile)('./cluster', what, { env: { ...process.env, AENUM_CLUSTER: folder } })).stdout;
const setting = (name) => new RegExp(`^${name}=(.*)$`, 'm').exec(readFileSync(`${folder}/.env`, 'utf8'))[1];
const dbs = ['db1', 'db2', 'db3'];
const writer = async () => /writes go to (\w+)/.exec(await cluster('status'))[1];
const failed = [];
const expect = (is, words) => is || failed.push(words);

// ---- each kind of node, in turn --------------------------------------------------------------------------------
const storm = new Storm(address, Infinity);
const writing = Promise.all(Array.from({ length: TABLETS }, (_, n) => storm.write(n)));
const blows = [];
const blow = async (what, node) => {
    storm.pauseMs = 0;
    await wait(REST_MS);
    const at = Date.now();
    await cluster(what, node);
    // The front is one, and is started again where it died; any other node is not missed.
    const mended = node === 'front' ? cluster('up') : null;
    const answered = storm.forms.filter((form) => form.answered).length;
    const health = await back(address, at);
    while (storm.forms.filter((form) => form.answered).length <= answered + TABLETS) await wait(50);
    blows.push({ words: `${what} ${node}`, back: Math.max(health, Date.now() - at) });
    await mended;
    storm.pauseMs = PAUSE_MS;
    await wait(REST_MS);
    if (what === 'cut') await cluster('mend', node);
    await cluster('up');
};
await wait(1000);
for (let round = 0; round < ROUNDS; round++) {
    const first = await writer();
    await blow('kill', dbs.find((db) => db !== first));
    await blow('kill', first);
    await blow('kill', 'app1');
    await blow('kill', 'app2');
    await blow('kill', 'front');
    await blow('cut', await writer());
}
storm.ends = Date.now();
await writing;
for (const db of dbs) {
    const { answered, lost, twice, unanswered } = storm.against(`${folder}/${db}`);
    expect(answered.length >= 20 && !unanswered.length, `${unanswered.length} forms were never answered`);
    expect(!lost.length, `${db}: said to be done and not there: ${JSON.stringify(lost.slice(0, 3))}`);
    expect(!twice.length, `${db}: there twice: ${JSON.stringify(twice.slice(0, 3))}`);
}
expect(storm.signedOut === 0, `${storm.signedOut} times somebody was signed out`);
for (const one of blows) expect(one.back < BACK_WITHIN_MS, `${one.words}: back after ${one.back} ms`);
console.log(`${storm.words()}; signed out: ${storm.signedOut}`);
console.log(blows.map((one) => `${one.words}: back after ${(one.back / 1000).toFixed(1)} s`).join('; '));

const end = () => {
    if (failed.length) console.log(failed.join('\n'));
    process.exit(failed.length ? 1 : 0);
};
if (!isLong) end();

// ---- two databases written to at once ----------------------------------------------------------------------------
const settings = `${folder}/app2/.env`;
const was = readFileSync(settings, 'utf8');
const main = await writer();
const other = dbs.find((db) => db !== main);
const met = () =>
    dbs
        .flatMap((db) => sql(`${folder}/${db}`, "SHOW STATUS WHERE Variable_name IN ('wsrep_local_cert_failures', "
            + "'wsrep_local_bf_aborts')"))
        .reduce((sum, [, n]) => sum + Number(n), 0);
const before = met();
// A node reads its settings again where no cached ones are left.
rmSync(`${folder}/app2/storage/cache/config.php`, { force: true });
writeFileSync(settings, was.replace(/^DB_PORT=.*$/m, `DB_PORT=${setting(`PORT_${other.toUpperCase()}`)}`));
const clash = new Storm(address, Infinity, 'clash');
const clashing = Promise.all(Array.from({ length: TABLETS }, (_, n) => clash.write(n)));
const clashed = Date.now();
while (met() - before < ENOUGH_MET && Date.now() - clashed < CLASH_AT_MOST_MS) await wait(500);
clash.ends = Date.now();
await clashing;
writeFileSync(settings, was);
const conflicts = met() - before;
expect(conflicts > 0, 'no two writes met, so nothing was shown');
for (const db of dbs) {
    const { lost, twice, unanswered } = clash.against(`${folder}/${db}`);
    expect(!unanswered.length && !twice.length, `${unanswered.length} never answered, ${twice.length} there twice`);
    expect(!lost.length, `${db}, two writers: said to be done and not there: ${JSON.stringify(lost.slice(0, 3))}`);
}
const shown = [...clash.faults.keys()].filter((what) => typeof what === 'number');
expect(!shown.length, `somebody was shown that writes met: ${clash.words()}`);
console.log(`two writers: ${clash.words()}; writes that met: ${conflicts}, each taken again unseen`);

// ---- alone, it writes nothing and says so --------------------------------------------------------------------------
for (const db of dbs.slice(1)) await cluster('kill', db);
await wait(5000);
const alone = await fetch(`${address}/`, { redirect: 'manual' });
const page = await alone.text();
expect(alone.status === 503 && page.includes('more than half'), `alone it answered ${alone.status}`);
await cluster('up');
expect((await fetch(`${address}/health`)).ok, 'it did not come back from one');
console.log(`one database of three: ${alone.status}, ${/<h1[^>]*>([^<]*)/.exec(page)?.[1].trim()}`);

// ---- one that lives is behind two that died: what is durable is on their disks -------------------------------------
const [behind] = dbs;
await cluster('cut', behind);
await wait(6000);
const late = new Storm(address, Date.now() + 1500, 'late', 5);
await late.write(0);
for (const db of dbs.filter((db) => db !== behind)) await cluster('kill', db);
await cluster('up');
for (const db of dbs) {
    const { answered, lost } = late.against(`${folder}/${db}`);
    expect(answered.length > 0 && !lost.length, `${db}: ${lost.length} of ${answered.length} written last are gone`);
}
console.log(`one that was behind lived, two that were ahead died: ${late.words()}, all there`);

end();
