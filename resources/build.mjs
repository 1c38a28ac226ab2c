// Builds public/build, or the folder given: one stylesheet, the scripts, the fonts. The result is committed, so that
// starting needs no Node.
import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import * as esbuild from 'esbuild';

const out = process.argv[2] ?? 'public/build';
rmSync(out, { recursive: true, force: true });
mkdirSync(`${out}/fonts`, { recursive: true });
for (const [family, weights] of Object.entries({ barlow: [400, 500, 600], 'barlow-semi-condensed': [500, 600] })) {
    for (const weight of weights) {
        const file = `${family}-latin-${weight}-normal.woff2`;
        cpSync(`node_modules/@fontsource/${family}/files/${file}`, `${out}/fonts/${file}`);
    }
    cpSync(`node_modules/@fontsource/${family}/LICENSE`, `${out}/fonts/${family}-LICENSE.txt`);
}
const scripts = ['app.js', 'local.js', 'sw.js'];
await esbuild.build({
    entryPoints: ['resources/js/app.js', 'resources/js/local.js', 'resources/js/offline/sw.js'],
    entryNames: '[name]',
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    legalComments: 'none',
    outdir: out,
});
// Advice to developers in the libraries names their makers' sites; a page that calls no other host need not carry them.
for (const script of scripts) {
    const text = readFileSync(`${out}/${script}`, 'utf8').replaceAll(/https:\/\/alpinejs\.dev\/plugins\//g, '');
    writeFileSync(`${out}/${script}`, text);
}
execFileSync('node_modules/.bin/tailwindcss', ['-i', 'resources/css/app.css', '-o', `${out}/app.css`, '--minify'], {
    stdio: 'inherit',
});
const hash = createHash('sha256');
for (const file of [...scripts, 'app.css']) hash.update(readFileSync(`${out}/${file}`));
const version = hash.digest('hex').slice(0, 12);
writeFileSync(`${out}/version.txt`, version);
