import assert from 'node:assert/strict';
import test from 'node:test';
import { readFileSync } from 'node:fs';
import { printMeasure, printPitch } from './measures';
import { words } from '../words/i18n';

/** The twin of the stations' Measures, on the same cases. */
test('measures are said as the stations say them', async () => {
    await words;
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
