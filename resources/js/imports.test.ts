import assert from 'node:assert/strict';
import test from 'node:test';
import { ESLint } from 'eslint';

/** Who imports what is none of its business is told: each rule is broken once. */
const cases: [string, string, string, string[]][] = [
    [
        "another station's screen",
        'stations/roof/RoofBench.tsx',
        "import CutsStation from '../cutting/CutsStation'; export const A = CutsStation;",
        ['boundaries/dependencies'],
    ],
    [
        'the shell',
        'stations/roof/RoofBench.tsx',
        "import { Rail } from '../../shell/Rail'; export const A = Rail;",
        ['boundaries/dependencies'],
    ],
    [
        'a station from what all share',
        'tape/Len.tsx',
        "import { station } from '../stations/roof/station'; export const A = station;",
        ['import-x/no-cycle', 'boundaries/dependencies'],
    ],
    [
        'a screen from the shell',
        'shell/Rail.tsx',
        "import RoofStation from '../stations/roof/RoofStation'; export const A = RoofStation;",
        ['boundaries/dependencies'],
    ],
    [
        'in a circle',
        'tape/printTape.ts',
        "import { Len } from './Len'; export const printTape = Len;",
        ['import-x/no-cycle'],
    ],
    [
        'nothing strange',
        'stations/roof/RoofBench.tsx',
        "import { useJob } from '../../job/JobContext'; export const A = useJob;",
        [],
    ],
];

for (const [what, file, code, told] of cases) {
    test(`who imports ${what}`, async () => {
        const [{ messages }] = await new ESLint().lintText(code, { filePath: `resources/js/${file}` });
        assert.deepEqual(
            [...new Set(messages.map((m) => m.ruleId ?? '').filter((rule) => /boundaries|cycle/.test(rule)))],
            told,
        );
    });
}
