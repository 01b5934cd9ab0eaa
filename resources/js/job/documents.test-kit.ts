import { readFileSync } from 'node:fs';
import type { JobDocument } from '../contracts/job';

/** For tests: frozen through and through, so that an edit that writes into what it is given throws. */
export function freeze<T>(what: T): T {
    if (what !== null && typeof what === 'object' && !Object.isFrozen(what)) {
        Object.freeze(what);
        Object.values(what).forEach(freeze);
    }
    return what;
}

const demo = (name: string): JobDocument =>
    freeze(JSON.parse(readFileSync(`database/demo/${name}.json`, 'utf8')) as JobDocument);

export const boathouse = demo('boathouse');
export const clubroom = demo('clubroom');

/** What a test has to do with of something larger, and no more. */
export const some = <T>(what: object): T => what as T;

/** A document that has no more than that, frozen. */
export const stub = (what: object): JobDocument => freeze(what as JobDocument);
