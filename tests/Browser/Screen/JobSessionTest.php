<?php

declare(strict_types=1);

namespace Tests\Browser\Screen;

use PHPUnit\Framework\TestCase;
use Tests\Support\ScreenCode;

/** How one job is held while it is worked on: nothing is lost, whatever the server and the connection do. */
final class JobSessionTest extends TestCase
{
    /** A server that answers what it is told to, a store, and a clock that is wound by hand. */
    private const STAGE = <<<'JS'
        const sent = []; const answers = []; const store = new Map(); let timers = new Map(); let next = 1;
        globalThis.window = {
            setTimeout: (run, ms) => { timers.set(next, { run, ms }); return next++; },
            clearTimeout: (id) => timers.delete(id),
            localStorage: { getItem: (k) => store.get(k) ?? null, setItem: (k, v) => store.set(k, v), removeItem: (k) => store.delete(k) },
        };
        globalThis.document = { cookie: 'XSRF-TOKEN=t' };
        globalThis.fetch = async (path, { method, headers, body }) => {
            sent.push({ path, method, match: headers['If-Match'], person: headers['X-Person'], body: body && JSON.parse(body) });
            const answer = answers.shift();
            if (answer === undefined || answer === 'offline') throw new TypeError('no network');
            return { ok: answer.status < 400, status: answer.status, headers: new Headers(), text: async () => JSON.stringify(answer.body ?? {}) };
        };
        const settle = async () => { for (let i = 0; i < 20; i++) await Promise.resolve(); };
        const pass = async () => { const due = [...timers.values()]; timers = new Map(); for (const { run } of due) run(); await settle(); };
        const { JobSession, setPerson, hasEnded } = await load('../../tests/Support/jobSession.ts');
        setPerson(7);
        const kept = (more = {}) => ({ id: 'j', revision: 1, author: '', savedAt: 'then', document: { name: 'a' }, archived: false, undo: [], redo: [], ...more });
        const open = (mayChange = true, more) => { const one = new JobSession('j', kept(more), mayChange); one.begin(); return one; };
        const refuse = (...fields) => answers.push({ status: 422, body: { faults: fields.map((field) => ({ field, message: `${field} is wrong` })) } });
        const state = (session) => session.current().state;
        const named = (name) => (d) => ({ ...d, name });
        const saved = (revision) => answers.push({ status: 200, body: { revision, savedAt: `at ${revision}` } });

        JS;

    public function test_several_changes_are_saved_once_on_the_revision_they_were_made_on(): void
    {
        $this->plays(<<<'JS'
            const session = open();
            session.edit(named('b')); session.edit(named('c'));
            assert.equal(session.current().state, 'saving');
            assert.equal(timers.size, 1, 'a pause is waited for');
            saved(2); await pass();
            assert.deepEqual(sent.map((s) => [s.method, s.path, s.match, s.body.name]), [['PUT', '/api/jobs/j', '"1"', 'c']]);
            assert.deepEqual([session.current().state, session.current().revision, session.current().savedAt], ['saved', 2, 'at 2']);
            assert.equal(store.size, 0, 'what is saved is not kept a second time');
            JS);
    }

    public function test_a_change_that_changes_nothing_is_none(): void
    {
        $this->plays(<<<'JS'
            const session = open();
            session.edit((d) => d);
            assert.deepEqual([timers.size, session.current().canUndo], [0, false]);
            const reading = open(false);
            reading.edit(named('b')); reading.undo();
            assert.deepEqual([reading.current().document.name, reading.current().state], ['a', 'read-only']);
            JS);
    }

    public function test_undo_and_redo_are_changes_like_any_other(): void
    {
        $this->plays(<<<'JS'
            const session = open();
            session.edit(named('b')); session.edit(named('c'));
            session.undo();
            assert.deepEqual([session.current().document.name, session.current().canRedo], ['b', true]);
            session.undo(); session.redo();
            assert.equal(session.current().document.name, 'b');
            saved(2); await pass();
            assert.equal(sent[0].body.name, 'b');
            session.edit(named('d'));
            assert.equal(session.current().canRedo, false, 'a new change leaves what was undone behind');
            session.undo(); session.undo(); session.undo();
            assert.deepEqual([session.current().document.name, session.current().canUndo], ['a', false]);
            JS);
    }

