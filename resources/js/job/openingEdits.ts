import type { JobDocument } from '../contracts/job';
import { freshId } from './edits';

/** Edits of layouts, openings, first fits and what has been cut. None touches the document it is given. */

export type Opening = NonNullable<JobDocument['openings']>[number];

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

export function changeOpening(document: JobDocument, id: string, change: Partial<Opening>): JobDocument {
    return {
        ...document,
        openings: (document.openings ?? []).map((opening) => (opening.id === id ? { ...opening, ...change } : opening)),
    };
}

export function removeOpening(document: JobDocument, id: string): JobDocument {
    return { ...document, openings: (document.openings ?? []).filter((opening) => opening.id !== id) };
}
