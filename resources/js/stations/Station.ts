import type { ComponentType } from 'react';
import type { JobDocument } from '../contracts/job';
import type { Pick } from '../job/PickContext';
import type { Slices, Tiles } from '../contracts/slices';

/** Somewhere in a job that can be gone to by name; the address counts from the job. */
export interface Place {
    name: string;
    to: string;
}

/** Where at a station something is mended: the rest of its address, and what is picked there. */
export interface Mending {
    query?: string;
    pick?: Pick;
}

/** What the shell knows of a station. */
export interface Station<S extends keyof Slices = keyof Slices> {
    /** Its name in addresses, in words (`station.<key>`, `tile.<key>`) and of its tile. */
    key: keyof Tiles;
    /** Its screen, which is fetched when it is first opened, or when there is nothing else to do. */
    screen: () => Promise<{ default: ComponentType }>;
    /** The keys its screen listens to; their words are `keys.<name>` and `keys.<name>.keys`. */
    keys?: readonly string[];
    /** What can be found there by name, from the document and the slice it searches. */
    searches?: S;
    places?: (document: JobDocument, slice: Slices[S] | undefined) => Place[];
    /** The parts of a document that are its, by their names from the root (`roof.planes`), and where each is mended: of `roof.planes`, a list, what is refused is told by the steps behind it. */
    parts?: Record<string, (steps: string[], document: JobDocument) => Mending>;
}
