<?php

declare(strict_types=1);

namespace Tests\Browser\Screen;

use PHPUnit\Framework\TestCase;
use Tests\Support\ScreenCode;

/** The small edits of a document: each does its one thing, and none touches what it is given. */
final class EditsTest extends TestCase
{
    /** Freezes a document through and through: an edit that writes into it throws. */
    private const FROZEN = <<<'JS'
        const freeze = (o) => { if (o && typeof o === 'object' && !Object.isFrozen(o)) { Object.freeze(o); Object.values(o).forEach(freeze); } return o; };
        const read = (name) => freeze(JSON.parse(readFileSync(`database/demo/${name}.json`, 'utf8')));
        const boathouse = read('boathouse'); const clubroom = read('clubroom');

        JS;

    /** Whatever of a document is refused has a station where it is mended, and the nearest part says where. */
    public function test_every_part_of_a_document_has_its_station(): void
    {
        $this->plays(<<<'JS'
            const { mendedAt } = await load('stations/mending.ts');
            const keys = readdirSync('resources/js/stations', { withFileTypes: true }).filter((one) => one.isDirectory()).map((one) => one.name);
            const stations = await Promise.all(keys.map(async (key) => (await load(`stations/${key}/station.ts`)).station));
            const parts = readdirSync('contracts/job').flatMap((file) => Object.keys(JSON.parse(readFileSync(`contracts/job/${file}`, 'utf8')).properties));
            const at = (...steps) => mendedAt(stations, steps.map((field) => ({ field })), boathouse);
            // What stands in the job's own dialog.
            const apart = ['format', 'name', 'note', 'units', 'rules'];
            assert.deepEqual([...new Set(parts)].filter((part) => at(part) === null).sort(), apart.sort());
            const told = (...steps) => { const { station, query, pick } = at(...steps); return [station.key, query ?? pick?.id]; };
            assert.deepEqual(told('roof', 'planes', 'P1'), ['survey', 'plane=P1']);
            assert.deepEqual(told('roof', 'blocks', 'hall', 'width'), ['roof', 'hall']);
            assert.deepEqual(told('openings', 'o1', 'width'), ['openings', 'opening=o1']);
            assert.deepEqual(told('holdDown', 'faces', 'hall.S', 'spacing'), ['hold-down', 'face=hall.S']);
            assert.deepEqual(told('edges', 'eave-hall.S', 'reveal'), ['edges', 'edge=eave-hall.S']);
            JS);
    }

    /** A rule of ten inches is typed as 254 mm on a metric job, and kept in inches. */
    public function test_rules_are_typed_in_the_jobs_units(): void
    {
        $this->plays(<<<'JS'
            const { ruleUnit } = await load('bench/ruleUnits.ts');
            const near = (a, b) => assert.ok(Math.abs(a - b) < 1e-9, `${a} is not ${b}`);
            for (const [unit, name, kept, typed] of [['in', 'mm', 10, 254], ['°F', '°C', 14, -10], ['°F more', '°C more', 45, 25], ['money per in', 'USD per cm', 2.54, 1], ['count', 'count', 7, 7]]) {
                const own = ruleUnit(unit, true, 'USD');
                assert.equal(own.name, name);
                near(own.show(kept), typed);
                near(own.keep(typed), kept);
                near(ruleUnit(unit, false, 'USD').show(kept), kept);
            }
            JS);
    }

    /** The twin of the core's Measures, on the same cases. */
    public function test_measures_are_said_as_the_core_says_them(): void
    {
        $this->plays(<<<'JS'
            const { printMeasure, printPitch } = await load('tape/measures.ts');
            const cases = JSON.parse(readFileSync('contracts/measure-cases.json', 'utf8'));
            assert.ok(cases.length > 8);
            for (const one of cases) for (const units of ['imperial', 'metric']) assert.equal(one.what === 'pitch' ? printPitch(one.value, units) : printMeasure(one.what, one.value, units, one.digits), one[units], JSON.stringify(one));
            JS);
    }

