import assert from 'node:assert/strict';
import test from 'node:test';
import { readFileSync } from 'node:fs';
import { printMeasure, printPitch } from './measures';

/** The twin of the core's Measures, on the same cases. */
test('measures are said as the core says them', async () => {
    const cases = JSON.parse(readFileSync('contracts/measure-cases.json', 'utf8'));
    assert.ok(cases.length > 8);
    for (const one of cases)
        for (const units of ['imperial', 'metric'] as const)
            assert.equal(
                one.what === 'pitch'
                    ? printPitch(one.value, units)
                    : printMeasure(one.what, one.value, units, one.digits),
                one[units],
                JSON.stringify(one),
            );
});
