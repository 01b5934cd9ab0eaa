import assert from 'node:assert/strict';
import test from 'node:test';
import { FactSession } from './FactSession';
import { corrected, happened, standing } from './facts';
import { answers, sent, settle, store, timers } from './session.test-kit';
import { untoldOf } from './unsaved';

const cut = (panel: string) => ({ kind: 'cut' as const, subject: panel, said: { long: 90, short: 80 } });
const bodies = () => sent.map((one) => (one.body as { facts: { id: string; subject: string }[] }).facts);

test('what happened is shown at once, sent, and forgotten here when it has arrived', async () => {
    let news = 0;
    let shown = () => undefined as void;
    const session = new FactSession('job', 3, true, () => {
        news++;
        return new Promise((done) => (shown = () => done(undefined)));
    });
    answers.push({ status: 200, body: { newest: 4 } });
    session.tell(cut('S-1'));
    assert.deepEqual([session.current().state, session.current().waiting], ['telling', 1]);
    assert.equal(untoldOf('job').length, 1, 'kept here until it has arrived');
    assert.equal(standing(session.current().told, 'cut', 'S-1', []).length, 1);
    await settle();
    assert.deepEqual([session.current().state, session.current().waiting, session.current().newest], ['told', 0, 4]);
    assert.equal(news, 1, 'what is shown is asked for anew, once');
    assert.equal(standing(session.current().told, 'cut', 'S-1', []).length, 1, 'the screen does not know it yet');
    shown();
    await settle();
    assert.deepEqual(session.current().told, [], 'now the plan tells it, and whoever takes it back is heard');
    assert.equal(store.size, 0);
    assert.match(bodies()[0][0].id, /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    session.heard(4);
    assert.equal(news, 1, 'no news');
    session.heard(9);
    assert.equal(news, 2, 'somebody else told something');
});

test('without a signal all of it waits in its order and is told when there is one, the same with the same ids', async () => {
    const session = new FactSession('job', 0, true);
    answers.push('offline');
    session.tell(cut('S-1'));
    await settle();
    session.tell(cut('S-2'), corrected('some-fact'));
    assert.equal(session.current().waiting, 3);
    const ids = untoldOf('job').map((fact) => fact.id);
    // The page is closed and opened again.
    session.close();
    sent.length = 0;
    answers.length = 0;
    answers.push('offline', { status: 200, body: { newest: 7 } });
    const later = new FactSession('job', 0, true);
    assert.equal(standing(later.current().told, 'cut', 'S-2', []).length, 1, 'shown though it has not arrived');
    later.begin();
    await settle();
    assert.equal(later.current().state, 'offline');
    const timer = [...timers.values()].at(-1);
    assert.equal(timer?.ms, 4000);
    timer?.run();
    await settle();
    assert.deepEqual(
        bodies().map((facts) => facts.map((fact) => fact.id)),
        [ids, ids],
    );
    assert.deepEqual([later.current().state, later.current().waiting], ['told', 0]);
    assert.equal(store.size, 0);
});

test('two pages of one job take nothing from each other', async () => {
    const one = new FactSession('job', 0, true);
    answers.push({ status: 200, body: { newest: 1 } }, 'offline');
    one.tell(cut('S-1'));
    // Opened before the first has its answer.
    const other = new FactSession('job', 0, true);
    other.tell(cut('S-2'));
    await settle();
    assert.deepEqual(
        untoldOf('job').map((fact) => fact.subject),
        ['S-2'],
        'what the first has told is gone from here, what the second told waits',
    );
});

test('what makes no sense is taken back and said, the rest is told', async () => {
    const session = new FactSession('job', 0, true);
    const message = 'facts[1].said.long: understood -1; accepted: a number from 0';
    answers.push({ status: 422, body: { faults: [{ field: 'facts[1].said.long', message }] } });
    answers.push({ status: 200, body: { newest: 1 } });
    session.tell(cut('S-1'), cut('S-2'), cut('S-3'));
    await settle();
    assert.deepEqual(
        bodies().map((facts) => facts.map((fact) => fact.subject)),
        [
            ['S-1', 'S-2', 'S-3'],
            ['S-1', 'S-3'],
        ],
    );
    assert.deepEqual(session.current().refused, [message]);
    assert.deepEqual(session.current().told, [], 'nothing refused is shown');
    assert.equal(store.size, 0);
});

test('who is signed out goes on after signing in, and a job put away keeps it here', async () => {
    const session = new FactSession('job', 0, true);
    answers.push({ status: 401 });
    session.tell(cut('S-1'));
    await settle();
    assert.equal(session.current().state, 'signed-out');
    answers.push({ status: 403 });
    session.resume();
    await settle();
    assert.deepEqual([session.current().state, session.current().waiting], ['failed', 1]);
    assert.equal(untoldOf('job').length, 1);
    const reader = new FactSession('other', 0, false);
    reader.tell(cut('S-9'));
    assert.equal(reader.current().waiting, 0, 'who may not tell tells nothing');
});

test('of what a plan knows and what was told since, what was taken back does not stand', () => {
    const one = happened(cut('S-1'));
    const gone = happened(corrected(one.id));
    assert.deepEqual(standing([one], 'cut', 'S-1', ['a']), ['a', one.id]);
    assert.deepEqual(standing([one], 'cut', 'S-1', ['a', one.id]), ['a', one.id], 'told and known is one');
    assert.deepEqual(standing([one, gone], 'cut', 'S-1', ['a']), ['a']);
    assert.deepEqual(standing([one, gone, happened(corrected('a'))], 'cut', 'S-1', ['a']), []);
    assert.deepEqual(standing([happened(corrected('a', { confirmed: true }))], 'cut', 'S-1', ['a']), ['a']);
    assert.deepEqual(standing([one], 'cut', 'S-2', []), []);
});