    public function test_what_a_drawing_brings_comes_through_the_planes_it_becomes(): void
    {
        $this->plays(<<<'JS'
            const e = await load('job/roofEdits.ts');
            const job = freeze({ format: 'imbrex-job/2', name: 'A', roof: { planes: [{ id: 'P1', name: 'Porch' }] }, openings: [{ id: 'o1', face: 'P1', kind: 'pipe' }] });
            const taken = e.takeIn(job, [{ id: 'P1', name: 'Drawn', outline: [[0, 0], [9, 0], [9, 9]] }], [{ id: 'O1', face: 'P1', kind: 'skylight', u: 1, v: 2, width: 3, height: 4 }]);
            assert.deepEqual(taken.roof.planes.map((p) => p.name), ['Porch', 'Drawn']);
            const [, drawn] = taken.roof.planes;
            assert.notEqual(drawn.id, 'P1');
            assert.deepEqual(taken.openings, [{ id: 'o1', face: 'P1', kind: 'pipe' }, { id: 'o2', face: drawn.id, kind: 'skylight', u: 1, v: 2, width: 3, height: 4 }]);
            JS);
    }

    public function test_planes_and_readings(): void
    {
        $this->plays(<<<'JS'
            const e = await load('job/edits.ts');
            const before = clubroom.roof.planes.length;
            const more = e.addPlane(clubroom, { id: 'P9', name: 'Porch', ridgeWith: 'S' });
            assert.equal(more.roof.planes.length, before + 1);
            const renamed = e.editPlane(more, 'P9', (p) => ({ ...p, name: 'Lean-to' }));
            assert.equal(renamed.roof.planes.at(-1).name, 'Lean-to');
            assert.equal(renamed.roof.planes[0], clubroom.roof.planes[0], 'the others are left as they are');
            const put = e.putReading(renamed, 'P9', { id: 'r1', quantity: 'eave', value: 100, source: 'tape' });
            const again = e.putReading(put, 'P9', { id: 'r1', quantity: 'eave', value: 101, source: 'tape' });
            assert.deepEqual(again.roof.planes.at(-1).readings.map((r) => r.value), [101], 'a reading of the same id takes its place');
            assert.deepEqual(e.removeReading(again, 'P9', 'r1').roof.planes.at(-1).readings, []);
            const gone = e.removePlane({ ...again, layout: { S: { start: 'balanced' }, P9: {} } }, 'S');
            assert.deepEqual([gone.roof.planes.some((p) => p.id === 'S'), gone.roof.planes.at(-1).ridgeWith, Object.keys(gone.layout)], [false, undefined, ['P9']]);
            assert.ok(gone.roof.planes.every((p) => (p.ties ?? []).every((t) => t.plane !== 'S')), 'nothing speaks of it any more');
            JS);
    }

    public function test_openings_are_moved_and_copied(): void
    {
        $this->plays(<<<'JS'
            const e = await load('job/layoutEdits.ts');
            const [skylight] = clubroom.openings;
            assert.deepEqual(e.movedBy(skylight, 4, -2), { fromRake: undefined, u: skylight.u + 4, v: skylight.v - 2 });
            const taped = { ...skylight, fromRake: { side: 'left', off: 30 } };
            assert.ok(!('fromRake' in e.movedBy(taped, 0, 5)), 'straight up it stays where it was taped from the rake');
            const round = { id: 'o9', face: 'S', kind: 'curb', outline: [[0, 0], [10, 0], [5, 8]] };
            assert.deepEqual(e.movedBy(round, 1, 2).outline, [[1, 2], [11, 2], [6, 10]]);
            assert.deepEqual(round.outline[0], [0, 0], 'what it was given stays');
            const more = e.addOpening(clubroom, { ...skylight, ...e.movedBy(skylight, 48, 0) });
            assert.equal(more.openings.length, clubroom.openings.length + 1);
            assert.equal(new Set(more.openings.map((o) => o.id)).size, more.openings.length, 'a copy has an id of its own');
            const cricket = e.changeOpening(more, 'o3', { uphill: 'apron', pieces: undefined });
            assert.equal(cricket.openings.find((o) => o.id === 'o3').uphill, 'apron');
            assert.equal(clubroom.openings.find((o) => o.id === 'o3').uphill, 'cricket');
            assert.equal(e.removeOpening(cricket, 'o3').openings.some((o) => o.id === 'o3'), false);
            JS);
    }

