import { ApiError, OfflineError, call } from '../api/client';
import { happened, type Fact, type Telling } from './facts';
import { forgetUntold, keepUntold, untoldOf } from './unsaved';

export interface FactsView {
    /** What this page has told, and what it took up, as long as the plan on the screen may not know of it. */
    told: Fact[];
    /** How many of them have not arrived. */
    waiting: number;
    state: 'told' | 'telling' | 'offline' | 'signed-out' | 'failed';
    /** What was not taken, in words; gone from what was told. */
    refused: string[];
    /** Number of the newest fact there is, as far as is known. */
    newest: number;
}

const RETRY_MS = 4000;
/** As many as one answer takes. */
const AT_ONCE = 500;

/**
 * Tells what happens on a roof: shown at once, sent in the order it was told, kept in this browser until it has arrived.
 * Told twice it is the same, so whatever got no answer is sent again.
 */
export class FactSession {
    private listeners = new Set<() => void>();
    private untold: Fact[];
    private running = false;
    private timer: number | null = null;
    private view: FactsView;

    /** @param onNews called where a plan knows of more than before; keeps its promise once what is on the screen knows it, too */
    constructor(
        readonly job: string,
        newest: number,
        readonly mayTell: boolean,
        private readonly onNews: () => Promise<unknown> = () => Promise.resolve(),
    ) {
        this.untold = mayTell ? untoldOf(job) : [];
        this.view = { told: [...this.untold], waiting: this.untold.length, state: 'told', refused: [], newest };
        if (this.untold.length > 0) this.view.state = 'telling';
    }

    subscribe = (listener: () => void): (() => void) => {
        this.listeners.add(listener);
        return () => this.listeners.delete(listener);
    };

    current = (): FactsView => this.view;

    /** Sends what was taken up. Not before it is on the screen. */
    begin(): void {
        if (this.untold.length > 0) void this.send();
    }

    tell(...what: Telling[]): void {
        if (!this.mayTell || what.length === 0) return;
        const facts = what.map((one) => happened(one));
        this.untold = [...this.untold, ...facts];
        keepUntold(this.job, facts);
        this.show({ told: [...this.view.told, ...facts], state: 'telling', refused: [] });
        void this.send();
    }

    /** Somebody told more: what is shown is asked for anew. */
    heard(newest: number): void {
        if (newest <= this.view.newest) return;
        this.news(newest);
    }

    private news(newest: number): void {
        this.show({ newest: Math.max(newest, this.view.newest) });
        const arrived = this.view.told.filter((fact) => !this.untold.includes(fact));
        // What others make of it since counts, not what was said here.
        this.onNews().then(
            () => this.show({ told: this.view.told.filter((fact) => !arrived.includes(fact)) }),
            // The connection went: shown as it was told until there is one.
            () => undefined,
        );
    }

    /** Goes on where the session had ended. */
    resume(): void {
        if (this.view.state === 'signed-out') void this.send();
    }

    close(): void {
        if (this.timer !== null) window.clearTimeout(this.timer);
    }

    private async send(): Promise<void> {
        if (this.timer !== null) window.clearTimeout(this.timer);
        this.timer = null;
        if (this.running || this.untold.length === 0) return;
        this.running = true;
        const facts = this.untold.slice(0, AT_ONCE);
        try {
            const answer = await call<{ newest: number }>('POST', `jobs/${this.job}/facts`, { facts });
            this.arrived(facts);
            this.news(answer.newest);
        } catch (error) {
            this.failed(error, facts);
        } finally {
            this.running = false;
        }
        if (this.untold.length > 0 && this.view.state === 'telling') void this.send();
    }

    private arrived(facts: Fact[]): void {
        const gone = new Set(facts.map((fact) => fact.id));
        this.untold = this.untold.filter((fact) => !gone.has(fact.id));
        forgetUntold(this.job, gone);
        this.show({ state: this.untold.length > 0 ? 'telling' : 'told' });
    }

    private failed(error: unknown, facts: Fact[]): void {
        if (error instanceof ApiError && error.status === 401) {
            this.show({ state: 'signed-out' });
        } else if (error instanceof ApiError && error.status === 422 && error.faults.length > 0) {
            this.refuse(facts, error);
        } else if (error instanceof ApiError && error.status < 500 && error.status !== 429) {
            // The job is gone or put away: kept here, in case it comes back.
            this.show({ state: 'failed' });
        } else if (error instanceof OfflineError || error instanceof ApiError) {
            this.show({ state: 'offline' });
            this.timer = window.setTimeout(() => void this.send(), RETRY_MS);
        } else {
            throw error;
        }
    }

    /** Those that make no sense are taken back and said; the rest is sent again. */
    private refuse(facts: Fact[], error: ApiError): void {
        const bad = new Set(
            error.faults.map((fault) => Number(/^facts\[(\d+)\]/.exec(fault.field)?.[1] ?? Number.NaN)),
        );
        const out = facts.filter((_, i) => bad.has(i));
        // Nothing is named by itself: what was told together goes together.
        const gone = new Set((out.length > 0 ? out : facts).map((fact) => fact.id));
        this.arrived(facts.filter((fact) => gone.has(fact.id)));
        this.show({
            told: this.view.told.filter((fact) => !gone.has(fact.id)),
            refused: [...new Set(error.faults.map((fault) => fault.message))],
        });
    }

    private show(change: Partial<FactsView>): void {
        this.view = { ...this.view, ...change, waiting: this.untold.length };
        this.listeners.forEach((listener) => listener());
    }
}
