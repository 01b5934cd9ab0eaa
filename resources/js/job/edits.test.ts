import assert from 'node:assert/strict';
import test from 'node:test';
import { boathouse, clubroom, some } from './documents.test-kit';
import type { Profile } from '../contracts/job';
import * as e from './edits';

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

test('ids rules and profiles', async () => {
    assert.equal(e.freshId('r', ['r1', 'r3']), 'r4', 'three is taken');
    assert.equal(e.freshId('r', []), 'r1');
    assert.equal(e.setRule(boathouse, 'order.extra', 3).rules['order.extra'], 3);
    assert.equal(e.setSystem(boathouse, { gauge: '26 ga' }).system.profile, boathouse.system.profile);
    const own = some<Profile>({ key: 'yard-lock-14', cover: 14 });
    const taken = e.takeOwnProfile(e.takeOwnProfile(boathouse, own), { ...own, cover: 15 });
    assert.deepEqual([taken.system.profile, taken.catalogue.profiles.map((p) => p.cover)], ['yard-lock-14', [15]]);
    const empty = e.emptyJob('New', { 'order.extra': 4 }, 'First');
    assert.deepEqual([empty.format, empty.roof.planes.length, empty.rules], ['imbrex-job/2', 1, { 'order.extra': 4 }]);
});