    public function test_ids_rules_and_profiles(): void
    {
        $this->plays(<<<'JS'
            const e = await load('job/edits.ts');
            assert.equal(e.freshId('r', ['r1', 'r3']), 'r4', 'three is taken');
            assert.equal(e.freshId('r', []), 'r1');
            assert.equal(e.setRule(boathouse, 'order.extra', 3).rules['order.extra'], 3);
            assert.equal(e.setSystem(boathouse, { gauge: '26 ga' }).system.profile, boathouse.system.profile);
            const own = { key: 'yard-lock-14', cover: 14 };
            const taken = e.takeOwnProfile(e.takeOwnProfile(boathouse, own), { ...own, cover: 15 });
            assert.deepEqual([taken.system.profile, taken.catalogue.profiles.map((p) => p.cover)], ['yard-lock-14', [15]]);
            const empty = e.emptyJob('New', { 'order.extra': 4 }, 'First');
            assert.deepEqual([empty.format, empty.roof.planes.length, empty.rules], ['imbrex-job/2', 1, { 'order.extra': 4 }]);
            JS);
    }

    public function test_layouts_follow_their_group_and_pins_hold(): void
    {
        $this->plays(<<<'JS'
            const l = await load('job/layoutEdits.ts');
            const doc = freeze({ ...boathouse, layout: { 'hall.N': { start: 'balanced' }, 'hall.E': { start: 'balanced', pinned: true }, 'wing.E': {} } });
            const laid = l.layOut(doc, 'hall.S', { start: 'one-end', from: 'left' }, ['hall.S', 'hall.N', 'hall.E']);
            assert.deepEqual(laid.layout, { 'hall.E': { start: 'balanced', pinned: true }, 'wing.E': {}, 'hall.S': { start: 'one-end', from: 'left' } });
            assert.deepEqual(Object.keys(l.leaveToSearch(laid, ['hall.S', 'hall.E']).layout), ['hall.E', 'wing.E']);
            const way = { start: 'one-end', from: 'right', at: 12, as: 'seam' };
            assert.deepEqual(l.asChoice(way), { start: 'one-end', from: 'right' });
            assert.deepEqual(l.asChoice({ ...way, start: 'control-point', from: null }), { start: 'control-point', at: 12, as: 'seam' });
            assert.deepEqual(l.asChoice({ ...way, start: 'found', from: null }), { start: 'found', at: 12 });
            JS);
    }

    public function test_openings_first_fits_and_ticks(): void
    {
        $this->plays(<<<'JS'
            const l = await load('job/layoutEdits.ts');
            const pipe = { face: 'hall.S', kind: 'pipe', name: 'Vent', u: 1, v: 2, diameter: 3 };
            const doc = freeze(l.addOpening({ ...boathouse, openings: [] }, pipe));
            assert.deepEqual(doc.openings, [{ ...pipe, id: 'o1' }]);
            assert.equal(l.changeOpening(doc, 'o1', { u: 9 }).openings[0].u, 9);
            assert.deepEqual(l.removeOpening(doc, 'o1').openings, []);
            const ticked = freeze(l.setCut(l.setCut(boathouse, { id: 'hall.S-1', blank: { long: 10, short: 9 } }, true), { id: 'hall.S-1', blank: { long: 11, short: 9 } }, true));
            assert.deepEqual(ticked.cutting.cut.filter((c) => c.panel === 'hall.S-1'), [{ panel: 'hall.S-1', long: 11, short: 9 }], 'ticked once, by the card it has now');
            const m = await load('job/lineEdits.ts');
            const tapes = ['long', 'short'].map((side) => ({ face: 'hall.S', edge: 'valley', panel: 'hall.S-2', side, from: 'T', measured: 90, source: 'tape' }));
            const taped = freeze(m.addObservations(ticked, tapes, 'hall.S-2'));
            assert.deepEqual(taped.observations.map((one) => [one.id, one.side, one.before.includes('hall.S-1') && one.before.includes('hall.S-2')]), [['m1', 'long', true], ['m2', 'short', true]], 'what is cut or set by now stays');
            assert.deepEqual(m.confirmObservation(taped, 'm2').observations.map((one) => one.confirmed), [undefined, true]);
            assert.deepEqual(m.removeObservation(taped, 'm1').observations.map((one) => one.id), ['m2']);
            const fit = { id: 'c1', face: 'hall.S', edge: 'valley', panel: 'hall.S-2', side: 'long', toward: 'uphill', amount: 0.125 };
            const fitted = freeze({ ...ticked, cutting: { ...ticked.cutting, corrections: [fit] } });
            assert.deepEqual(l.removeCorrection(fitted, 'c1').cutting.corrections, []);
            assert.equal(l.setCut(fitted, { id: 'hall.S-1' }, false).cutting.cut.some((c) => c.panel === 'hall.S-1'), false);
            JS);
    }

