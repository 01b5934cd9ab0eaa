import assert from 'node:assert/strict';
import test from 'node:test';
import { besideEdge } from './besideEdge';

test('a length stands beside its edge, on the side with more room', () => {
    // An upright edge left of the middle, read to its right; right of it, to its left.
    assert.deepEqual(besideEdge([100, 300], [100, 100], [], 800), [192, 200]);
    assert.deepEqual(besideEdge([700, 300], [700, 100], [], 800), [608, 200]);
    // A level one is read above.
    assert.deepEqual(besideEdge([100, 200], [300, 200], [], 800), [200, 174]);
});

test('a length keeps clear of the names of faces', () => {
    const names: [number, number][] = [[200, 210]];
    assert.deepEqual(besideEdge([100, 300], [100, 100], names, 800), [8, 200]);
    // No side is clear: it lies on its edge.
    assert.deepEqual(besideEdge([100, 300], [100, 100], [...names, [20, 190]], 800), [100, 200]);
});
