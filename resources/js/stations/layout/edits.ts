import type { JobDocument } from '../../contracts/job';
import type { Layout, LayoutAlternative } from '../../contracts/layout';
import { BARE, wishEdge } from '../../job/edgeWish';

/** Builds are of a way panels are held: with another way all edges are built as is usual. */
export function forgetBuilds(document: JobDocument): JobDocument {
    const bare = Object.keys(document.edges ?? {}).reduce(
        (next, edge) => wishEdge(next, edge, { build: undefined, ...BARE }),
        document,
    );
    return { ...bare, builds: undefined };
}

export function setLayout(document: JobDocument, plane: string, layout: Layout): JobDocument {
    return { ...document, layout: { ...document.layout, [plane]: layout } };
}

/** A way to start as the document says it; what the search found is kept by the seam it lies on. */
export function asChoice(way: Pick<LayoutAlternative, 'start' | 'from' | 'at' | 'as'>): Layout {
    return {
        start: way.start,
        ...(way.from ? { from: way.from } : {}),
        ...(way.at !== null && (way.start === 'control-point' || way.start === 'found') ? { at: way.at } : {}),
        ...(way.start === 'control-point' ? { as: way.as } : {}),
    };
}

/** Lays out one face; the faces tied to it follow, unless they are pinned. */
export function layOut(document: JobDocument, face: string, layout: Layout, tied: string[]): JobDocument {
    const layouts = { ...document.layout };
    for (const other of tied) if (other !== face && !layouts[other]?.pinned) delete layouts[other];
    layouts[face] = layout;
    return { ...document, layout: layouts };
}

/** Lays out faces that go together, pins apart. */
export function layOutTogether(document: JobDocument, together: LayoutAlternative['together']): JobDocument {
    const layouts = { ...document.layout };
    for (const way of together) if (!layouts[way.face]?.pinned) layouts[way.face] = asChoice(way);
    return { ...document, layout: layouts };
}

/** Leaves a face and those tied to it to the search, pins apart. */
export function leaveToSearch(document: JobDocument, faces: string[]): JobDocument {
    const layouts = { ...document.layout };
    for (const face of faces) if (!layouts[face]?.pinned) delete layouts[face];
    return { ...document, layout: layouts };
}

export type LineCheck = NonNullable<JobDocument['lineChecks']>[string];

/** Holds the line snapped on a face against its eave. */
export function checkLine(document: JobDocument, face: string, check: LineCheck): JobDocument {
    return { ...document, lineChecks: { ...document.lineChecks, [face]: check } };
}

export function forgetLine(document: JobDocument, face: string): JobDocument {
    const lineChecks = { ...document.lineChecks };
    delete lineChecks[face];
    return { ...document, lineChecks };
}

/** Lays a starter along a rake, or takes it away. */
export function setStarter(document: JobDocument, edge: string, starter: boolean): JobDocument {
    return wishEdge(document, edge, { starter: starter || undefined });
}
