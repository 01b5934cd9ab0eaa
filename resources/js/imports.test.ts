import assert from 'node:assert/strict';
import test from 'node:test';
import { ESLint } from 'eslint';

/** Who imports what is none of its business is told, and who puts too much into one: each rule is broken once. */
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
        'nothing, but turns sixteen ways',
        'stations/roof/RoofBench.tsx',
        `export function a(b: number) { ${'if (b > 1) b -= 2; '.repeat(15)} return b; }`,
        ['complexity'],
    ],
    [
        'nothing, but fits no screen',
        'stations/roof/RoofBench.tsx',
        `export function a(b: number) {\n${'    b += 1;\n'.repeat(150)}    return b;\n}`,
        ['max-lines-per-function'],
    ],
    [
        'nothing, but words',
        'stations/roof/RoofBench.tsx',
        'export const A = () => <p title="Take away">Ridge</p>;',
        ['no-restricted-syntax', 'no-restricted-syntax'],
    ],
    [
        'nothing, but glues words',
        'stations/roof/RoofBench.tsx',
        'export const A = ({ t }: { t: (code: string) => string }) => <p>{`${t("a")}, ` + t("b")}</p>;',
        ['no-restricted-syntax', 'no-restricted-syntax'],
    ],
    [
        'nothing, and says a code',
        'stations/roof/RoofBench.tsx',
        'export const A = ({ B }: { B: React.FC<{ label: string }> }) => <B label="roof.rise" />;',
        [],
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
            messages
                .map((m) => m.ruleId ?? '')
                .filter((rule) => /boundaries|cycle|complexity|max-lines|restricted/.test(rule)),
            told,
        );
    });
}
