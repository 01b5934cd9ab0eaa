import type { CutPanel } from '../../contracts/cutting';
import type { JobDocument } from '../../contracts/job';
import type { Said, Telling } from '../../job/facts';

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

/** A panel is cut by the card it has now. */
export const panelCut = (panel: CutPanel): Telling => ({
    kind: 'cut',
    subject: panel.id,
    said: { long: panel.blank.long, short: panel.blank.short },
});

/** Where a mark was taped: on a side of a panel that is set, or at a seam. */
export type Mark = Said;

/** Marks taped of an edge's true line. */
export const marksTaped = (edge: string, face: string, source: string, marks: Mark[]): Telling[] =>
    marks.map((mark) => ({ kind: 'taped', subject: edge, said: { ...mark, face, source } }));
