import assert from 'node:assert/strict';
import test from 'node:test';
import { clubroom, some } from '../../job/documents.test-kit';
import * as l from '../../job/openingEdits';
import { movedBy } from './edits';

test('openings are moved and copied', async () => {
    const [skylight] = clubroom.openings;
    assert.deepEqual(movedBy(skylight, 4, -2), { fromRake: undefined, u: skylight.u + 4, v: skylight.v - 2 });
    const taped: l.Opening = { ...skylight, fromRake: { side: 'left', off: 30 } };
    assert.ok(!('fromRake' in movedBy(taped, 0, 5)), 'straight up it stays where it was taped from the rake');
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
    assert.deepEqual(movedBy(round, 1, 2).outline, [
        [1, 2],
        [11, 2],
        [6, 10],
    ]);
    assert.deepEqual(round.outline[0], [0, 0], 'what it was given stays');
    const more = l.addOpening(clubroom, { ...skylight, ...movedBy(skylight, 48, 0) });
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
