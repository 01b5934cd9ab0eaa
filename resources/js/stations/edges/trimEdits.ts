import type { JobDocument } from '../../contracts/job';
import type { OwnShape } from '../../contracts/trims';
import type { Telling } from '../../job/facts';

/** How trims are made: what the document keeps of it, by the shape of a trim. */

type Trims = NonNullable<JobDocument['trims']>;

type Kept = 'laps' | 'stocks' | 'schools' | 'shapes';

/** One thing is wished of all trims of a shape; undefined takes it back. */
function wish<K extends Kept>(
    document: JobDocument,
    field: K,
    shape: string,
    value: NonNullable<Trims[K]>[string] | undefined,
): JobDocument {
    const own = { ...document.trims?.[field] } as Record<string, unknown>;
    if (value === undefined) delete own[shape];
    else own[shape] = value;
    const trims = { ...document.trims, [field]: Object.keys(own).length > 0 ? own : undefined } as Trims;
    const kept = Object.fromEntries(Object.entries(trims).filter(([, one]) => one !== undefined)) as Trims;
    return { ...document, trims: Object.keys(kept).length > 0 ? kept : undefined };
}

/** A piece is cut as it would be now. */
export const pieceCut = (piece: { id: string; length: number; as: string }): Telling => ({
    kind: 'cut',
    subject: piece.id,
    said: { length: piece.length, as: piece.as },
});

export const divideBy = (document: JobDocument, shape: string, school: NonNullable<Trims['schools']>[string]) =>
    wish(document, 'schools', shape, school);

export const lapBy = (document: JobDocument, shape: string, lap: number) => wish(document, 'laps', shape, lap);

export const cutFrom = (document: JobDocument, shape: string, stocks: number[] | undefined) =>
    wish(document, 'stocks', shape, stocks as NonNullable<Trims['stocks']>[string] | undefined);

/** What the first end of a kind taught; undefined takes it back. */
export function fitEnd(
    document: JobDocument,
    shape: string,
    end: string,
    fit: { low: number; high: number } | undefined,
    but: string[],
): JobDocument {
    const ends = { ...document.trims?.fits?.[shape] };
    if (fit) ends[end] = { ...fit, but };
    else delete ends[end];
    const fits = { ...document.trims?.fits };
    if (Object.keys(ends).length > 0) fits[shape] = ends;
    else delete fits[shape];
    const trims = { ...document.trims };
    if (Object.keys(fits).length > 0) trims.fits = fits;
    else delete trims.fits;
    return { ...document, trims: Object.keys(trims).length > 0 ? trims : undefined };
}

/** From where the roof is mostly seen; undefined = from nowhere in particular. */
export function seenFrom(document: JobDocument, viewpoint: [number, number] | undefined): JobDocument {
    const trims = { ...document.trims };
    if (viewpoint) trims.viewpoint = viewpoint;
    else delete trims.viewpoint;
    return { ...document, trims: Object.keys(trims).length > 0 ? trims : undefined };
}

/** A shape of one's own in the place of the one that ships; undefined = the one that ships. */
export const shapedAs = (document: JobDocument, shape: string, own: OwnShape | undefined) =>
    wish(document, 'shapes', shape, own as NonNullable<Trims['shapes']>[string] | undefined);
