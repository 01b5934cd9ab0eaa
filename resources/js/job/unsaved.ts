/** What of a job is not yet saved, kept in this browser for whoever made it: a page closed too soon takes it up again. */
import { thePerson } from '../api/person';
import type { JobDocument } from '../contracts/job';
import type { Fact } from './facts';

interface Unsaved {
    /** The revision it was made on. */
    base: number;
    document: JobDocument;
}

type Kind = 'unsaved' | 'untold';

const shelf = (kind: Kind, job: string): string => `imbrex.${kind}.${thePerson()}.${job}`;

/** A full or forbidden store only costs this second line of safety. */
function trying<T>(what: () => T, otherwise: T): T {
    try {
        return what();
    } catch {
        return otherwise;
    }
}

const keep = (kind: Kind, job: string, what: unknown): void =>
    trying(() => window.localStorage.setItem(shelf(kind, job), JSON.stringify(what)), undefined);

const forget = (kind: Kind, job: string): void =>
    trying(() => window.localStorage.removeItem(shelf(kind, job)), undefined);

const kept = <T>(kind: Kind, job: string): T | null =>
    trying(() => JSON.parse(window.localStorage.getItem(shelf(kind, job)) ?? 'null') as T | null, null);

export const keepUnsaved = (job: string, unsaved: Unsaved): void => keep('unsaved', job, unsaved);

export const forgetUnsaved = (job: string): void => forget('unsaved', job);

export const unsavedOf = (job: string): Unsaved | null => kept<Unsaved>('unsaved', job);

/** What happened and has not arrived, whichever page of this browser told it. */
export const untoldOf = (job: string): Fact[] => kept<Fact[]>('untold', job) ?? [];

/** Beside what waits already: another page of the same job may wait, too. */
export function keepUntold(job: string, facts: Fact[]): void {
    const own = new Set(facts.map((fact) => fact.id));
    keep('untold', job, [...untoldOf(job).filter((fact) => !own.has(fact.id)), ...facts]);
}

/** These have arrived, or make no sense; the rest waits on. */
export function forgetUntold(job: string, ids: Set<string>): void {
    const left = untoldOf(job).filter((fact) => !ids.has(fact.id));
    if (left.length === 0) forget('untold', job);
    else keep('untold', job, left);
}

/** Whether anything of the person who is signed in waits here to be saved. */
export const hasUnsaved = (): boolean =>
    trying(
        () =>
            Object.keys(window.localStorage).some(
                (key) => key.startsWith(shelf('unsaved', '')) || key.startsWith(shelf('untold', '')),
            ),
        false,
    );
