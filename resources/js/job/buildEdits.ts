/** How edges are built: what the document keeps of it. */
import type { JobDocument } from '../contracts/job';

type Kind = keyof NonNullable<JobDocument['builds']>;
type EdgeWish = NonNullable<JobDocument['edges']>[string];

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

/** One edge is built so, as the build has its layers. */
export function buildEdge(document: JobDocument, edge: string, build: string | undefined): JobDocument {
    return wishEdge(document, edge, { build, order: undefined, spacing: undefined, vented: undefined });
}

/** All edges of a kind are built so, but for those somebody wished otherwise. */
export function buildAll(document: JobDocument, kind: Kind, build: string, edge: string): JobDocument {
    return buildEdge({ ...document, builds: { ...document.builds, [kind]: build } }, edge, undefined);
}

/** The layers of one edge go on in another order. */
export function orderLayers(document: JobDocument, edge: string, build: string, order: string[]): JobDocument {
    return wishEdge(document, edge, { build, order });
}

/** The fasteners of one layer stand so far apart. */
export function spaceLayer(
    document: JobDocument,
    edge: string,
    build: string,
    layer: string,
    spacing: number,
): JobDocument {
    const own = document.edges?.[edge]?.spacing;
    return wishEdge(document, edge, { build, spacing: { ...own, [layer]: spacing } });
}

/** The pieces of one junction go on in another order; undefined = in the usual one. */
export function orderPieces(document: JobDocument, junction: string, order: string[] | undefined): JobDocument {
    const junctions = { ...document.junctions };
    if (order) junctions[junction] = { order };
    else delete junctions[junction];
    return { ...document, junctions };
}
