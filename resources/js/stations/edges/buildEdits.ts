import type { OwnBuild, OwnLayer } from '../../contracts/builds';
import type { JobDocument } from '../../contracts/job';
import type { EdgeKind } from '../../contracts/plan';
import { BARE, wishEdge } from '../../job/edgeWish';

/** How edges are built: what the document keeps of it. */

/** One edge is built so, as the build has its layers. */
export function buildEdge(document: JobDocument, edge: string, build: string | undefined): JobDocument {
    return wishEdge(document, edge, { build, ...BARE, vented: undefined });
}

/** All edges of a kind are built so, but for those somebody wished otherwise. Nobody chooses how laps and openings' sides are. */
export function buildAll(document: JobDocument, kind: EdgeKind, build: string, edge: string): JobDocument {
    if (kind === 'end-lap' || kind === 'opening') return document;
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

/** A layer of one's own goes on, at its turn in the order. */
export function addLayer(
    document: JobDocument,
    edge: string,
    build: string,
    key: string,
    layer: OwnLayer,
    order: string[],
): JobDocument {
    return wishEdge(document, edge, {
        build,
        order,
        layers: { ...document.edges?.[edge]?.layers, [key]: layer },
    });
}

/** What stands of a layer of one's own is taken back altogether. */
export function forgetLayer(
    document: JobDocument,
    edge: string,
    build: string,
    key: string,
    order: string[],
): JobDocument {
    const layers = { ...document.edges?.[edge]?.layers };
    delete layers[key];
    const spacing = { ...document.edges?.[edge]?.spacing };
    delete spacing[key];
    return wishEdge(document, edge, {
        build,
        order,
        layers: Object.keys(layers).length > 0 ? layers : undefined,
        spacing: Object.keys(spacing).length > 0 ? spacing : undefined,
    });
}

/** How a job names a build. */
export const nameOf = (build: OwnBuild) => `${build.key}@${build.version ?? 1}`;

/** Brings a build of the crew's own into the job; others stay as long as an edge is planned with them. */
export function takeCrewBuild(document: JobDocument, build: OwnBuild): JobDocument {
    const used = [
        ...Object.values(document.builds ?? {}),
        ...Object.values(document.edges ?? {}).map((edge) => edge.build),
    ];
    const others = (document.catalogue?.builds ?? []).filter(
        (one) => nameOf(one) !== nameOf(build) && used.includes(nameOf(one)),
    );
    return { ...document, catalogue: { ...document.catalogue, builds: [...others, build] } };
}

/** Of what metal parts are that are not panels, and what they are set against; undefined = as is usual. */
export function setMetals(document: JobDocument, change: NonNullable<JobDocument['metals']>): JobDocument {
    const metals = Object.fromEntries(
        Object.entries({ ...document.metals, ...change }).filter(([, value]) => value !== undefined),
    );
    return { ...document, metals: Object.keys(metals).length > 0 ? metals : undefined };
}

/** The pieces of one junction go on in another order; undefined = in the usual one. */
export function orderPieces(document: JobDocument, junction: string, order: string[] | undefined): JobDocument {
    const junctions = { ...document.junctions };
    if (order) junctions[junction] = { order };
    else delete junctions[junction];
    return { ...document, junctions };
}
