import { ApiError, OfflineError, call, type FieldFault } from '../api/client';
import type { JobDocument } from '../contracts/job';
import type { KeptJob, StaleAnswer } from '../api/types';
import { takenBack, withoutRefused, type Refused } from './refusals';
import { forgetUnsaved, keepUnsaved, unsavedOf } from './unsaved';

export type SaveState = 'saved' | 'saving' | 'offline' | 'refused' | 'stale' | 'read-only' | 'signed-out' | 'failed';

export interface SessionView {
    document: JobDocument;
    /** The document as it was last saved. */
    saved: JobDocument;
    revision: number;
    savedAt: string;
    state: SaveState;
    /** What was not taken, each with its place; all the rest is saved. */
    refused: Refused[];
    theirs: StaleAnswer['theirs'] | null;
    canUndo: boolean;
    canRedo: boolean;
}

/** A state one can go back to: its document, or the number of the revision that has it. */
type Kept = JobDocument | number;
type Turn = 'undo' | 'redo';

const QUIET_MS = 300;
const RETRY_MS = 4000;
const MOST_UNDO = 200;
/** Leaving one fault out may bring another to light, but not for ever. */
const MOST_TRIES = 5;

/**
 * Holds one job's document while it is worked on: edits show at once, every pause saves a revision, undo and redo
 * are changes like any other. What is not yet saved is kept in this browser too, so nothing is lost.
 */
export class JobSession {
    private listeners = new Set<() => void>();
    private past: Kept[];
    private future: Kept[];
    /** What the server is told the pending change is. */
    private turn: Turn | null = null;
    private turning = false;
    /** The revision that what was taken up was made on, until it is settled what becomes of it. */
    private madeOn: number | null = null;
    private timer: number | null = null;
    private running = false;
    private view: SessionView;

    readonly archived: boolean;

    constructor(
        readonly job: string,
        kept: KeptJob,
        readonly mayChange: boolean,
    ) {
        this.archived = kept.archived;
        this.past = [...(kept.undo ?? [])];
        this.future = [...(kept.redo ?? [])];
        this.view = {
            document: kept.document,
            saved: kept.document,
            revision: kept.revision,
            savedAt: kept.savedAt,
            state: mayChange ? 'saved' : 'read-only',
            refused: [],
            theirs: null,
            canUndo: mayChange && this.past.length > 0,
            canRedo: mayChange && this.future.length > 0,
        };
        this.takeUpUnsaved();
    }

    subscribe = (listener: () => void): (() => void) => {
        this.listeners.add(listener);
        return () => this.listeners.delete(listener);
    };

    current = (): SessionView => this.view;

    /** Begins to save what was taken up. Not before it is on the screen: one that is put together and thrown away saves nothing. */
    begin(): void {
        if (this.view.state === 'saving' && this.timer === null) this.later(QUIET_MS);
    }

    /** Changes the document; the change must not touch the one given. */
    edit(change: (document: JobDocument) => JobDocument): void {
        if (!this.mayChange) return;
        const next = change(this.view.document);
        if (next === this.view.document) return;
        this.past = [...this.past, this.view.document].slice(-MOST_UNDO);
        this.future = [];
        this.put(next, null);
    }

    undo(): void {
        void this.take('undo', this.past, this.future);
    }

    redo(): void {
        void this.take('redo', this.future, this.past);
    }

    /** Takes back one thing that was refused, and nothing else. */
    takeBack(refused: Refused): void {
        this.edit((document) => takenBack(document, this.view.saved, refused.place));
    }

    /**
     * Settles a stale save. Mine is saved on top of theirs, which stays in the history; or theirs is taken and mine is
     * kept beside the history, to be returned to like any other.
     */
    async settle(mine: boolean): Promise<void> {
        const theirs = this.view.theirs;
        if (!theirs) return;
        if (mine) {
            this.madeOn = null;
            this.show({ saved: theirs.document, revision: theirs.revision, theirs: null, state: 'saving' });
            return this.save();
        }
        try {
            await call('POST', `jobs/${this.job}/revisions`, this.view.document, this.match());
        } catch (error) {
            // Until it is kept, it is not given up.
            if (!isAway(error)) this.failed(error);
            return;
        }
        this.past.push(this.view.document);
        this.takeOver(theirs);
    }

    /** Takes up what somebody else saved, where nothing of one's own is pending. */
    async takeUp(): Promise<void> {
        await this.flush();
        if (this.view.state !== 'saved' && this.view.state !== 'read-only') return;
        this.takeOver(await call<KeptJob>('GET', `jobs/${this.job}`), true);
    }

    async restore(number: number): Promise<void> {
        await this.flush();
        if (this.view.state !== 'saved') return;
        let answer: { revision: number; document: JobDocument };
        try {
            answer = await call('POST', `jobs/${this.job}/revisions/${number}/restore`, undefined, this.match());
        } catch (error) {
            return this.failed(error);
        }
        this.past.push(this.view.document);
        this.future = [];
        const savedAt = new Date().toISOString();
        this.show({ document: answer.document, saved: answer.document, revision: answer.revision, savedAt });
    }

    /** Saves what is pending now. */
    async flush(): Promise<void> {
        if (this.timer !== null) await this.save();
    }

    close(): void {
        if (this.timer !== null) void this.save();
    }

