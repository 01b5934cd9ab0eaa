import assert from 'node:assert/strict';
import test from 'node:test';
import { boathouse, clubroom, some, stub } from './documents.test-kit';
import type { JobDocument } from '../contracts/job';
import * as e from './roofEdits';

type Plane = JobDocument['roof']['planes'][number];

test('what a drawing brings comes through the planes it becomes', async () => {
    const job = stub({
        format: 'imbrex-job/2',
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

test('blocks and what was read on them', async () => {
    const hall = e.blocksOf(boathouse)[0];
    assert.equal(e.putBlock(boathouse, { ...hall, length: 1 }).roof.blocks.length, e.blocksOf(boathouse).length);
    assert.equal(
        e.editBlock(boathouse, 'nowhere', (b) => b),
        boathouse,
    );
    const gone = e.removeBlock(stub({ ...boathouse, layout: { 'hall.S': {}, 'wing.E': {} } }), 'hall');
    assert.deepEqual([e.blocksOf(gone).map((b) => b.id), Object.keys(gone.layout)], [['wing'], ['wing.E']]);
    const forms: [e.Form, string[]][] = [
        ['gable', ['south', 'north']],
        ['gable-across', ['east', 'west']],
        ['hip', ['south', 'east', 'north', 'west']],
        ['shed', ['south']],
        ['hip-one-end', ['south', 'north', 'west']],
    ];
    for (const [form, sloped] of forms) {
        const sides: Record<string, { kind: string; riseIn12?: number }> = { ...e.withForm(hall, form).sides };
        assert.deepEqual(
            Object.keys(sides)
                .filter((k) => sides[k].kind === 'sloped')
                .sort(),
            [...sloped].sort(),
            form,
        );
        assert.ok(
            Object.values(sides).every((s) => (s.kind === 'gable') === (s.riseIn12 === undefined)),
            form,
        );
    }
    const round = e.allRound(e.withForm(hall, 'gable'), { riseIn12: 9, overhang: 7 });
    assert.deepEqual(
        [round.sides.south.riseIn12, round.sides.east.riseIn12, round.sides.east.overhang],
        [9, undefined, 7],
    );
    const fresh = e.newBlock(boathouse, 'Shed', 5, 6);
    assert.ok(!e.blocksOf(boathouse).some((b) => b.id === fresh.id));
    const untouched = stub({
        ...clubroom,
        roof: {
            planes: [
                { id: 'P1', name: '', readings: [] },
                { id: 'P2', name: '', readings: [{ id: 'r1' }] },
            ],
        },
    });
    assert.deepEqual(
        e.addBlock(untouched, fresh).roof.planes.map((p) => p.id),
        ['P2'],
        'a plane nobody has begun gives way',
    );
    const checked = e.addCheck(boathouse, { quantity: 'length', where: 'ridge', value: 1, source: 'tape' });
    assert.equal(
        e.removeCheck(checked, checked.roof.checks.at(-1).id).roof.checks.length,
        e.checksOf(boathouse).length,
    );
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
