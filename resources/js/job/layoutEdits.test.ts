import assert from 'node:assert/strict';
import test from 'node:test';
import { boathouse, clubroom, freeze, some, stub } from './documents.test-kit';
import type { CutPanel } from '../contracts/cutting';
import type { LayoutAlternative } from '../contracts/layout';
import * as l from './layoutEdits';
import * as m from './lineEdits';

test('openings are moved and copied', async () => {
    const [skylight] = clubroom.openings;
    assert.deepEqual(l.movedBy(skylight, 4, -2), { fromRake: undefined, u: skylight.u + 4, v: skylight.v - 2 });
    const taped: l.Opening = { ...skylight, fromRake: { side: 'left', off: 30 } };
    assert.ok(!('fromRake' in l.movedBy(taped, 0, 5)), 'straight up it stays where it was taped from the rake');
    const round = some<l.Opening>({
        id: 'o9',
        face: 'S',
        kind: 'curb',
        outline: [
            [0, 0],
            [10, 0],
            [5, 8],
        ],
    });
    assert.deepEqual(l.movedBy(round, 1, 2).outline, [
        [1, 2],
        [11, 2],
        [6, 10],
    ]);
    assert.deepEqual(round.outline[0], [0, 0], 'what it was given stays');
    const more = l.addOpening(clubroom, { ...skylight, ...l.movedBy(skylight, 48, 0) });
    assert.equal(more.openings.length, clubroom.openings.length + 1);
    assert.equal(new Set(more.openings.map((o) => o.id)).size, more.openings.length, 'a copy has an id of its own');
    const cricket = l.changeOpening(more, 'o3', { uphill: 'apron', pieces: undefined });
    assert.equal(cricket.openings.find((o) => o.id === 'o3').uphill, 'apron');
    assert.equal(clubroom.openings.find((o) => o.id === 'o3').uphill, 'cricket');
    assert.equal(
        l.removeOpening(cricket, 'o3').openings.some((o) => o.id === 'o3'),
        false,
    );
});

test('layouts follow their group and pins hold', async () => {
    const doc = stub({
        ...boathouse,
        layout: { 'hall.N': { start: 'balanced' }, 'hall.E': { start: 'balanced', pinned: true }, 'wing.E': {} },
    });
    const laid = l.layOut(doc, 'hall.S', { start: 'one-end', from: 'left' }, ['hall.S', 'hall.N', 'hall.E']);
    assert.deepEqual(laid.layout, {
        'hall.E': { start: 'balanced', pinned: true },
        'wing.E': {},
        'hall.S': { start: 'one-end', from: 'left' },
    });
    assert.deepEqual(Object.keys(l.leaveToSearch(laid, ['hall.S', 'hall.E']).layout), ['hall.E', 'wing.E']);
    const way = some<LayoutAlternative>({ start: 'one-end', from: 'right', at: 12, as: 'seam' });
    assert.deepEqual(l.asChoice(way), { start: 'one-end', from: 'right' });
    assert.deepEqual(l.asChoice({ ...way, start: 'control-point', from: null }), {
        start: 'control-point',
        at: 12,
        as: 'seam',
    });
    assert.deepEqual(l.asChoice({ ...way, start: 'found', from: null }), { start: 'found', at: 12 });
});

test('openings first fits and ticks', async () => {
    const pipe = some<l.Opening>({ face: 'hall.S', kind: 'pipe', name: 'Vent', u: 1, v: 2, diameter: 3 });
    const doc = freeze(l.addOpening({ ...boathouse, openings: [] }, pipe));
    assert.deepEqual(doc.openings, [{ ...pipe, id: 'o1' }]);
    assert.equal(l.changeOpening(doc, 'o1', { u: 9 }).openings[0].u, 9);
    assert.deepEqual(l.removeOpening(doc, 'o1').openings, []);
    const panel = (long: number) => some<CutPanel>({ id: 'hall.S-1', blank: { long, short: 9 } });
    const ticked = freeze(l.setCut(l.setCut(boathouse, panel(10), true), panel(11), true));
    assert.deepEqual(
        ticked.cutting.cut.filter((c) => c.panel === 'hall.S-1'),
        [{ panel: 'hall.S-1', long: 11, short: 9 }],
        'ticked once, by the card it has now',
    );
    const tapes = ['long', 'short'].map((side) =>
        some<m.Observation>({
            face: 'hall.S',
            edge: 'valley',
            panel: 'hall.S-2',
            side,
            from: 'T',
            measured: 90,
            source: 'tape',
        }),
    );
    const taped = freeze(m.addObservations(ticked, tapes, 'hall.S-2'));
    assert.deepEqual(
        taped.observations.map((one) => [
            one.id,
            one.side,
            one.before.includes('hall.S-1') && one.before.includes('hall.S-2'),
        ]),
        [
            ['m1', 'long', true],
            ['m2', 'short', true],
        ],
        'what is cut or set by now stays',
    );
    assert.deepEqual(
        m.confirmObservation(taped, 'm2').observations.map((one) => one.confirmed),
        [undefined, true],
    );
    assert.deepEqual(
        m.removeObservation(taped, 'm1').observations.map((one) => one.id),
        ['m2'],
    );
    const fit = {
        id: 'c1',
        face: 'hall.S',
        edge: 'valley',
        panel: 'hall.S-2',
        side: 'long',
        toward: 'uphill',
        amount: 0.125,
    };
    const fitted = stub({ ...ticked, cutting: { ...ticked.cutting, corrections: [fit] } });
    assert.deepEqual(l.removeCorrection(fitted, 'c1').cutting.corrections, []);
    assert.equal(
        l.setCut(fitted, some<CutPanel>({ id: 'hall.S-1' }), false).cutting.cut.some((c) => c.panel === 'hall.S-1'),
        false,
    );
});
