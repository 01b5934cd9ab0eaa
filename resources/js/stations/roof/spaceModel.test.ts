import assert from 'node:assert/strict';
import test from 'node:test';
import type { RoofSlice } from '../../contracts/roof';
import type { SpaceSlice } from '../../contracts/layout';
import { some } from '../../job/documents.test-kit';
import { metalOf } from './metalColours';
import * as m from './spaceModel';

test('seams stand square to their face and the piece at a point is found', () => {
    // A face of 3 in 4, rising northwards.
    const loop: [number, number, number][] = [
        [0, 0, 0],
        [100, 0, 0],
        [100, 80, 60],
        [0, 80, 60],
    ];
    const slice = some<RoofSlice>({ faces: [{ id: 'F', loops: [loop] }] });
    const panel = (id: string, from: number, to: number) => ({
        id,
        name: id,
        loop: [
            [from, 0, 0],
            [to, 0, 0],
            [to, 80, 60],
            [from, 80, 60],
        ],
    });
    const space = some<SpaceSlice>({
        rise: 2,
        faces: [
            {
                id: 'F',
                seams: [
                    [
                        [50, 0, 0],
                        [50, 80, 60],
                    ],
                ],
                panels: [panel('a', 0, 50), panel('b', 50, 100)],
                openings: [],
            },
        ],
    });
    const seam = m.seamsOf(space, slice);
    assert.equal(seam.length, 18);
    // Lifted by 2 along the normal (0, -0.6, 0.8), whichever way the loop runs round.
    for (const [i, want] of [50, 80 - 1.2, 60 + 1.6].entries())
        assert.ok(Math.abs(seam[6 + i] - want) < 1e-9, `${seam[6 + i]} is not ${want}`);
    const turned = m.seamsOf(space, some({ faces: [{ id: 'F', loops: [[...loop].reverse()] }] }));
    assert.ok(turned.every((n, i) => Math.abs(n - seam[i]) < 1e-9));
    assert.deepEqual(
        [
            m.panelAt(space, 'F', { x: 20, y: 40 }),
            m.panelAt(space, 'F', { x: 70, y: 1 }),
            m.panelAt(space, 'F', { x: 120, y: 1 }),
            m.panelAt(space, 'G', { x: 20, y: 1 }),
        ],
        ['a', 'b', undefined, undefined],
    );
    // Four sides and a lid of two triangles.
    const body = m.bodyOf({ id: 'o1', name: '', loop: loop.slice(0, 4), rise: 5 });
    assert.equal(body.length / 9, 4 * 2 + 2);
    assert.equal(Math.max(...body.filter((_, i) => i % 3 === 2)), 65);
});

test('metal has the colour somebody said, or its own', () => {
    assert.notEqual(metalOf({ material: 'steel', colour: 'charcoal' }), metalOf({ material: 'steel', colour: 'bare' }));
    assert.deepEqual(
        [metalOf(undefined), metalOf({ material: 'steel', colour: null })],
        [null, null],
        'nobody has said: no colour of its own',
    );
    assert.notEqual(metalOf({ material: 'copper', colour: null }), null, 'copper has one by itself');
});
