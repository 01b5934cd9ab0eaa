import assert from 'node:assert/strict';
import test from 'node:test';
import { hasEnded, setPerson } from '../api/person';
import { JobSession } from './JobSession';
import {
    answers,
    doc as some,
    kept,
    keptHere,
    named,
    open,
    pass,
    refuse,
    said,
    saved,
    sent,
    settle,
    state,
    store,
    timers,
} from './session.test-kit';

// How one job is held while it is worked on: nothing is lost, whatever the server and the connection do.

test('several changes are saved once on the revision they were made on', async () => {
    const session = open();
    session.edit(named('b'));
    session.edit(named('c'));
    assert.equal(session.current().state, 'saving');
    assert.equal(timers.size, 1, 'a pause is waited for');
    saved(2);
    await pass();
    assert.deepEqual(
        sent.map((s) => [s.method, s.path, s.match, said(sent.indexOf(s)).name]),
        [['PUT', '/api/jobs/j', '"1"', 'c']],
    );
    assert.deepEqual(
        [session.current().state, session.current().revision, session.current().savedAt],
        ['saved', 2, 'at 2'],
    );
    assert.equal(store.size, 0, 'what is saved is not kept a second time');
});

test('a change that changes nothing is none', async () => {
    const session = open();
    session.edit((d) => d);
    assert.deepEqual([timers.size, session.current().canUndo], [0, false]);
    const reading = open(false);
    reading.edit(named('b'));
    reading.undo();
    assert.deepEqual([reading.current().document.name, reading.current().state], ['a', 'read-only']);
});

test('undo and redo are changes like any other', async () => {
    const session = open();
    session.edit(named('b'));
    session.edit(named('c'));
    session.undo();
    assert.deepEqual([session.current().document.name, session.current().canRedo], ['b', true]);
    session.undo();
    session.redo();
    assert.equal(session.current().document.name, 'b');
    saved(2);
    await pass();
    assert.equal(said(0).name, 'b');
    session.edit(named('d'));
    assert.equal(session.current().canRedo, false, 'a new change leaves what was undone behind');
    session.undo();
    session.undo();
    session.undo();
    assert.deepEqual([session.current().document.name, session.current().canUndo], ['a', false]);
});

test('two hundred steps can be taken back and no more', async () => {
    const session = open();
    for (let i = 0; i < 250; i++) session.edit(named(`n${i}`));
    let steps = 0;
    while (session.current().canUndo) {
        session.undo();
        steps++;
    }
    assert.deepEqual([steps, session.current().document.name], [200, 'n49']);
});

test('without a connection it is tried again and kept here meanwhile', async () => {
    const session = open();
    session.edit(named('b'));
    answers.push('offline');
    await pass();
    assert.equal(session.current().state, 'offline');
    assert.deepEqual(keptHere(), { base: 1, document: { name: 'b' } });
    session.edit(named('c'));
    answers.push({ status: 503 });
    await pass();
    assert.equal(session.current().state, 'offline', 'a server that fails is no connection');
    saved(2);
    await pass();
    assert.deepEqual([session.current().state, said(-1).name], ['saved', 'c']);
});

test('a session that ended keeps the change until its owner is back', async () => {
    const session = open();
    session.edit(named('b'));
    answers.push({ status: 401 });
    await pass();
    assert.deepEqual(
        [state(session), hasEnded(), timers.size],
        ['signed-out', true, 0],
        'nobody knocks again by itself',
    );
    assert.equal(keptHere().document.name, 'b');
    // Somebody else sees nothing of it.
    setPerson(8);
    assert.equal(open().current().document.name, 'a');
    setPerson(7);
    assert.equal(hasEnded(), false);
    saved(2);
    session.resume();
    await settle();
    assert.deepEqual([state(session), said(-1).name, store.size], ['saved', 'b', 0]);
});

test('a page older than its session asks for a new token once', async () => {
    const session = open();
    session.edit(named('b'));
    answers.push({ status: 419 }, { status: 200 });
    saved(2);
    await pass();
    assert.deepEqual(
        [state(session), sent.map((s) => s.path)],
        ['saved', ['/api/jobs/j', '/api/session', '/api/jobs/j']],
    );
});

test('what can be mended by nobody here is told and kept', async () => {
    for (const status of [403, 404]) {
        const session = open();
        session.edit(named('b'));
        answers.push({ status, body: { message: 'no' } });
        await pass();
        assert.deepEqual([state(session), session.current().refused], ['failed', []]);
        assert.equal(keptHere().document.name, 'b');
        store.clear();
    }
});

test('what had come through before the page was gone is known as saved', async () => {
    store.set('imbrex.unsaved.7.j', JSON.stringify({ base: 1, document: { name: 'left' } }));
    const session = open(true, { revision: 2, document: { name: 'left' } });
    await pass();
    assert.deepEqual([state(session), session.current().revision, sent.length, store.size], ['saved', 2, 0, 0]);
    session.edit(named('b'));
    saved(3);
    await pass();
    assert.equal(sent[0]?.match, '"2"', 'and the next change is made on it');
});

