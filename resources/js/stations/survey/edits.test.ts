import assert from 'node:assert/strict';
import test from 'node:test';
import { clubroom, some, stub } from '../../job/documents.test-kit';
import type { JobDocument } from '../../contracts/job';
import * as e from './edits';

type Plane = JobDocument['roof']['planes'][number];

test('planes and readings', async () => {
    const before = clubroom.roof.planes.length;
    const more = e.addPlane(clubroom, { id: 'P9', name: 'Porch', ridgeWith: 'S' });
    assert.equal(more.roof.planes.length, before + 1);
    const renamed = e.editPlane(more, 'P9', (p) => ({ ...p, name: 'Lean-to' }));
    assert.equal(renamed.roof.planes.at(-1).name, 'Lean-to');
    assert.equal(renamed.roof.planes[0], clubroom.roof.planes[0], 'the others are left as they are');
    const put = e.putReading(renamed, 'P9', { id: 'r1', quantity: 'eave', value: 100, source: 'tape' });
    const again = e.putReading(put, 'P9', { id: 'r1', quantity: 'eave', value: 101, source: 'tape' });
    assert.deepEqual(
        again.roof.planes.at(-1).readings.map((r) => r.value),
        [101],
        'a reading of the same id takes its place',
    );
    assert.deepEqual(e.removeReading(again, 'P9', 'r1').roof.planes.at(-1).readings, []);
    const gone = e.removePlane({ ...again, layout: { S: { start: 'balanced' }, P9: {} } }, 'S');
    assert.deepEqual(
        [gone.roof.planes.some((p) => p.id === 'S'), gone.roof.planes.at(-1).ridgeWith, Object.keys(gone.layout)],
        [false, undefined, ['P9']],
    );
    assert.ok(
        gone.roof.planes.every((p) => (p.ties ?? []).every((t) => t.plane !== 'S')),
        'nothing speaks of it any more',
    );
});

test('what a drawing brings comes through the planes it becomes', async () => {
    const job = stub({
        format: 'imbrex-job/3',
        name: 'A',
        roof: { planes: [{ id: 'P1', name: 'Porch' }] },
        openings: [{ id: 'o1', face: 'P1', kind: 'pipe' }],
    });
    const taken = e.takeIn(
        job,
        [
            {
                id: 'P1',
                name: 'Drawn',
                outline: [
                    [0, 0],
                    [9, 0],
                    [9, 9],
                ],
            },
        ],
        [{ id: 'O1', face: 'P1', kind: 'skylight', u: 1, v: 2, width: 3, height: 4 }],
    );
    assert.deepEqual(
        taken.roof.planes.map((p) => p.name),
        ['Porch', 'Drawn'],
    );
    const [, drawn] = taken.roof.planes;
    assert.notEqual(drawn.id, 'P1');
    assert.deepEqual(taken.openings, [
        { id: 'o1', face: 'P1', kind: 'pipe' },
        { id: 'o2', face: drawn.id, kind: 'skylight', u: 1, v: 2, width: 3, height: 4 },
    ]);
});

test('planes from elsewhere join those of their name', async () => {
    const doc = stub({
        ...clubroom,
        roof: { planes: [{ id: 'P1', name: 'South', readings: [{ id: 'r1', quantity: 'eave', value: 1 }] }] },
    });
    const taken = e.takeIn(
        doc,
        some<Plane[]>([
            { id: 'P1', name: 'south', readings: [{ id: 'r1', quantity: 'eave', value: 2 }] },
            { id: 'P2', name: 'North', readings: [], ties: [{ side: 2, plane: 'P1', itsSide: 2 }] },
        ]),
    );
    assert.deepEqual(
        taken.roof.planes.map((p) => [p.id, p.readings.map((x) => x.id)]),
        [
            ['P1', ['r1', 'r2']],
            ['P2', []],
        ],
    );
    assert.equal(taken.roof.planes[1].ties[0].plane, 'P1');
    const beside = e.takeIn(
        doc,
        some<Plane[]>([
            { id: 'P1', name: 'West', readings: [] },
            { id: 'P2', name: 'East', readings: [], ties: [{ side: 1, plane: 'P1', itsSide: 3 }] },
        ]),
    );
    assert.deepEqual(
        beside.roof.planes.map((p) => [p.id, p.name]),
        [
            ['P1', 'South'],
            ['P2', 'West'],
            ['P3', 'East'],
        ],
    );
    assert.equal(beside.roof.planes[2].ties[0].plane, 'P2', 'a tie follows the plane it means');
});
