import type { CutPanel } from '../../contracts/cutting';
import type { JobDocument } from '../../contracts/job';
import { freshId } from '../../job/edits';

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

/** Edits of what is taped of edges' true lines. None touches the document it is given. */

export type Observation = NonNullable<JobDocument['observations']>[number];

/** Marks taped on one piece. Pieces cut so far, the one taped on among them, keep their cards. */
export function addObservations(
    document: JobDocument,
    taped: Omit<Observation, 'id' | 'before'>[],
    panel: string,
): JobDocument {
    const before = [...new Set([...(document.cutting?.cut ?? []).map((one) => one.panel), panel])];
    const observations = [...(document.observations ?? [])];
    for (const one of taped) {
        const id = freshId(
            'm',
            observations.map((known) => known.id),
        );
        observations.push({ ...one, id, before });
    }
    return { ...document, observations };
}

export function removeObservation(document: JobDocument, id: string): JobDocument {
    return { ...document, observations: (document.observations ?? []).filter((one) => one.id !== id) };
}

/** Read again and found so. */
export function confirmObservation(document: JobDocument, id: string): JobDocument {
    return {
        ...document,
        observations: (document.observations ?? []).map((one) => (one.id === id ? { ...one, confirmed: true } : one)),
    };
}
