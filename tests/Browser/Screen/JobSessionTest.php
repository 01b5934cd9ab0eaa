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
            sent.push({ path, method, match: headers['If-Match'], body: body && JSON.parse(body) });
            const answer = answers.shift();
            if (answer === undefined || answer === 'offline') throw new TypeError('no network');
            return { ok: answer.status < 400, status: answer.status, text: async () => JSON.stringify(answer.body ?? {}) };
        };
        const settle = async () => { for (let i = 0; i < 20; i++) await Promise.resolve(); };
        const pass = async () => { const due = [...timers.values()]; timers = new Map(); for (const { run } of due) run(); await settle(); };
        const { JobSession } = await load('job/JobSession.ts');
        const kept = (document = { name: 'a' }) => ({ id: 'j', revision: 1, author: '', savedAt: 'then', document });
        const open = (mayChange = true, document) => new JobSession('j', kept(document), mayChange);
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
            assert.deepEqual(JSON.parse(store.get('imbrex.unsaved.j')), { base: 1, document: { name: 'b' } });
            session.edit(named('c'));
            answers.push({ status: 503 }); await pass();
            assert.equal(session.current().state, 'offline', 'a server that fails is no connection');
            saved(2); await pass();
            assert.deepEqual([session.current().state, sent.at(-1).body.name], ['saved', 'c']);
            JS);
    }

    public function test_a_page_closed_too_early_takes_its_change_up_again(): void
    {
        $this->plays(<<<'JS'
            store.set('imbrex.unsaved.j', JSON.stringify({ base: 1, document: { name: 'left' } }));
            const session = open();
            assert.deepEqual([session.current().document.name, session.current().state, session.current().canUndo], ['left', 'saving', true]);
            saved(2); await pass();
            assert.deepEqual([sent[0].body.name, sent[0].match, store.size], ['left', '"1"', 0]);
            session.undo();
            assert.equal(session.current().document.name, 'a');
            store.set('imbrex.unsaved.j', 'no json');
            assert.equal(open().current().document.name, 'a', 'what cannot be read is left');
            JS);
    }

    public function test_what_is_refused_stays_with_its_reason_until_it_is_mended(): void
    {
        $this->plays(<<<'JS'
            const session = open();
            session.edit(named('bad'));
            answers.push({ status: 422, body: { faults: [{ field: 'name', message: 'too long' }] } }); await pass();
            assert.deepEqual([session.current().state, session.current().document.name, session.current().faults], ['refused', 'bad', [{ field: 'name', message: 'too long' }]]);
            session.edit(named('good')); saved(2); await pass();
            assert.deepEqual([session.current().state, session.current().faults], ['saved', []]);
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
            given.settle(false);
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
