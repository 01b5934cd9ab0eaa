import { planesOf } from '../../job/roofEdits';
import type { JobDocument } from '../../contracts/job';
import type { Plane, Reading } from '../../contracts/survey';
import { freshId } from '../../job/edits';
import { type Opening, addOpening } from '../../job/openingEdits';

/** Small typed edits of a job document. None touches the document it is given. */

export function editPlane(document: JobDocument, id: string, change: (plane: Plane) => Plane): JobDocument {
    return {
        ...document,
        roof: {
            ...document.roof,
            planes: (document.roof.planes ?? []).map((plane) => (plane.id === id ? change(plane) : plane)),
        },
    };
}

export function addPlane(document: JobDocument, plane: Plane): JobDocument {
    return { ...document, roof: { ...document.roof, planes: [...(document.roof.planes ?? []), plane] } };
}

/** The plane goes, with its layout and every mention of it as the other side of a ridge. */
export function removePlane(document: JobDocument, id: string): JobDocument {
    const layout = { ...document.layout };
    delete layout[id];
    const planes = (document.roof.planes ?? [])
        .filter((plane) => plane.id !== id)
        .map((plane) => {
            const rest = { ...plane };
            if (plane.ridgeWith === id) delete rest.ridgeWith;
            if (plane.ties) rest.ties = plane.ties.filter((tie) => tie.plane !== id);
            return rest;
        });
    return { ...document, roof: { ...document.roof, planes }, layout };
}

/** What the other side of a ridge has as this side has it: its sides as seen from there, what lies on its deck and under it. */
export function sharedBehind(plane: Plane): Partial<Plane> {
    const [eave, right, top, left] = plane.edges ?? [];
    return {
        ...(eave && right && top && left ? { edges: [eave, left, top, right] } : {}),
        ...(plane.covering === undefined ? {} : { covering: plane.covering }),
        ...(plane.oldLayers === undefined ? {} : { oldLayers: plane.oldLayers }),
        ...(plane.deck === undefined ? {} : { deck: plane.deck }),
    };
}

/** Another plane lies behind this one's ridge, or none any more. With one behind it, a peak is a ridge, seen from both. */
export function putBehind(document: JobDocument, id: string, other: string | null): JobDocument {
    const alone = editPlane(document, id, (plane) => {
        const rest = { ...plane };
        delete rest.ridgeWith;
        return rest;
    });
    if (other === null) return alone;
    const ridged = (plane: Plane): Plane =>
        plane.edges && !plane.edges.includes('ridge')
            ? { ...plane, edges: plane.edges.map((kind) => (kind === 'peak' ? 'ridge' : kind)) as Plane['edges'] }
            : plane;
    return editPlane(editPlane(alone, other, ridged), id, (plane) => ({ ...ridged(plane), ridgeWith: other }));
}

/** What lies beyond a side of a plane: a side of another, or nothing. Two peaks that meet are one ridge. */
export function tieSide(
    document: JobDocument,
    id: string,
    side: number,
    beyond: { plane: string; side: number } | null,
    kinds: { own: string; its: string },
): JobDocument {
    const ridged = (at: number) => (plane: Plane) => ({
        ...plane,
        edges: plane.edges?.map((kind, i) => (i === at ? 'ridge' : kind)) as Plane['edges'],
    });
    const tied = editPlane(document, id, (plane) => ({
        ...plane,
        ties: [
            ...(plane.ties ?? []).filter((tie) => tie.side !== side),
            ...(beyond ? [{ side, plane: beyond.plane, itsSide: beyond.side }] : []),
        ],
    }));
    if (!beyond || kinds.own !== 'peak' || kinds.its !== 'peak') return tied;
    return editPlane(editPlane(tied, id, ridged(side)), beyond.plane, ridged(beyond.side));
}

export function putReading(document: JobDocument, plane: string, reading: Reading): JobDocument {
    return editPlane(document, plane, (plane) => {
        const readings = plane.readings ?? [];
        const known = readings.some((other) => other.id === reading.id);
        return {
            ...plane,
            readings: known
                ? readings.map((other) => (other.id === reading.id ? reading : other))
                : [...readings, reading],
        };
    });
}

export function removeReading(document: JobDocument, plane: string, id: string): JobDocument {
    return editPlane(document, plane, (plane) => ({
        ...plane,
        readings: (plane.readings ?? []).filter((reading) => reading.id !== id),
    }));
}

/** Planes brought in from elsewhere: where the name is known their readings join that plane's, else they are new. */
export function takeIn(document: JobDocument, incoming: Plane[], through: Opening[] = []): JobDocument {
    const planes = [...planesOf(document)];
    const ids = new Map<string, string>();
    for (const plane of incoming) {
        const at = planes.findIndex(
            (one) => one.name.toLowerCase() === plane.name.toLowerCase() && (plane.readings ?? []).length > 0,
        );
        if (at >= 0) {
            const readings = [...(planes[at].readings ?? [])];
            for (const reading of plane.readings ?? [])
                readings.push({
                    ...reading,
                    id: freshId(
                        'r',
                        readings.map((reading) => reading.id),
                    ),
                });
            planes[at] = { ...planes[at], readings };
            ids.set(plane.id, planes[at].id);
        } else {
            const id = planes.some((one) => one.id === plane.id)
                ? freshId(
                      'P',
                      planes.map((plane) => plane.id),
                  )
                : plane.id;
            ids.set(plane.id, id);
            planes.push({ ...plane, id });
        }
    }
    const tied = planes.map((plane) =>
        plane.ties && incoming.some((one) => ids.get(one.id) === plane.id)
            ? { ...plane, ties: plane.ties.map((tie) => ({ ...tie, plane: ids.get(tie.plane) ?? tie.plane })) }
            : plane,
    );
    const taken: JobDocument = { ...document, roof: { ...document.roof, planes: tied } };
    return through.reduce(
        (grown, opening) => addOpening(grown, { ...opening, face: ids.get(opening.face) ?? opening.face }),
        taken,
    );
}
