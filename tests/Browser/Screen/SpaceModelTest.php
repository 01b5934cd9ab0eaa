<?php

declare(strict_types=1);

namespace Tests\Browser\Screen;

use PHPUnit\Framework\TestCase;
use Tests\Support\ScreenCode;

/** The roof in the round: seams that stand on their faces, bodies of openings, and the piece under a finger. */
final class SpaceModelTest extends TestCase
{
    public function test_seams_stand_square_to_their_face_and_the_piece_at_a_point_is_found(): void
    {
        $told = ScreenCode::run(<<<'JS'
            const m = await load('stations/roof/spaceModel.ts');
            // A face of 3 in 4, rising northwards.
            const loop = [[0, 0, 0], [100, 0, 0], [100, 80, 60], [0, 80, 60]];
            const slice = { faces: [{ id: 'F', loops: [loop] }] };
            const panel = (id, from, to) => ({ id, name: id, loop: [[from, 0, 0], [to, 0, 0], [to, 80, 60], [from, 80, 60]] });
            const space = { rise: 2, faces: [{ id: 'F', seams: [[[50, 0, 0], [50, 80, 60]]], panels: [panel('a', 0, 50), panel('b', 50, 100)], openings: [] }] };
            const seam = m.seamsOf(space, slice);
            assert.equal(seam.length, 18);
            // Lifted by 2 along the normal (0, -0.6, 0.8), whichever way the loop runs round.
            for (const [i, want] of [50, 80 - 1.2, 60 + 1.6].entries()) assert.ok(Math.abs(seam[6 + i] - want) < 1e-9, `${seam[6 + i]} is not ${want}`);
            const turned = m.seamsOf(space, { faces: [{ id: 'F', loops: [[...loop].reverse()] }] });
            assert.ok(turned.every((n, i) => Math.abs(n - seam[i]) < 1e-9));
            assert.deepEqual([m.panelAt(space, 'F', { x: 20, y: 40 }), m.panelAt(space, 'F', { x: 70, y: 1 }), m.panelAt(space, 'F', { x: 120, y: 1 }), m.panelAt(space, 'G', { x: 20, y: 1 })], ['a', 'b', undefined, undefined]);
            // Four sides and a lid of two triangles.
            const body = m.bodyOf({ loop: loop.slice(0, 4), rise: 5 });
            assert.equal(body.length / 9, 4 * 2 + 2);
            assert.equal(Math.max(...body.filter((_, i) => i % 3 === 2)), 65);

            const { metalOf } = await load('stations/roof/metalColours.ts');
            assert.notEqual(metalOf({ material: 'steel', colour: 'charcoal' }), metalOf({ material: 'steel', colour: 'bare' }));
            assert.deepEqual([metalOf(undefined), metalOf({ material: 'steel', colour: null })], [null, null], 'nobody has said: no colour of its own');
            assert.notEqual(metalOf({ material: 'copper', colour: null }), null, 'copper has one by itself');
            tell('done');
            JS);
        self::assertSame('done', $told);
    }
}