    public function test_two_hundred_steps_can_be_taken_back_and_no_more(): void
    {
        $this->plays(<<<'JS'
            const session = open();
            for (let i = 0; i < 250; i++) session.edit(named(`n${i}`));
            let steps = 0;
            while (session.current().canUndo) { session.undo(); steps++; }
            assert.deepEqual([steps, session.current().document.name], [200, 'n49']);
            JS);
    }

    public function test_without_a_connection_it_is_tried_again_and_kept_here_meanwhile(): void
    {
        $this->plays(<<<'JS'
            const session = open();
            session.edit(named('b'));
            answers.push('offline'); await pass();
            assert.equal(session.current().state, 'offline');
            assert.deepEqual(JSON.parse(store.get('imbrex.unsaved.7.j')), { base: 1, document: { name: 'b' } });
            session.edit(named('c'));
            answers.push({ status: 503 }); await pass();
            assert.equal(session.current().state, 'offline', 'a server that fails is no connection');
            saved(2); await pass();
            assert.deepEqual([session.current().state, sent.at(-1).body.name], ['saved', 'c']);
            JS);
    }

    public function test_a_session_that_ended_keeps_the_change_until_its_owner_is_back(): void
    {
        $this->plays(<<<'JS'
            const session = open();
            session.edit(named('b'));
            answers.push({ status: 401 }); await pass();
            assert.deepEqual([state(session), hasEnded(), timers.size], ['signed-out', true, 0], 'nobody knocks again by itself');
            assert.equal(JSON.parse(store.get('imbrex.unsaved.7.j')).document.name, 'b');
            // Somebody else sees nothing of it.
            setPerson(8);
            assert.equal(open().current().document.name, 'a');
            setPerson(7);
            assert.equal(hasEnded(), false);
            saved(2); session.resume(); await settle();
            assert.deepEqual([state(session), sent.at(-1).body.name, store.size], ['saved', 'b', 0]);
            JS);
    }

    public function test_a_page_older_than_its_session_asks_for_a_new_token_once(): void
    {
        $this->plays(<<<'JS'
            const session = open();
            session.edit(named('b'));
            answers.push({ status: 419 }, { status: 200 }); saved(2); await pass();
            assert.deepEqual([state(session), sent.map((s) => s.path)], ['saved', ['/api/jobs/j', '/api/session', '/api/jobs/j']]);
            JS);
    }

    public function test_what_can_be_mended_by_nobody_here_is_told_and_kept(): void
    {
        $this->plays(<<<'JS'
            for (const status of [403, 404]) {
                const session = open();
                session.edit(named('b'));
                answers.push({ status, body: { message: 'no' } }); await pass();
                assert.deepEqual([state(session), session.current().refused], ['failed', []]);
                assert.equal(JSON.parse(store.get('imbrex.unsaved.7.j')).document.name, 'b');
                store.clear();
            }
            JS);
    }

    public function test_what_had_come_through_before_the_page_was_gone_is_known_as_saved(): void
    {
        $this->plays(<<<'JS'
            store.set('imbrex.unsaved.7.j', JSON.stringify({ base: 1, document: { name: 'left' } }));
            const session = open(true, { revision: 2, document: { name: 'left' } });
            await pass();
            assert.deepEqual([state(session), session.current().revision, sent.length, store.size], ['saved', 2, 0, 0]);
            session.edit(named('b')); saved(3); await pass();
            assert.equal(sent[0].match, '"2"', 'and the next change is made on it');
            JS);
    }

    public function test_what_is_taken_up_on_an_older_revision_is_sent_as_made_on_that(): void
    {
        $this->plays(<<<'JS'
            store.set('imbrex.unsaved.7.j', JSON.stringify({ base: 1, document: { name: 'left' } }));
            const session = open(true, { revision: 3, document: { name: 'theirs' } });
            session.edit(named('left a bit'));
            assert.equal(JSON.parse(store.get('imbrex.unsaved.7.j')).base, 1);
            answers.push({ status: 409, body: { theirs: { revision: 3, document: { name: 'theirs' }, savedAt: 'then' } } }); await pass();
            assert.deepEqual([state(session), sent[0].match], ['stale', '"1"']);
            saved(4); await session.settle(true); await settle();
            assert.deepEqual([state(session), sent[1].match, session.current().revision], ['saved', '"3"', 4]);
            JS);
    }

