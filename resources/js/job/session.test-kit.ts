import { beforeEach } from 'node:test';
import type { KeptJob } from '../api/types';
import { setPerson } from '../api/person';
import type { JobDocument } from '../contracts/job';
import { JobSession } from './JobSession';

/** For tests of a session: a server that answers what it is told to, a store, and a clock that is wound by hand. */
interface Sent {
    path: string;
    method: string;
    match: string | undefined;
    person: string | undefined;
    body: unknown;
}

type Answer = 'offline' | { status: number; body?: unknown };

export const sent: Sent[] = [];
export const answers: Answer[] = [];
export const store = new Map<string, string>();
export const timers = new Map<number, { run: () => void; ms: number }>();
let next = 1;

const stage = {
    window: {
        setTimeout: (run: () => void, ms: number) => {
            timers.set(next, { run, ms });
            return next++;
        },
        clearTimeout: (id: number) => timers.delete(id),
        localStorage: {
            getItem: (key: string) => store.get(key) ?? null,
            setItem: (key: string, value: string) => store.set(key, value),
            removeItem: (key: string) => store.delete(key),
        },
    },
    document: { cookie: 'XSRF-TOKEN=t' },
    fetch: async (
        path: string,
        { method, headers, body }: { method: string; headers: Record<string, string>; body?: string },
    ) => {
        sent.push({
            path,
            method,
            match: headers['If-Match'],
            person: headers['X-Person'],
            body: body === undefined ? undefined : JSON.parse(body),
        });
        const answer = answers.shift();
        if (answer === undefined || answer === 'offline') {
            throw new TypeError('no network');
        }
        return {
            ok: answer.status < 400,
            status: answer.status,
            headers: new Headers(),
            text: async () => JSON.stringify(answer.body ?? {}),
        };
    },
};
Object.assign(globalThis, stage);

beforeEach(() => {
    sent.length = 0;
    answers.length = 0;
    store.clear();
    timers.clear();
    setPerson(7);
});

export const settle = async () => {
    for (let i = 0; i < 20; i++) {
        await Promise.resolve();
    }
};

export const pass = async () => {
    const due = [...timers.values()];
    timers.clear();
    due.forEach(({ run }) => run());
    await settle();
};

/** A document with what a test has to do with, and no more. */
export const doc = (some: object): JobDocument => some as JobDocument;

export const kept = (more: object = {}): KeptJob =>
    ({
        id: 'j',
        revision: 1,
        author: '',
        savedAt: 'then',
        document: { name: 'a' },
        archived: false,
        undo: [],
        redo: [],
        ...more,
    }) as unknown as KeptJob;

export const open = (mayChange = true, more: object = {}) => {
    const session = new JobSession('j', kept(more), mayChange);
    session.begin();
    return session;
};

export const refuse = (...fields: string[]) =>
    answers.push({ status: 422, body: { faults: fields.map((field) => ({ field, message: `${field} is wrong` })) } });

export const saved = (revision: number) => answers.push({ status: 200, body: { revision, savedAt: `at ${revision}` } });

export const state = (session: JobSession) => session.current().state;

export const named =
    (name: string) =>
    (document: JobDocument): JobDocument => ({ ...document, name });

/** What is kept here of what could not be saved. */
export const keptHere = () =>
    JSON.parse(store.get('imbrex.unsaved.7.j') ?? 'null') as { base: number; document: JobDocument };

/** What a request said, as far as a test asks. */
export const said = (index: number) => sent.at(index)?.body as { name: string; rules: object; roof: object };