    /** One step back or forth. A state from before the page was opened is fetched first. */
    private async take(turn: Turn, from: Kept[], onto: Kept[]): Promise<void> {
        if (!this.mayChange || this.turning || from.length === 0) return;
        let state = from[from.length - 1];
        if (typeof state === 'number') {
            this.turning = true;
            try {
                await this.flush();
                state = (await call<{ document: JobDocument }>('GET', `jobs/${this.job}/revisions/${state}`)).document;
            } catch (error) {
                if (!isAway(error)) throw error;
                return;
            } finally {
                this.turning = false;
            }
        }
        from.pop();
        onto.push(this.view.document);
        this.put(state, turn);
    }

    private put(document: JobDocument, turn: Turn | null): void {
        const pending = this.timer !== null || this.running || this.view.state !== 'saved';
        this.turn = !pending || this.turn === turn ? turn : null;
        keepUnsaved(this.job, { base: this.base(), document });
        this.show({ document, state: this.view.state === 'stale' ? 'stale' : 'saving' });
        if (this.view.state !== 'stale') this.later(QUIET_MS);
    }

    private later(milliseconds: number): void {
        if (this.timer !== null) window.clearTimeout(this.timer);
        this.timer = window.setTimeout(() => void this.save(), milliseconds);
    }

    private async save(): Promise<void> {
        if (this.timer !== null) window.clearTimeout(this.timer);
        this.timer = null;
        if (this.running) return this.later(50);
        if (isSame(this.view.document, this.view.saved)) {
            this.madeOn = null;
            forgetUnsaved(this.job);
            return this.show({ state: 'saved', refused: [] });
        }
        this.running = true;
        try {
            await this.send(this.view.document);
        } catch (error) {
            this.failed(error);
        } finally {
            this.running = false;
        }
    }

    /** Sends the document; where something in it is refused, all but that. */
    private async send(whole: JobDocument): Promise<void> {
        let document = whole;
        let refused: Refused[] = [];
        for (let tries = 1; document !== this.view.saved; tries++) {
            try {
                const query = this.turn && refused.length === 0 ? `?turn=${this.turn}` : '';
                const answer = await call<{ revision: number; savedAt: string }>(
                    'PUT',
                    `jobs/${this.job}${query}`,
                    document,
                    this.match(),
                );
                this.madeOn = null;
                this.show({ saved: document, revision: answer.revision, savedAt: answer.savedAt });
                break;
            } catch (error) {
                if (!(error instanceof ApiError) || error.status !== 422 || error.faults.length === 0) throw error;
                const left = withoutRefused(document, this.view.saved, error.faults);
                refused = [...refused, ...left.refused];
                const stuck = left.document === document || tries >= MOST_TRIES;
                document = stuck || isSame(left.document, this.view.saved) ? this.view.saved : left.document;
            }
        }
        this.sent(whole, refused);
    }

    private sent(whole: JobDocument, refused: Refused[]): void {
        const unchanged = this.view.document === whole;
        if (unchanged) this.turn = null;
        if (unchanged && refused.length === 0) forgetUnsaved(this.job);
        // What is left to mend is made on the revision just saved.
        else keepUnsaved(this.job, { base: this.base(), document: this.view.document });
        this.show({ refused, state: !unchanged ? 'saving' : refused.length > 0 ? 'refused' : 'saved' });
    }

    /** Goes on where the session had ended. */
    resume(): void {
        if (this.view.state === 'signed-out') void this.save();
    }

    private failed(error: unknown): void {
        if (error instanceof ApiError && error.status === 401) {
            this.show({ state: 'signed-out' });
        } else if (isAway(error)) {
            this.show({ state: 'offline' });
            this.later(RETRY_MS);
        } else if (error instanceof ApiError && error.status === 409) {
            this.show({ state: 'stale', theirs: (error.body as StaleAnswer).theirs });
        } else if (error instanceof ApiError) {
            const faults: FieldFault[] = error.faults;
            // Nothing to mend in it: the job is gone, or one may not change it any more.
            if (faults.length === 0) return this.show({ state: 'failed', refused: [] });
            this.show({ state: 'refused', refused: faults.map((fault) => ({ ...fault, place: [] })) });
        } else {
            throw error;
        }
    }

    private takeOver(
        newer: Pick<KeptJob, 'document' | 'revision' | 'savedAt'> & Partial<KeptJob>,
        history = false,
    ): void {
        this.madeOn = null;
        forgetUnsaved(this.job);
        if (history) [this.past, this.future] = [[...(newer.undo ?? [])], [...(newer.redo ?? [])]];
        this.show({
            document: newer.document,
            saved: newer.document,
            revision: newer.revision,
            savedAt: newer.savedAt,
            theirs: null,
            state: this.mayChange ? 'saved' : 'read-only',
            refused: [],
        });
    }

    private base = (): number => this.madeOn ?? this.view.revision;

    private match(): Record<string, string> {
        return { 'If-Match': `"${this.base()}"` };
    }

    private show(change: Partial<SessionView>): void {
        this.view = {
            ...this.view,
            ...change,
            canUndo: this.past.length > 0 && this.mayChange,
            canRedo: this.future.length > 0 && this.mayChange,
        };
        this.listeners.forEach((listener) => listener());
    }

    private takeUpUnsaved(): void {
        const kept = this.mayChange ? unsavedOf(this.job) : null;
        if (!kept) return;
        this.past.push(this.view.document);
        // An older base makes the server answer with both versions, and the person decides.
        this.madeOn = kept.base;
        this.view = { ...this.view, document: kept.document, state: 'saving', canUndo: true };
    }
}

const isAway = (error: unknown): boolean =>
    error instanceof OfflineError || (error instanceof ApiError && (error.status >= 500 || error.status === 429));

const isSame = (one: JobDocument, other: JobDocument): boolean =>
    one === other || JSON.stringify(one) === JSON.stringify(other);
