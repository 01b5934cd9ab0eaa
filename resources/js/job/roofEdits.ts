import type { JobDocument } from '../contracts/job';
import type { Block, Check, Deck } from '../contracts/roof';
import type { Plane } from '../contracts/survey';
import { freshId } from './edits';

/** Small typed edits of blocks and of what was read on them. None touches the document it is given. */

export const blocksOf = (document: JobDocument): Block[] => document.roof.blocks ?? [];

export const planesOf = (document: JobDocument): Plane[] => document.roof.planes ?? [];

export const checksOf = (document: JobDocument): Check[] => document.roof.checks ?? [];

/** What the panels of a face lie on; null where that is not known any more. */
export function setDeck(document: JobDocument, face: string, deck: Deck | null): JobDocument {
    const decks = { ...document.decks };
    if (deck === null) delete decks[face];
    else decks[face] = deck;
    return { ...document, decks };
}

export function addCheck(document: JobDocument, check: Omit<Check, 'id'>): JobDocument {
    const id = freshId(
        'c',
        checksOf(document).map((one) => one.id),
    );
    return { ...document, roof: { ...document.roof, checks: [...checksOf(document), { id, ...check }] } };
}