    public function test_a_page_closed_too_early_takes_its_change_up_again(): void
    {
        $this->plays(<<<'JS'
            store.set('imbrex.unsaved.7.j', JSON.stringify({ base: 1, document: { name: 'left' } }));
            const session = open();
            assert.deepEqual([session.current().document.name, session.current().state, session.current().canUndo], ['left', 'saving', true]);
            // One that is put together and thrown away, as the screens do while they wait for something, saves nothing.
            const thrownAway = new JobSession('j', kept(), true);
            assert.deepEqual([thrownAway.current().document.name, timers.size], ['left', 1]);
            saved(2); await pass();
            assert.deepEqual([sent.length, sent[0].body.name, sent[0].match, store.size], [1, 'left', '"1"', 0]);
            session.undo();
            assert.equal(session.current().document.name, 'a');
            store.set('imbrex.unsaved.7.j', 'no json');
            assert.equal(open().current().document.name, 'a', 'what cannot be read is left');
            JS);
    }

    public function test_what_is_refused_stays_with_its_reason_until_it_is_mended(): void
    {
        $this->plays(<<<'JS'
            const session = open();
            session.edit(named('bad'));
            refuse('name'); await pass();
            assert.deepEqual([state(session), session.current().document.name, session.current().refused], ['refused', 'bad', [{ field: 'name', message: 'name is wrong', place: [{ field: 'name' }] }]]);
            assert.equal(store.size, 1, 'it is kept here until it is mended');
            session.edit(named('good')); saved(2); await pass();
            assert.deepEqual([state(session), session.current().refused, store.size], ['saved', [], 0]);
            JS);
    }

    public function test_what_is_refused_keeps_nothing_else_from_being_saved(): void
    {
        $this->plays(<<<'JS'
            const r = (id, value) => ({ id, value });
            const doc = (...readings) => ({ name: 'a', rules: { 'order.extra': 2 }, roof: { planes: [{ id: 'P0' }, { id: 'P1', readings }] } });
            const session = open(true, { document: doc(r('r1', 1)) });
            session.edit(() => doc(r('r1', 1), r('r2', -9), r('r3', 3)));
            refuse('roof.planes[1].readings[1].value'); saved(2); await pass();
            assert.deepEqual(sent[1].body, doc(r('r1', 1), r('r3', 3)), 'all the rest is sent');
            assert.deepEqual([state(session), session.current().revision, session.current().refused.length], ['refused', 2, 1]);
            assert.deepEqual(session.current().document, doc(r('r1', 1), r('r2', -9), r('r3', 3)), 'and it stays on the screen');

            // Good edits behind it are saved, each on the plan before.
            session.edit((d) => ({ ...d, rules: { 'order.extra': 4 } }));
            refuse('roof.planes[1].readings[1].value'); saved(3); await pass();
            assert.deepEqual([sent[3].match, sent[3].body.rules, sent[3].body.roof], ['"2"', { 'order.extra': 4 }, doc(r('r1', 1), r('r3', 3)).roof]);

            // Of one that was saved before, only the field goes back; names with dots are found.
            session.edit((d) => ({ ...d, name: 'b', rules: { 'order.extra': -1 } }));
            refuse('roof.planes[1].readings[1].value', 'rules.order.extra'); saved(4); await pass();
            assert.deepEqual([sent[5].body.name, sent[5].body.rules], ['b', { 'order.extra': 4 }]);

            // One is taken back by itself, and the other stays.
            session.takeBack(session.current().refused.find((one) => one.field === 'rules.order.extra'));
            refuse('roof.planes[1].readings[1].value'); await pass();
            assert.deepEqual([session.current().document.rules, session.current().refused.map((one) => one.field)], [{ 'order.extra': 4 }, ['roof.planes[1].readings[1].value']]);
            assert.equal(sent.length, 7, 'nothing else was left to save');
            session.takeBack(session.current().refused[0]); await pass();
            assert.deepEqual([state(session), session.current().document, store.size], ['saved', { ...doc(r('r1', 1), r('r3', 3)), name: 'b', rules: { 'order.extra': 4 } }, 0]);
            JS);
    }

    public function test_a_fault_behind_a_fault_is_found_and_one_that_cannot_be_found_holds_all_back(): void
    {
        $this->plays(<<<'JS'
            const session = open(true, { document: { name: 'a', roof: {} } });
            session.edit((d) => ({ ...d, name: 'b', openings: [{ id: 'o1' }, { id: 'o2' }], roof: { checks: [1, 2] } }));
            refuse('openings[0].width'); refuse('roof.checks[1]'); saved(2); await pass();
            assert.deepEqual(sent[2].body, { name: 'b', openings: [{ id: 'o2' }], roof: {} });
            assert.deepEqual(session.current().refused.map((one) => one.field), ['openings[0].width', 'roof.checks[1]']);

            const lost = open();
            lost.edit(named('b'));
            refuse('document'); await pass();
            assert.deepEqual([state(lost), lost.current().saved.name, lost.current().document.name], ['refused', 'a', 'b']);
            JS);
    }

