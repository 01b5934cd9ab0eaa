/** Small typed edits of a job document. None touches the document it is given. */
import type { JobDocument, Profile } from '../contracts/job';
import type { Layout } from '../contracts/layout';
import type { Plane, Reading } from '../contracts/survey';

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

export function setLayout(document: JobDocument, plane: string, layout: Layout): JobDocument {
    return { ...document, layout: { ...document.layout, [plane]: layout } };
}

export function setRule(document: JobDocument, key: string, value: number | string): JobDocument {
    return { ...document, rules: { ...document.rules, [key]: value } };
}

export function setSystem(document: JobDocument, change: NonNullable<JobDocument['system']>): JobDocument {
    return { ...document, system: { ...document.system, ...change } };
}

/** Brings a profile of the crew's own into the job and uses it. */
export function takeOwnProfile(document: JobDocument, profile: Profile): JobDocument {
    const others = (document.catalogue?.profiles ?? []).filter((one) => one.key !== profile.key);
    return setSystem(
        { ...document, catalogue: { ...document.catalogue, profiles: [...others, profile] } },
        { profile: profile.key },
    );
}

/** An id not yet taken: the prefix and the next number. */
export function freshId(prefix: string, taken: string[]): string {
    let number = taken.length + 1;
    while (taken.includes(`${prefix}${number}`)) number += 1;
    return `${prefix}${number}`;
}

/** A job with nothing in it yet, but the plane to measure first where it begins with readings. */
export function emptyJob(
    name: string,
    rules: Record<string, number | string>,
    plane: string | null,
    profile: Profile | string | null = null,
): JobDocument {
    const job: JobDocument = {
        format: 'imbrex-job/2',
        name,
        units: 'imperial',
        roof: {
            planes:
                plane === null
                    ? []
                    : [{ id: 'P1', name: plane, readings: [], edges: ['eave', 'rake', 'peak', 'rake'] }],
        },
        rules,
    };
    if (profile === null) return job;
    return typeof profile === 'string' ? setSystem(job, { profile }) : takeOwnProfile(job, profile);
}
