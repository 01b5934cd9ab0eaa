// Packs what is built once, as small as it goes: beside each file stand its .br and its .gz, and a server sends the one the browser takes.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const folder = 'public/build/assets';
for (const name of readdirSync(folder).filter((name) => /\.(js|css|svg|json)$/.test(name))) {
    const content = readFileSync(join(folder, name));
    const quality = { [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_SIZE_HINT]: content.length };
    writeFileSync(join(folder, `${name}.br`), brotliCompressSync(content, { params: quality }));
    writeFileSync(join(folder, `${name}.gz`), gzipSync(content, { level: 9 }));
}
