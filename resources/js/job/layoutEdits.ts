/** Edits of layouts, openings, first fits and what has been cut. None touches the document it is given. */
import { wishEdge } from './buildEdits';
import type { CutPanel } from '../contracts/cutting';
import type { JobDocument } from '../contracts/job';
import type { Layout, LayoutAlternative } from '../contracts/layout';
import { freshId } from './edits';

export type Opening = NonNullable<JobDocument['openings']>[number];

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

export function addOpening(document: JobDocument, opening: Omit<Opening, 'id'>): JobDocument {
    const openings = document.openings ?? [];
    return {
        ...document,
        openings: [
            ...openings,
            {
                ...opening,
                id: freshId(
                    'o',
                    openings.map((opening) => opening.id),
                ),
            },
        ],
    };
}

/** What is said anew of an opening that is moved on its face, inches; taped from a rake, it no longer is once it goes sideways. */
export function movedBy(opening: Opening, across: number, up: number): Partial<Opening> {
    const away = across === 0 ? {} : { fromRake: undefined };
    if (!opening.outline) return { ...away, u: (opening.u ?? 0) + across, v: (opening.v ?? 0) + up };
    const corners = opening.outline.map((at) => [(at[0] ?? 0) + across, (at[1] ?? 0) + up]);
    return { ...away, outline: corners as NonNullable<Opening['outline']> };
}

export function changeOpening(document: JobDocument, id: string, change: Partial<Opening>): JobDocument {
    return {
        ...document,
        openings: (document.openings ?? []).map((opening) => (opening.id === id ? { ...opening, ...change } : opening)),
    };
}

export function removeOpening(document: JobDocument, id: string): JobDocument {
    return { ...document, openings: (document.openings ?? []).filter((opening) => opening.id !== id) };
}

/** Takes back what a trial needed, in jobs begun before lines were fitted. */
export function removeCorrection(document: JobDocument, id: string): JobDocument {
    return {
        ...document,
        cutting: {
            ...document.cutting,
            corrections: (document.cutting?.corrections ?? []).filter((fit) => fit.id !== id),
        },
    };
}

/** Ticks a panel as cut by the card it has now, or takes the tick back. */
export function setCut(document: JobDocument, panel: CutPanel, done: boolean): JobDocument {
    const others = (document.cutting?.cut ?? []).filter((one) => one.panel !== panel.id);
    return {
        ...document,
        cutting: {
            ...document.cutting,
            cut: done ? [...others, { panel: panel.id, long: panel.blank.long, short: panel.blank.short }] : others,
        },
    };
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
