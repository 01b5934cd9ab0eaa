import { ApiError, OfflineError, call, type FieldFault } from '../api/client';
import type { JobDocument } from '../contracts/job';
import type { KeptJob, StaleAnswer } from '../api/types';

export type SaveState = 'saved' | 'saving' | 'offline' | 'refused' | 'stale' | 'read-only';

export interface SessionView {
    document: JobDocument;
    revision: number;
    savedAt: string;
    state: SaveState;
    faults: FieldFault[];
    theirs: StaleAnswer['theirs'] | null;
    canUndo: boolean;
    canRedo: boolean;
}

const QUIET_MS = 300;
const RETRY_MS = 4000;
const MOST_UNDO = 200;

/**
 * Holds one job's document while it is worked on: edits show at once, every pause saves a revision, undo and redo
 * are changes like any other. What is not yet saved is kept in this browser too, so nothing is lost.
 */
export class JobSession {
    private listeners = new Set<() => void>();
    private past: JobDocument[] = [];
    private future: JobDocument[] = [];
    private saved: JobDocument;
    private timer: number | null = null;
    private running = false;
    private view: SessionView;

    constructor(
        readonly job: string,
        kept: KeptJob,
        readonly mayChange: boolean,
    ) {
        this.saved = kept.document;
        this.view = {
            document: kept.document,
            revision: kept.revision,
            savedAt: kept.savedAt,
            state: mayChange ? 'saved' : 'read-only',
            faults: [],
            theirs: null,
            canUndo: false,
            canRedo: false,
        };
        this.takeUpUnsaved();
    }

    subscribe = (listener: () => void): (() => void) => {
        this.listeners.add(listener);
        return () => this.listeners.delete(listener);
    };

    current = (): SessionView => this.view;

    /** Changes the document; the change must not touch the one given. */
    edit(change: (document: JobDocument) => JobDocument): void {
        if (!this.mayChange) return;
        const next = change(this.view.document);
        if (next === this.view.document) return;
        this.past = [...this.past, this.view.document].slice(-MOST_UNDO);
        this.future = [];
        this.put(next);
    }

    undo(): void {
        const before = this.past.pop();
        if (!before || !this.mayChange) return;
        this.future.push(this.view.document);
        this.put(before);
    }

    redo(): void {
        const after = this.future.pop();
        if (!after || !this.mayChange) return;
        this.past.push(this.view.document);
        this.put(after);
    }

    /** Settles a stale save: theirs is taken, or mine is saved on top of it. Either way both stay in the history. */
    settle(mine: boolean): void {
        const theirs = this.view.theirs;
        if (!theirs) return;
        if (mine) {
            this.saved = theirs.document;
            this.show({ revision: theirs.revision, theirs: null, state: 'saving' });
            void this.save();
            return;
        }
        this.past.push(this.view.document);
        this.saved = theirs.document;
        this.forget();
        this.show({
            document: theirs.document,
            revision: theirs.revision,
            savedAt: theirs.savedAt,
            theirs: null,
            state: 'saved',
            faults: [],
        });
    }

    async restore(number: number): Promise<void> {
        await this.flush();
        if (this.view.state !== 'saved') return;
        let answer: { revision: number; document: JobDocument };
        try {
            answer = await call('POST', `jobs/${this.job}/revisions/${number}/restore`, undefined, {
                'If-Match': `"${this.view.revision}"`,
            });
        } catch (error) {
            return this.failed(error);
        }
        this.past.push(this.view.document);
        this.saved = answer.document;
        this.show({ document: answer.document, revision: answer.revision, savedAt: new Date().toISOString() });
    }

    /** Saves what is pending now. */
    async flush(): Promise<void> {
        if (this.timer !== null) await this.save();
    }

    close(): void {
        if (this.timer !== null) void this.save();
    }

    private put(document: JobDocument): void {
        this.remember(document);
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
        const sent = this.view.document;
        if (sent === this.saved) {
            this.forget();
            return this.show({ state: 'saved', faults: [] });
        }
        this.running = true;
        try {
            const answer = await call<{ revision: number; savedAt: string }>('PUT', `jobs/${this.job}`, sent, {
                'If-Match': `"${this.view.revision}"`,
            });
            this.saved = sent;
            const unchanged = this.view.document === sent;
            if (unchanged) this.forget();
            this.show({
                revision: answer.revision,
                savedAt: answer.savedAt,
                state: unchanged ? 'saved' : 'saving',
                faults: [],
            });
        } catch (error) {
            this.failed(error);
        } finally {
            this.running = false;
        }
    }

    private failed(error: unknown): void {
        if (error instanceof OfflineError || (error instanceof ApiError && error.status >= 500)) {
            this.show({ state: 'offline' });
            this.later(RETRY_MS);
        } else if (error instanceof ApiError && error.status === 409) {
            this.show({ state: 'stale', theirs: (error.body as StaleAnswer).theirs });
        } else if (error instanceof ApiError) {
            this.show({ state: 'refused', faults: error.faults });
        } else {
            throw error;
        }
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

    private get shelf(): string {
        return `imbrex.unsaved.${this.job}`;
    }

    private remember(document: JobDocument): void {
        try {
            window.localStorage.setItem(this.shelf, JSON.stringify({ base: this.view.revision, document }));
        } catch {
            // A full or forbidden store only costs this second line of safety.
        }
    }

    private forget(): void {
        try {
            window.localStorage.removeItem(this.shelf);
        } catch {
            // As above.
        }
    }

    /** A page closed before its last change was saved: the change is taken up again where it was left. */
    private takeUpUnsaved(): void {
        if (!this.mayChange) return;
        let kept: { base: number; document: JobDocument } | null = null;
        try {
            kept = JSON.parse(window.localStorage.getItem(this.shelf) ?? 'null');
        } catch {
            kept = null;
        }
        if (!kept) return;
        this.past.push(this.view.document);
        // An older base makes the server answer with both versions, and the person decides.
        this.view = { ...this.view, document: kept.document, revision: kept.base, state: 'saving', canUndo: true };
        this.later(QUIET_MS);
    }
}
