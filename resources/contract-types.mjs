// Compiles the JSON Schemas in contracts/ to the TypeScript types the front end uses.
import { compileFromFile } from 'json-schema-to-typescript';
import { writeFile } from 'node:fs/promises';

const parts = [];
for (const name of ['job', 'plan']) {
    parts.push(
        await compileFromFile(`contracts/${name}.schema.json`, {
            additionalProperties: false,
            bannerComment: `/* From contracts/${name}.schema.json; made by npm run types. */`,
            unreachableDefinitions: true,
            style: { singleQuote: true, tabWidth: 4 },
        }),
    );
}
await writeFile('resources/js/api/contract.ts', parts.join('\n'));
