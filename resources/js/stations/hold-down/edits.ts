import type { JobDocument } from '../../contracts/job';

/** What pulls at a roof, what slides on it, and how it is held: what the document keeps of it. */

type Wind = NonNullable<JobDocument['wind']>;

type Held = NonNullable<JobDocument['holdDown']>;

type Temperatures = NonNullable<JobDocument['temperatures']>;

type Snow = NonNullable<JobDocument['snow']>;

type Place = NonNullable<Snow['places']>[number];

export type GuardedFor = Place['for'];

type Allowables = NonNullable<Held['allowables']>;

type FaceWish = NonNullable<Held['faces']>[string];

const kept = <T extends object>(of: T): T | undefined => {
    const said = Object.fromEntries(Object.entries(of).filter(([, one]) => one !== undefined)) as T;
    return Object.keys(said).length > 0 ? said : undefined;
};

/** A planning estimate, or the engineer's pressures; undefined takes them back. */
export function setWind<K extends keyof Wind>(
    document: JobDocument,
    field: K,
    value: Wind[K] | undefined,
): JobDocument {
    return { ...document, wind: kept<Wind>({ ...document.wind, [field]: value }) };
}

/** How panels are held in the whole job; undefined = as the house holds them. */
export function holdJob<K extends keyof Held>(
    document: JobDocument,
    field: K,
    value: Held[K] | undefined,
): JobDocument {
    return { ...document, holdDown: kept<Held>({ ...document.holdDown, [field]: value }) };
}

/** How one face is held; undefined = as the job. */
export function holdFace(document: JobDocument, face: string, wish: FaceWish | undefined): JobDocument {
    const faces = { ...document.holdDown?.faces };
    const said = wish && kept<FaceWish>(wish);
    if (said) faces[face] = said;
    else delete faces[face];
    return holdJob(document, 'faces', Object.keys(faces).length > 0 ? faces : undefined);
}

/** Between which temperatures the metal moves, and from where; undefined = as the house has it. */
export function setTemperature<K extends keyof Temperatures>(
    document: JobDocument,
    field: K,
    value: Temperatures[K] | undefined,
): JobDocument {
    return { ...document, temperatures: kept<Temperatures>({ ...document.temperatures, [field]: value }) };
}

/** How much snow lies and what holds it; undefined takes it back. */
export function setSnow(document: JobDocument, said: Partial<Snow>): JobDocument {
    const snow = kept<Snow>({ ...document.snow, ...said });
    // A unit alone says nothing.
    return { ...document, snow: snow && Object.keys(snow).every((key) => key === 'unit') ? undefined : snow };
}

export function addPlace(document: JobDocument, place: Place): JobDocument {
    return setSnow(document, { places: [...(document.snow?.places ?? []), place] });
}

export function dropPlace(document: JobDocument, at: number): JobDocument {
    const places = (document.snow?.places ?? []).filter((_, i) => i !== at);
    return setSnow(document, { places: places.length > 0 ? places : undefined });
}

/** Pounds something carries by its test report; undefined = the example that ships. */
export function setAllowable(document: JobDocument, what: keyof Allowables, pounds: number | undefined): JobDocument {
    return holdJob(document, 'allowables', kept<Allowables>({ ...document.holdDown?.allowables, [what]: pounds }));
}
