/** Edits of what is taped of edges' true lines. None touches the document it is given. */
import type { JobDocument } from '../contracts/job';
import { freshId } from './edits';

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
