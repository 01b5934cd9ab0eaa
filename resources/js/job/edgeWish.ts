import type { JobDocument } from '../contracts/job';

type EdgeWish = NonNullable<JobDocument['edges']>[string];

/** Layers as the build has them. */
export const BARE = { order: undefined, spacing: undefined, layers: undefined };

/** Wishes something of one edge besides what is wished already; undefined takes a wish back. */
export function wishEdge(document: JobDocument, edge: string, wish: EdgeWish): JobDocument {
    const edges = { ...document.edges };
    const own = Object.fromEntries(
        Object.entries({ ...edges[edge], ...wish }).filter(([, value]) => value !== undefined),
    );
    if (Object.keys(own).length === 0) delete edges[edge];
    else edges[edge] = own;
    return { ...document, edges };
}
