import assert from 'node:assert/strict';
import test from 'node:test';
import { boathouse, freeze, some, stub } from '../../job/documents.test-kit';
import type { CutPanel } from '../../contracts/cutting';
import * as o from '../../job/openingEdits';
import * as m from './edits';

test('openings and first fits', async () => {
    const pipe = some<o.Opening>({ face: 'hall.S', kind: 'pipe', name: 'Vent', u: 1, v: 2, diameter: 3 });
    const doc = freeze(o.addOpening({ ...boathouse, openings: [] }, pipe));
    assert.deepEqual(doc.openings, [{ ...pipe, id: 'o1' }]);
    assert.equal(o.changeOpening(doc, 'o1', { u: 9 }).openings[0].u, 9);
    assert.deepEqual(o.removeOpening(doc, 'o1').openings, []);
    const fit = {
        id: 'c1',
        face: 'hall.S',
        edge: 'valley',
        panel: 'hall.S-2',
        side: 'long',
        toward: 'uphill',
        amount: 0.125,
    };
    const fitted = stub({ ...boathouse, cutting: { corrections: [fit] } });
    assert.deepEqual(m.removeCorrection(fitted, 'c1').cutting.corrections, []);
});

test('what is cut and taped is told with the numbers of its card', () => {
    const panel = some<CutPanel>({ id: 'hall.S-1', blank: { long: 11, short: 9 } });
    assert.deepEqual(m.panelCut(panel), { kind: 'cut', subject: 'hall.S-1', said: { long: 11, short: 9 } });
    const marks = ['long', 'short'].map((side) => ({ panel: 'hall.S-2', side, from: 'T', measured: 90 }));
    assert.deepEqual(
        m.marksTaped('valley', 'hall.S', 'laser', marks).map((one) => [one.kind, one.subject, one.said]),
        marks.map((mark) => ['taped', 'valley', { ...mark, face: 'hall.S', source: 'laser' }]),
    );
});
