import type { Step } from '../job/refusals';
import type { JobDocument } from '../contracts/job';
import type { Mending, Station } from './Station';

/** The station whose part of the document this place lies in, and where there it is mended; null for what belongs to none. */
export function mendedAt(
    stations: Station[],
    place: Step[],
    document: JobDocument,
): ({ station: Station } & Mending) | null {
    const steps = place.map((step) => ('id' in step ? step.id : step.field));
    for (let depth = steps.length; depth > 0; depth--) {
        const part = steps.slice(0, depth).join('.');
        const station = stations.find((one) => part in (one.parts ?? {}));
        if (station) return { station, ...station.parts?.[part]?.(steps.slice(depth), document) };
    }
    return null;
}
