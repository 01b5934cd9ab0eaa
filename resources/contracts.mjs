// Compiles what goes over the wire (`imbrex:contract` says it) to the types of the front end, a file a part:
// resources/js/contracts/<part>.ts from contracts/job/<part>.json, and from the shapes beside the station's writers.
import { compile } from 'json-schema-to-typescript';
import { execFileSync } from 'node:child_process';
import { mkdir, readdir, readFile, rm, writeFile } from 'node:fs/promises';

const TYPES = 'resources/js/contracts';

/** Which part each definition of the job stands in, by the name of its type. */
async function homesOfJob() {
    const parts = (await readdir('contracts/job')).map((file) => file.replace('.json', ''));
    const names = await Promise.all(parts.map(async (part) => Object.keys(JSON.parse(await readFile(`contracts/job/${part}.json`, 'utf8')).$defs ?? {}).map((name) => [typeOf(name), part])));
    return Object.fromEntries(names.flat());
}

/** What is defined beside a station's writer is of that station; what all of them share is of the plan. */
function homesOfPlan(schema) {
    const part = (file) => (/^stations\/src\/(\w+)\//.exec(file)?.[1] ?? 'Plan').replace(/(?<!^)[A-Z]/g, '-$&').toLowerCase();
    return Object.fromEntries(Object.entries(schema.$defs).map(([name, { $comment }]) => [typeOf(name), part($comment)]));
}

const typeOf = (name) => name[0].toUpperCase() + name.slice(1);

/** A list with room for so many is a list; a pair stays a pair. */
function shortened(node) {
    if (typeof node !== 'object' || node === null) return node;
    if (Array.isArray(node)) return node.map(shortened);
    const left = Object.entries(node).filter(([key]) => key !== 'maxItems' || node.minItems === node.maxItems);
    return Object.fromEntries(left.map(([key, value]) => [key, shortened(value)]));
}

/** The declarations of a compiled file, each with the remark above it. */
function declarations(text) {
    const clean = text.replace(/\/\*\*\n( \*\n)?( \* This interface was referenced by[^\n]*\n \* via the `definition`[^\n]*\n)( \*\/\n)/g, '')
        .replace(/( \*\n)? \* This interface was referenced by[^\n]*\n \* via the `definition`[^\n]*\n/g, '');
    return clean.split(/(?=^(?:\/\*\*\n(?: \*[^\n]*\n)+)?export )/m).map((code) => ({ code, name: /^export (?:type|interface) (\w+)/m.exec(code)?.[1] })).filter(({ name }) => name);
}

const files = {};
for (const name of ['job', 'plan']) {
    const schema = JSON.parse(execFileSync('php', ['artisan', 'imbrex:contract', name], { encoding: 'utf8', maxBuffer: 64e6, env: { ...process.env, LOG_CHANNEL: 'null' } }));
    const home = name === 'job' ? await homesOfJob() : homesOfPlan(schema);
    const compiled = await compile(shortened(schema), name, { additionalProperties: false, bannerComment: '', unreachableDefinitions: true, style: { singleQuote: true, tabWidth: 4, printWidth: 120 } });
    for (const { code, name: type } of declarations(compiled)) {
        (files[home[type] ?? name] ??= []).push({ code, type });
    }
}
const home = Object.fromEntries(Object.entries(files).flatMap(([part, all]) => all.map(({ type }) => [type, part])));
await rm(TYPES, { recursive: true, force: true });
await mkdir(TYPES, { recursive: true });
for (const [part, all] of Object.entries(files)) {
    const code = all.map((one) => one.code.trim()).join('\n\n');
    const from = {};
    // What is said in remarks is no use of it.
    for (const [, word] of code.replace(/\/\*[\s\S]*?\*\//g, '').matchAll(/\b([A-Z]\w+)\b/g)) {
        if (home[word] && home[word] !== part) {
            (from[home[word]] ??= new Set()).add(word);
        }
    }
    const imports = Object.entries(from).map(([file, words]) => `import type { ${[...words].sort().join(', ')} } from './${file}';\n`);
    await writeFile(`${TYPES}/${part}.ts`, `/* Made by npm run types. */\n${imports.join('')}\n${code}\n`);
}
// What each slice and each tile of the plan holds, by its name in addresses.
const named = (ending) => Object.keys(home).filter((type) => type.endsWith(ending)).map((type) => ({ type, key: type.slice(0, -ending.length).replace(/(?<!^)[A-Z]/g, '-$&').toLowerCase() }));
const slices = named('Slice');
const tiles = named('Tile');
const imports = [...slices, ...tiles].map(({ type }) => `import type { ${type} } from './${home[type]}';\n`);
const map = (name, all) => `export interface ${name} {\n${all.map(({ key, type }) => `    '${key}': ${type};\n`).join('')}}\n`;
await writeFile(`${TYPES}/slices.ts`, `/* Made by npm run types. */\n${imports.join('')}\n${map('Slices', slices)}\n${map('Tiles', tiles)}`);
