import assert from 'node:assert/strict';
import test from 'node:test';
import { boathouse, some, stub } from '../../job/documents.test-kit';
import type { LayoutAlternative } from '../../contracts/layout';
import * as l from './edits';

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