    public function test_blocks_and_what_was_read_on_them(): void
    {
        $this->plays(<<<'JS'
            const r = await load('job/roofEdits.ts');
            const hall = r.blocksOf(boathouse)[0];
            assert.equal(r.putBlock(boathouse, { ...hall, length: 1 }).roof.blocks.length, r.blocksOf(boathouse).length);
            assert.equal(r.editBlock(boathouse, 'nowhere', (b) => b), boathouse);
            const gone = r.removeBlock(freeze({ ...boathouse, layout: { 'hall.S': {}, 'wing.E': {} } }), 'hall');
            assert.deepEqual([r.blocksOf(gone).map((b) => b.id), Object.keys(gone.layout)], [['wing'], ['wing.E']]);
            for (const [form, sloped] of [['gable', ['south', 'north']], ['gable-across', ['east', 'west']], ['hip', ['south', 'east', 'north', 'west']], ['shed', ['south']], ['hip-one-end', ['south', 'north', 'west']]]) {
                const sides = r.withForm(hall, form).sides;
                assert.deepEqual(Object.keys(sides).filter((k) => sides[k].kind === 'sloped').sort(), [...sloped].sort(), form);
                assert.ok(Object.values(sides).every((s) => (s.kind === 'gable') === (s.riseIn12 === undefined)), form);
            }
            const round = r.allRound(r.withForm(hall, 'gable'), { riseIn12: 9, overhang: 7 });
            assert.deepEqual([round.sides.south.riseIn12, round.sides.east.riseIn12, round.sides.east.overhang], [9, undefined, 7]);
            const fresh = r.newBlock(boathouse, 'Shed', 5, 6);
            assert.ok(!r.blocksOf(boathouse).some((b) => b.id === fresh.id));
            const untouched = freeze({ ...clubroom, roof: { planes: [{ id: 'P1', name: '', readings: [] }, { id: 'P2', name: '', readings: [{ id: 'r1' }] }] } });
            assert.deepEqual(r.addBlock(untouched, fresh).roof.planes.map((p) => p.id), ['P2'], 'a plane nobody has begun gives way');
            const checked = r.addCheck(boathouse, { quantity: 'length', where: 'ridge', value: 1, source: 'tape' });
            assert.equal(r.removeCheck(checked, checked.roof.checks.at(-1).id).roof.checks.length, r.checksOf(boathouse).length);
            JS);
    }

    public function test_planes_from_elsewhere_join_those_of_their_name(): void
    {
        $this->plays(<<<'JS'
            const r = await load('job/roofEdits.ts');
            const doc = freeze({ ...clubroom, roof: { planes: [{ id: 'P1', name: 'South', readings: [{ id: 'r1', quantity: 'eave', value: 1 }] }] } });
            const taken = r.takeIn(doc, freeze([
                { id: 'P1', name: 'south', readings: [{ id: 'r1', quantity: 'eave', value: 2 }] },
                { id: 'P2', name: 'North', readings: [], ties: [{ side: 2, plane: 'P1', itsSide: 2 }] },
            ]));
            assert.deepEqual(taken.roof.planes.map((p) => [p.id, p.readings.map((x) => x.id)]), [['P1', ['r1', 'r2']], ['P2', []]]);
            assert.equal(taken.roof.planes[1].ties[0].plane, 'P1');
            const beside = r.takeIn(doc, [{ id: 'P1', name: 'West', readings: [] }, { id: 'P2', name: 'East', readings: [], ties: [{ side: 1, plane: 'P1', itsSide: 3 }] }]);
            assert.deepEqual(beside.roof.planes.map((p) => [p.id, p.name]), [['P1', 'South'], ['P2', 'West'], ['P3', 'East']]);
            assert.equal(beside.roof.planes[2].ties[0].plane, 'P2', 'a tie follows the plane it means');
            JS);
    }

    private function plays(string $script): void
    {
        self::assertSame('done', ScreenCode::run(self::FROZEN.$script."\ntell('done');"));
    }
}
