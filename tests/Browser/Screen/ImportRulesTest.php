<?php

declare(strict_types=1);

namespace Tests\Browser\Screen;

use PHPUnit\Framework\TestCase;
use Tests\Support\ScreenCode;

/** The rules of who may import whom hold: each is broken once and must be told. */
final class ImportRulesTest extends TestCase
{
    public function test_who_imports_what_is_none_of_its_business_is_told(): void
    {
        /** @var list<array{string, list<string>}> $told */
        $told = ScreenCode::run(<<<'JS'
            import { ESLint } from 'eslint';
            const eslint = new ESLint();
            const cases = [
                ['another station\'s screen', 'stations/roof/RoofBench.tsx', "import CutsStation from '../cutting/CutsStation'; export const A = CutsStation;"],
                ['the shell', 'stations/roof/RoofBench.tsx', "import { Rail } from '../../shell/Rail'; export const A = Rail;"],
                ['a station from what all share', 'tape/Len.tsx', "import { station } from '../stations/roof/station'; export const A = station;"],
                ['a screen from the shell', 'shell/Rail.tsx', "import RoofStation from '../stations/roof/RoofStation'; export const A = RoofStation;"],
                ['in a circle', 'tape/printTape.ts', "import { Len } from './Len'; export const printTape = Len;"],
                ['nothing strange', 'stations/roof/RoofBench.tsx', "import { useJob } from '../../job/JobContext'; export const A = useJob;"],
            ];
            const told = [];
            for (const [what, file, code] of cases) {
                const [{ messages }] = await eslint.lintText(code, { filePath: `resources/js/${file}` });
                told.push([what, [...new Set(messages.filter((m) => /boundaries|cycle/.test(m.ruleId)).map((m) => m.ruleId))]]);
            }
            tell(told);
            JS);

        self::assertSame([
            ["another station's screen", ['boundaries/dependencies']],
            ['the shell', ['boundaries/dependencies']],
            ['a station from what all share', ['import-x/no-cycle', 'boundaries/dependencies']],
            ['a screen from the shell', ['boundaries/dependencies']],
            ['in a circle', ['import-x/no-cycle']],
            ['nothing strange', []],
        ], $told);
    }
}
