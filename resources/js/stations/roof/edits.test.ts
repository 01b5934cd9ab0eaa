import assert from 'node:assert/strict';
import test from 'node:test';
import { boathouse, clubroom, stub } from '../../job/documents.test-kit';
import { addCheck, blocksOf, checksOf } from '../../job/roofEdits';
import * as e from './edits';

test('blocks and what was read on them', async () => {
    const hall = blocksOf(boathouse)[0];
    assert.equal(e.putBlock(boathouse, { ...hall, length: 1 }).roof.blocks.length, blocksOf(boathouse).length);
    assert.equal(
        e.editBlock(boathouse, 'nowhere', (b) => b),
        boathouse,
    );
    const gone = e.removeBlock(stub({ ...boathouse, layout: { 'hall.S': {}, 'wing.E': {} } }), 'hall');
    assert.deepEqual([blocksOf(gone).map((b) => b.id), Object.keys(gone.layout)], [['wing'], ['wing.E']]);
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
    assert.ok(!blocksOf(boathouse).some((b) => b.id === fresh.id));
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
    const checked = addCheck(boathouse, { quantity: 'length', where: 'ridge', value: 1, source: 'tape' });
    assert.equal(e.removeCheck(checked, checked.roof.checks.at(-1).id).roof.checks.length, checksOf(boathouse).length);
});
