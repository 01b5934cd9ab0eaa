import assert from 'node:assert/strict';
import test from 'node:test';
import type { Profile } from '../contracts/job';
import { boathouse, some } from './documents.test-kit';
import * as e from './edits';

test('ids rules and profiles', async () => {
    assert.equal(e.freshId('r', ['r1', 'r3']), 'r4', 'three is taken');
    assert.equal(e.freshId('r', []), 'r1');
    assert.equal(e.setRule(boathouse, 'order.extra', 3).rules['order.extra'], 3);
    assert.equal(e.setSystem(boathouse, { gauge: '26 ga' }).system.profile, boathouse.system.profile);
    const own = some<Profile>({ key: 'yard-lock-14', cover: 14 });
    const taken = e.takeOwnProfile(e.takeOwnProfile(boathouse, own), { ...own, cover: 15 });
    assert.deepEqual([taken.system.profile, taken.catalogue.profiles.map((p) => p.cover)], ['yard-lock-14', [15]]);
    const empty = e.emptyJob('New', { 'order.extra': 4 }, 'First');
    assert.deepEqual([empty.format, empty.roof.planes.length, empty.rules], ['imbrex-job/3', 1, { 'order.extra': 4 }]);
});