    public function test_a_page_opened_anew_takes_back_what_was_done_before_it(): void
    {
        $this->plays(<<<'JS'
            const session = open(true, { undo: [3, 5], redo: [9], revision: 7 });
            assert.deepEqual([session.current().canUndo, session.current().canRedo], [true, true]);
            answers.push({ status: 200, body: { number: 5, document: { name: 'five' } } });
            session.undo(); session.undo(); await settle();
            assert.deepEqual([sent[0].path, session.current().document.name], ['/api/jobs/j/revisions/5', 'five']);
            saved(8); await pass();
            assert.deepEqual([sent[1].path, sent[1].body.name, sent.length], ['/api/jobs/j?turn=undo', 'five', 2]);
            session.redo(); saved(9); await pass();
            assert.deepEqual([sent[2].path, sent[2].body.name], ['/api/jobs/j?turn=redo', 'a']);
            session.edit(named('new')); session.undo(); saved(10); await pass();
            assert.equal(sent[3]?.path, undefined, 'what never was saved needs no telling');
            answers.length = 0; answers.push('offline');
            session.undo(); await settle();
            answers.push('offline'); session.undo(); await settle();
            assert.deepEqual([session.current().canUndo, session.current().document.name], [true, 'five'], 'without a connection the step stays');
            JS);
    }

    public function test_two_who_saved_are_told_apart_and_either_may_win(): void
    {
        $this->plays(<<<'JS'
            const theirs = { revision: 5, author: 'Ivo', savedAt: 'now', change: [], document: { name: 'theirs' } };
            const mine = open();
            mine.edit(named('mine'));
            answers.push({ status: 409, body: { theirs } }); await pass();
            assert.deepEqual([mine.current().state, mine.current().theirs.author], ['stale', 'Ivo']);
            mine.edit(named('mine too'));
            assert.equal(timers.size, 0, 'nothing is sent until it is settled');
            saved(6); mine.settle(true); await settle();
            assert.deepEqual([sent.at(-1).match, sent.at(-1).body.name, mine.current().state], ['"5"', 'mine too', 'saved']);

            store.clear();
            const given = open();
            given.edit(named('mine'));
            answers.push({ status: 409, body: { theirs } }); await pass();
            answers.push({ status: 503 }); await given.settle(false);
            assert.equal(state(given), 'stale', 'what cannot be kept is not given up');
            answers.push({ status: 201, body: { number: 6 } }); await given.settle(false);
            assert.deepEqual([sent.at(-1).path, sent.at(-1).match, sent.at(-1).body.name], ['/api/jobs/j/revisions', '"1"', 'mine']);
            assert.deepEqual([given.current().document.name, given.current().revision, given.current().state], ['theirs', 5, 'saved']);
            given.undo();
            assert.equal(given.current().document.name, 'mine', 'what was given up can be taken back');
            JS);
    }

    public function test_a_change_made_while_saving_is_saved_after(): void
    {
        $this->plays(<<<'JS'
            const session = open();
            session.edit(named('b'));
            saved(2); const saving = pass();
            session.edit(named('c'));
            await saving; await settle();
            assert.equal(session.current().state, 'saving');
            saved(3); await pass(); await pass();
            assert.deepEqual([sent.length, sent[1].match, sent[1].body.name, session.current().state], [2, '"2"', 'c', 'saved']);
            JS);
    }

    public function test_an_earlier_plan_is_returned_to_with_what_was_pending_saved_first(): void
    {
        $this->plays(<<<'JS'
            const session = open();
            session.edit(named('b'));
            saved(2); answers.push({ status: 200, body: { revision: 3, document: { name: 'old' } } });
            await session.restore(1); await settle();
            assert.deepEqual(sent.map((s) => s.path), ['/api/jobs/j', '/api/jobs/j/revisions/1/restore']);
            assert.deepEqual([session.current().document.name, session.current().revision], ['old', 3]);
            session.undo();
            assert.equal(session.current().document.name, 'b');
            JS);
    }

    private function plays(string $script): void
    {
        self::assertSame('done', ScreenCode::run(self::STAGE.$script."\ntell('done');"));
    }
}
