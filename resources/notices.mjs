// Puts together whose work is shipped with the application, with the licences it comes under: public/build/notices.txt.
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const text = (folder) => {
    const file = readdirSync(folder).find((name) => /^(licen[cs]e|ofl|copying)/i.test(name));
    return file ? readFileSync(join(folder, file), 'utf8').trim() : '';
};

const notices = [];
const note = (name, version, licence, folder) => {
    if (existsSync(folder)) notices.push({ name, version, licence, text: text(folder) });
};

const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8'));
for (const [path, { version, license, dev }] of Object.entries(packages)) {
    if (path !== '' && !dev) note(path.replace(/^.*node_modules\//, ''), version, license, path);
}
if (existsSync('vendor/composer/installed.json')) {
    const installed = JSON.parse(readFileSync('vendor/composer/installed.json', 'utf8'));
    const dev = new Set(installed['dev-package-names']);
    for (const { name, version, license } of installed.packages) {
        if (!dev.has(name)) note(name, version, (license ?? []).join(', '), `vendor/${name}`);
    }
}
// The same typeface under the same licence as on the screens; what was changed stands beside it.
notices.push({
    name: 'Imbrex Print',
    version: '',
    licence: 'OFL-1.1',
    text: `${readFileSync('resources/fonts/README.md', 'utf8').trim()}\n\nIts licence is that of @fontsource-variable/sofia-sans-semi-condensed, above.`,
});

notices.sort((a, b) => a.name.localeCompare(b.name));
const rule = '-'.repeat(78);
writeFileSync(
    'public/build/notices.txt',
    `Imbrex is MIT licensed. It ships with the work of others, named here with its licences.\n\n${notices
        .map(({ name, version, licence, text }) => `${rule}\n${name} ${version} (${licence ?? 'see below'})\n\n${text}\n`)
        .join('\n')}`,
);
