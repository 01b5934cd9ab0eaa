/** What was asked for is being made; whoever asks again gets it when it is there. */
export class StillWorking extends Error {
    constructor(
        /** Share that is done. */
        readonly done: number,
        /** Whether others are before it. */
        readonly waiting: boolean,
    ) {
        super('still working');
    }

    static of(body: unknown): StillWorking {
        const { working } = (body ?? {}) as { working?: { done?: number; waiting?: boolean } };
        return new StillWorking(working?.done ?? 0, working?.waiting ?? false);
    }
}

/** How long to wait before asking again, in milliseconds. */
export const ASK_AGAIN_MS = 1000;
