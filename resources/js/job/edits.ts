import type { JobDocument, Profile } from '../contracts/job';

export function setRule(document: JobDocument, key: string, value: number | string): JobDocument {
    return { ...document, rules: { ...document.rules, [key]: value } };
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
        format: 'imbrex-job/3',
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