test('what is taken up on an older revision is sent as made on that', async () => {
    store.set('imbrex.unsaved.7.j', JSON.stringify({ base: 1, document: { name: 'left' } }));
    const session = open(true, { revision: 3, document: { name: 'theirs' } });
    session.edit(named('left a bit'));
    assert.equal(keptHere().base, 1);
    answers.push({ status: 409, body: { theirs: { revision: 3, document: { name: 'theirs' }, savedAt: 'then' } } });
    await pass();
    assert.deepEqual([state(session), sent[0]?.match], ['stale', '"1"']);
    saved(4);
    await session.settle(true);
    await settle();
    assert.deepEqual([state(session), sent[1]?.match, session.current().revision], ['saved', '"3"', 4]);
});

test('a page closed too early takes its change up again', async () => {
    store.set('imbrex.unsaved.7.j', JSON.stringify({ base: 1, document: { name: 'left' } }));
    const session = open();
    assert.deepEqual(
        [session.current().document.name, session.current().state, session.current().canUndo],
        ['left', 'saving', true],
    );
    // One that is put together and thrown away, as the screens do while they wait for something, saves nothing.
    const thrownAway = new JobSession('j', kept(), true);
    assert.deepEqual([thrownAway.current().document.name, timers.size], ['left', 1]);
    saved(2);
    await pass();
    assert.deepEqual([sent.length, said(0).name, sent[0]?.match, store.size], [1, 'left', '"1"', 0]);
    session.undo();
    assert.equal(session.current().document.name, 'a');
    store.set('imbrex.unsaved.7.j', 'no json');
    assert.equal(open().current().document.name, 'a', 'what cannot be read is left');
});

test('what is refused stays with its reason until it is mended', async () => {
    const session = open();
    session.edit(named('bad'));
    refuse('name');
    await pass();
    assert.deepEqual(
        [state(session), session.current().document.name, session.current().refused],
        ['refused', 'bad', [{ field: 'name', message: 'name is wrong', place: [{ field: 'name' }] }]],
    );
    assert.equal(store.size, 1, 'it is kept here until it is mended');
    session.edit(named('good'));
    saved(2);
    await pass();
    assert.deepEqual([state(session), session.current().refused, store.size], ['saved', [], 0]);
});

test('what is refused keeps nothing else from being saved', async () => {
    const r = (id: string, value: number) => ({ id, value });
    const doc = (...readings: object[]) =>
        some({ name: 'a', rules: { 'order.extra': 2 }, roof: { planes: [{ id: 'P0' }, { id: 'P1', readings }] } });
    const session = open(true, { document: doc(r('r1', 1)) });
    session.edit(() => doc(r('r1', 1), r('r2', -9), r('r3', 3)));
    refuse('roof.planes[1].readings[1].value');
    saved(2);
    await pass();
    assert.deepEqual(sent[1]?.body, doc(r('r1', 1), r('r3', 3)), 'all the rest is sent');
    assert.deepEqual([state(session), session.current().revision, session.current().refused.length], ['refused', 2, 1]);
    assert.deepEqual(
        session.current().document,
        doc(r('r1', 1), r('r2', -9), r('r3', 3)),
        'and it stays on the screen',
    );

    // Good edits behind it are saved, each on the plan before.
    session.edit((d) => ({ ...d, rules: { 'order.extra': 4 } }));
    refuse('roof.planes[1].readings[1].value');
    saved(3);
    await pass();
    assert.deepEqual(
        [sent[3]?.match, said(3).rules, said(3).roof],
        ['"2"', { 'order.extra': 4 }, doc(r('r1', 1), r('r3', 3)).roof],
    );

    // Of one that was saved before, only the field goes back; names with dots are found.
    session.edit((d) => ({ ...d, name: 'b', rules: { 'order.extra': -1 } }));
    refuse('roof.planes[1].readings[1].value', 'rules.order.extra');
    saved(4);
    await pass();
    assert.deepEqual([said(5).name, said(5).rules], ['b', { 'order.extra': 4 }]);

    // One is taken back by itself, and the other stays.
    session.takeBack(session.current().refused.find((one) => one.field === 'rules.order.extra'));
    refuse('roof.planes[1].readings[1].value');
    await pass();
    assert.deepEqual(
        [session.current().document.rules, session.current().refused.map((one) => one.field)],
        [{ 'order.extra': 4 }, ['roof.planes[1].readings[1].value']],
    );
    assert.equal(sent.length, 7, 'nothing else was left to save');
    session.takeBack(session.current().refused[0]);
    await pass();
    assert.deepEqual(
        [state(session), session.current().document, store.size],
        ['saved', { ...doc(r('r1', 1), r('r3', 3)), name: 'b', rules: { 'order.extra': 4 } }, 0],
    );
});

