import type { ComponentType } from 'react';
import type { JobDocument } from '../contracts/job';
import type { Slices, Tiles } from '../contracts/slices';

/** Somewhere in a job that can be gone to by name; the address counts from the job. */
export interface Place {
    name: string;
    to: string;
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
}
