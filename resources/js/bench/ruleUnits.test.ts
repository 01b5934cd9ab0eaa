import assert from 'node:assert/strict';
import test from 'node:test';
import { ruleUnit } from './ruleUnits';

/** A rule of ten inches is typed as 254 mm on a metric job, and kept in inches. */
test('rules are typed in the jobs units', async () => {
    const near = (a: number, b: number) => assert.ok(Math.abs(a - b) < 1e-9, `${a} is not ${b}`);
    const cases: [string, string, number, number][] = [
        ['in', 'mm', 10, 254],
        ['°F', '°C', 14, -10],
        ['°F more', '°C more', 45, 25],
        ['money per in', 'USD per cm', 2.54, 1],
        ['count', 'count', 7, 7],
    ];
    for (const [unit, name, kept, typed] of cases) {
        const own = ruleUnit(unit, true, 'USD');
        assert.equal(own.name, name);
        near(own.show(kept), typed);
        near(own.keep(typed), kept);
        near(ruleUnit(unit, false, 'USD').show(kept), kept);
    }
});
