import assert from 'node:assert/strict';
import test from 'node:test';
import { boathouse, freeze, some, stub } from '../../job/documents.test-kit';
import type { CutPanel } from '../../contracts/cutting';
import * as o from '../../job/openingEdits';
import * as m from './edits';

test('openings first fits and ticks', async () => {
    const pipe = some<o.Opening>({ face: 'hall.S', kind: 'pipe', name: 'Vent', u: 1, v: 2, diameter: 3 });
    const doc = freeze(o.addOpening({ ...boathouse, openings: [] }, pipe));
    assert.deepEqual(doc.openings, [{ ...pipe, id: 'o1' }]);
    assert.equal(o.changeOpening(doc, 'o1', { u: 9 }).openings[0].u, 9);
    assert.deepEqual(o.removeOpening(doc, 'o1').openings, []);
    const panel = (long: number) => some<CutPanel>({ id: 'hall.S-1', blank: { long, short: 9 } });
    const ticked = freeze(m.setCut(m.setCut(boathouse, panel(10), true), panel(11), true));
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
    assert.deepEqual(m.removeCorrection(fitted, 'c1').cutting.corrections, []);
    assert.equal(
        m.setCut(fitted, some<CutPanel>({ id: 'hall.S-1' }), false).cutting.cut.some((c) => c.panel === 'hall.S-1'),
        false,
    );
});
