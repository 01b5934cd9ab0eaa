import assert from 'node:assert/strict';
import test from 'node:test';
import type { JobDocument } from '../../contracts/job';
import { some } from '../../job/documents.test-kit';
import * as g from './blockGeometry';

type Block = JobDocument['roof']['blocks'][number];

const sides = { south: { overhang: 12 }, east: { overhang: 6 }, north: { overhang: 18 }, west: {} };
const block = (more = {}) =>
    some<Block>({ id: 'a', name: 'A', x: 100, y: 50, length: 400, width: 240, eaveHeight: 96, sides, ...more });
const near = (got: number[], want: number[], what = '') =>
    want.forEach((w, i) =>
        assert.ok(Math.abs(got[i] - w) < 1e-5, `${what} ${JSON.stringify(got)} is not ${JSON.stringify(want)}`),
    );
const corners: [number, number][] = [
    [0, 0],
    [400, 0],
    [13, 77],
    [-5, 300],
];
const bearings = [0, 30, 45, 90, 137.5, 200, 359];

test('there and back is the same point', async () => {
    for (const rotationDegrees of bearings) {
        const b = block({ rotationDegrees });
        for (const p of corners) near(g.toBlock(b, g.toPlan(b, ...p)), p, `at ${rotationDegrees}`);
    }
    near(g.toPlan(block({ rotationDegrees: 90 }), 400, 0), [100, 450], 'a quarter turn counter-clockwise');
    near(g.footprintOf(block()).flat(), [100, 38, 506, 38, 506, 308, 100, 308], 'overhangs stand out to their sides');
});

test('a stretched side moves alone', async () => {
    const fixed: Record<string, string> = { east: 'west', west: 'east', north: 'south', south: 'north' };
    const at: Record<string, number[]> = { south: [0, 1], east: [1, 2], north: [2, 3], west: [3, 0] };
    for (const rotationDegrees of bearings)
        for (const side of g.SIDES)
            for (const out of [60, -40]) {
                const before = block({ rotationDegrees });
                const after = g.stretched(before, side, out);
                const [was, is] = [g.wallsOf(before), g.wallsOf(after)];
                for (const corner of at[fixed[side]])
                    near(is[corner], was[corner], `${side} by ${out} at ${rotationDegrees}`);
                assert.ok(Math.abs(g.sizeAcross(after, side) - g.sizeAcross(before, side) - out) < 1e-5);
            }
    assert.equal(g.stretched(block(), 'east', -1000).length, 12, 'a block keeps a foot');
});

test('a block turns about its middle and keeps its size', async () => {
    for (const degrees of [...bearings, -30, 400]) {
        const turned = g.turnedTo(block({ rotationDegrees: 17 }), degrees);
        near(g.toPlan(turned, 200, 120), g.toPlan(block({ rotationDegrees: 17 }), 200, 120), `turned to ${degrees}`);
        assert.deepEqual([turned.length, turned.width], [400, 240]);
        assert.ok(turned.rotationDegrees >= 0 && turned.rotationDegrees < 360);
    }
    near([g.moved(block(), 7, -9).x, g.moved(block(), 7, -9).y], [107, 41]);
});

test('walls fall in line with those of blocks that lie alike', async () => {
    const other = block({ id: 'b', x: 900, y: 300, length: 300, width: 200 });
    // Moved east by 397: its east wall (500) comes to 897, three short of the other's west wall at 900.
    near(g.snappedMove(block(), [397, 0], [other], 9, 12), [400, 0], 'onto the wall');
    near(g.snappedMove(block(), [380, 0], [other], 9, 12), [384, 0], 'out of reach: whole steps');
    near(g.snappedMove(block(), [397, 0], [{ ...other, rotationDegrees: 20 }], 9, 12), [396, 0], 'askew: whole steps');
    near(
        g.snappedMove(
            block(),
            [397, 0],
            [{ ...other, x: 900, y: 300, rotationDegrees: 90, length: 200, width: 300 }],
            1,
            12,
        ),
        [396, 0],
    );
    // North wall at 290, the other's south wall at 300, its own first.
    assert.equal(g.snappedStretch(block(), 'north', 6, [block(), other], 9, 12), 10);
    assert.equal(g.snappedStretch(block(), 'north', 29, [other], 9, 12), 24, 'whole steps of the size');
    assert.equal(
        g.snappedStretch(block({ id: 'w', x: 1000 }), 'west', 95, [other], 9, 12),
        100,
        'outwards to the west',
    );
});
