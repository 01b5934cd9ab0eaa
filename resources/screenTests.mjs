// Runs the tests of the screens' code, which stand beside it (`*.test.ts`), and tells what became of each as JSON lines: the file, the name, and the fault where there is one.
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { join, relative } from 'node:path';
import { run } from 'node:test';
import { build } from 'vite';

const root = 'resources/js';
const only = process.argv[2] ?? '';
const files = readdirSync(root, { recursive: true }).filter((file) => file.endsWith('.test.ts') && file.includes(only));
// Within the project, where the packages are found that are not packed with them.
const folder = mkdtempSync(join('var', 'screen-tests-'));
const name = (file) => file.replace(/\.test\.ts$/, '').replaceAll('/', '.');

try {
    await build({
        configFile: false,
        logLevel: 'error',
        build: {
            ssr: true,
            outDir: folder,
            minify: false,
            rollupOptions: {
                input: Object.fromEntries(files.map((file) => [name(file), join(root, file)])),
                output: { entryFileNames: '[name].mjs', chunkFileNames: 'parts/[name]-[hash].mjs' },
            },
        },
    });
    const made = new Map(files.map((file) => [join(folder, `${name(file)}.mjs`), file]));
    const tell = (event, fault) => {
        const file = made.get(relative('.', event.file ?? ''));
        // A file is told as a test of its own, too, where it falls over before its first.
        if (
            file !== undefined &&
            (fault !== null || (event.name !== relative('.', event.file) && event.name !== event.file))
        )
            process.stdout.write(`${JSON.stringify({ file, name: event.name, fault })}\n`);
    };
    for await (const { type, data } of run({ files: [...made.keys()], concurrency: 2 })) {
        if (type === 'test:pass') tell(data, null);
        if (type === 'test:fail')
            tell(data, String(data.details.error.cause?.stack ?? data.details.error.stack ?? data.details.error));
        if (type === 'test:stderr') process.stderr.write(data.message);
    }
} finally {
    rmSync(folder, { recursive: true, force: true });
}
