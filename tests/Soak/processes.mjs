/*
 * The processes of an install, found as scripts/run-program marks them: each holds a file of run/programs/ open.
 */
import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync, readlinkSync } from 'node:fs';

const numbers = (folder) => readdirSync(folder).filter((name) => /^\d+$/.test(name)).map(Number);

const opens = (pid) => {
    try {
        return numbers(`/proc/${pid}/fd`).map((fd) => readlinkSync(`/proc/${pid}/fd/${fd}`));
    } catch {
        return []; // It ended meanwhile.
    }
};

const parent = (pid) => {
    try {
        return Number(/\) \S (\d+)/.exec(readFileSync(`/proc/${pid}/stat`, 'utf8'))[1]);
    } catch {
        return 0;
    }
};

/** @returns {number[]} all processes of a program, its master first */
export const processesOf = (dir, program) => {
    const all = numbers('/proc').filter((pid) => opens(pid).includes(`${dir}/run/programs/${program}`));

    return all.sort((one, other) => all.includes(parent(one)) - all.includes(parent(other)));
};

/** @returns {string[]} every process that has to do with a folder: by its command, where it works, what it opened */
export const tracesOf = (dir) =>
    numbers('/proc').filter((pid) => pid !== process.pid).flatMap((pid) => {
        try {
            const command = readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ');
            const places = [readlinkSync(`/proc/${pid}/cwd`), ...opens(pid)];
            const isOurs = (text) => text === dir || text.startsWith(`${dir}/`);

            return command.includes(`${dir}/run/`) || places.some(isOurs) ? [`${pid} ${command}`] : [];
        } catch {
            return [];
        }
    });

export const start = (dir, ...options) =>
    execFileSync('./start', options, { encoding: 'utf8', env: { ...process.env, AENUM_VAR: dir } });
