/** What of a job is not yet saved, kept in this browser for whoever made it: a page closed too soon takes it up again. */
import { thePerson } from '../api/person';
import type { JobDocument } from '../contracts/job';

interface Unsaved {
    /** The revision it was made on. */
    base: number;
    document: JobDocument;
}

const shelf = (job: string): string => `imbrex.unsaved.${thePerson()}.${job}`;

export function keepUnsaved(job: string, unsaved: Unsaved): void {
    try {
        window.localStorage.setItem(shelf(job), JSON.stringify(unsaved));
    } catch {
        // A full or forbidden store only costs this second line of safety.
    }
}

export function forgetUnsaved(job: string): void {
    try {
        window.localStorage.removeItem(shelf(job));
    } catch {
        // As above.
    }
}

export function unsavedOf(job: string): Unsaved | null {
    try {
        return JSON.parse(window.localStorage.getItem(shelf(job)) ?? 'null') as Unsaved | null;
    } catch {
        return null;
    }
}

/** Whether anything of the person who is signed in waits here to be saved. */
export function hasUnsaved(): boolean {
    try {
        return Object.keys(window.localStorage).some((key) => key.startsWith(shelf('')));
    } catch {
        return false;
    }
}
