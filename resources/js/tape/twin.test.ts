import assert from 'node:assert/strict';
import test from 'node:test';
import { readFileSync } from 'node:fs';
import { printTape } from './printTape';
import { readPitch } from './readPitch';
import { readTape } from './readTape';

// The screen's tape reader and printer against the same table of cases as the core's.
const cases = JSON.parse(readFileSync('contracts/tape-cases.json', 'utf8'));

const near = (is: number, want: number, within: number, what: string) =>
    assert.ok(Math.abs(is - want) <= within, `${what}: ${is}, not ${want}`);

test('lengths are read alike', () => {
    assert.ok(cases.read.length > 20);
    for (const { typed, units, fault, inches } of cases.read) {
        const read = readTape(typed, units);
        if (fault !== undefined) assert.deepEqual(read, { fault }, typed);
        else near('inches' in read ? read.inches : NaN, inches, 1e-9, typed);
    }
});

test('pitches are read alike', () => {
    assert.ok(cases.pitch.length > 10);
    for (const { typed, units, fault, riseIn12 } of cases.pitch) {
        const read = readPitch(typed, units);
        if (fault !== undefined) assert.deepEqual(read, { fault }, typed);
        else near('riseIn12' in read ? read.riseIn12 : NaN, riseIn12, 1e-6, typed);
    }
});

test('lengths are printed alike', () => {
    assert.ok(cases.print.length > 10);
    for (const { inches, division, rounding, inchesOnly, text } of cases.print) {
        assert.equal(printTape(inches, division, rounding ?? 'nearest', inchesOnly ?? false), text);
    }
});
