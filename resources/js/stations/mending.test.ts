import assert from 'node:assert/strict';
import test from 'node:test';
import { readdirSync, readFileSync } from 'node:fs';
import { boathouse } from '../job/documents.test-kit';
import { mendedAt } from './mending';
import { allStations as stations } from './stations';

/** Whatever of a document is refused has a station where it is mended, and the nearest part says where. */
test('every part of a document has its station', async () => {
    const parts = readdirSync('contracts/job').flatMap((file) =>
        Object.keys(JSON.parse(readFileSync(`contracts/job/${file}`, 'utf8')).properties),
    );
    const at = (...steps: string[]) =>
        mendedAt(
            stations,
            steps.map((field) => ({ field })),
            boathouse,
        );
    // What stands in the job's own dialog.
    const apart = ['format', 'name', 'note', 'units', 'rules'];
    assert.deepEqual([...new Set(parts)].filter((part) => at(part) === null).sort(), apart.sort());
    const told = (...steps: string[]) => {
        const { station, query, pick } = at(...steps);
        return [station.key, query ?? pick?.id];
    };
    assert.deepEqual(told('roof', 'planes', 'P1'), ['survey', 'plane=P1']);
    assert.deepEqual(told('roof', 'blocks', 'hall', 'width'), ['roof', 'hall']);
    assert.deepEqual(told('openings', 'o1', 'width'), ['openings', 'opening=o1']);
    assert.deepEqual(told('holdDown', 'faces', 'hall.S', 'spacing'), ['hold-down', 'face=hall.S']);
    assert.deepEqual(told('edges', 'eave-hall.S', 'reveal'), ['edges', 'edge=eave-hall.S']);
});