test('a fault behind a fault is found and one that cannot be found holds all back', async () => {
    const session = open(true, { document: { name: 'a', roof: {} } });
    session.edit((d) => some({ ...d, name: 'b', openings: [{ id: 'o1' }, { id: 'o2' }], roof: { checks: [1, 2] } }));
    refuse('openings[0].width');
    refuse('roof.checks[1]');
    saved(2);
    await pass();
    assert.deepEqual(sent[2]?.body, { name: 'b', openings: [{ id: 'o2' }], roof: {} });
    assert.deepEqual(
        session.current().refused.map((one) => one.field),
        ['openings[0].width', 'roof.checks[1]'],
    );

    const lost = open();
    lost.edit(named('b'));
    refuse('document');
    await pass();
    assert.deepEqual([state(lost), lost.current().saved.name, lost.current().document.name], ['refused', 'a', 'b']);
});

test('a page opened anew takes back what was done before it', async () => {
    const session = open(true, { undo: [3, 5], redo: [9], revision: 7 });
    assert.deepEqual([session.current().canUndo, session.current().canRedo], [true, true]);
    answers.push({ status: 200, body: { number: 5, document: { name: 'five' } } });
    session.undo();
    session.undo();
    await settle();
    assert.deepEqual([sent[0]?.path, session.current().document.name], ['/api/jobs/j/revisions/5', 'five']);
    saved(8);
    await pass();
    assert.deepEqual([sent[1]?.path, said(1).name, sent.length], ['/api/jobs/j?turn=undo', 'five', 2]);
    session.redo();
    saved(9);
    await pass();
    assert.deepEqual([sent[2]?.path, said(2).name], ['/api/jobs/j?turn=redo', 'a']);
    session.edit(named('new'));
    session.undo();
    saved(10);
    await pass();
    assert.equal(sent[3]?.path, undefined, 'what never was saved needs no telling');
    answers.length = 0;
    answers.push('offline');
    session.undo();
    await settle();
    answers.push('offline');
    session.undo();
    await settle();
    assert.deepEqual(
        [session.current().canUndo, session.current().document.name],
        [true, 'five'],
        'without a connection the step stays',
    );
});

test('two who saved are told apart and either may win', async () => {
    const theirs = { revision: 5, author: 'Ivo', savedAt: 'now', change: [], document: { name: 'theirs' } };
    const mine = open();
    mine.edit(named('mine'));
    answers.push({ status: 409, body: { theirs } });
    await pass();
    assert.deepEqual([mine.current().state, mine.current().theirs.author], ['stale', 'Ivo']);
    mine.edit(named('mine too'));
    assert.equal(timers.size, 0, 'nothing is sent until it is settled');
    saved(6);
    mine.settle(true);
    await settle();
    assert.deepEqual([sent.at(-1)?.match, said(-1).name, mine.current().state], ['"5"', 'mine too', 'saved']);

    store.clear();
    const given = open();
    given.edit(named('mine'));
    answers.push({ status: 409, body: { theirs } });
    await pass();
    answers.push({ status: 503 });
    await given.settle(false);
    assert.equal(state(given), 'stale', 'what cannot be kept is not given up');
    answers.push({ status: 201, body: { number: 6 } });
    await given.settle(false);
    assert.deepEqual([sent.at(-1)?.path, sent.at(-1)?.match, said(-1).name], ['/api/jobs/j/revisions', '"1"', 'mine']);
    assert.deepEqual(
        [given.current().document.name, given.current().revision, given.current().state],
        ['theirs', 5, 'saved'],
    );
    given.undo();
    assert.equal(given.current().document.name, 'mine', 'what was given up can be taken back');
});

test('a change made while saving is saved after', async () => {
    const session = open();
    session.edit(named('b'));
    saved(2);
    const saving = pass();
    session.edit(named('c'));
    await saving;
    await settle();
    assert.equal(session.current().state, 'saving');
    saved(3);
    await pass();
    await pass();
    assert.deepEqual([sent.length, sent[1]?.match, said(1).name, session.current().state], [2, '"2"', 'c', 'saved']);
});

test('an earlier plan is returned to with what was pending saved first', async () => {
    const session = open();
    session.edit(named('b'));
    saved(2);
    answers.push({ status: 200, body: { revision: 3, document: { name: 'old' } } });
    await session.restore(1);
    await settle();
    assert.deepEqual(
        sent.map((s) => s.path),
        ['/api/jobs/j', '/api/jobs/j/revisions/1/restore'],
    );
    assert.deepEqual([session.current().document.name, session.current().revision], ['old', 3]);
    session.undo();
    assert.equal(session.current().document.name, 'b');
});
