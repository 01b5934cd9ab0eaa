/** How hard it rains: what the document keeps of it. */
import type { JobDocument } from '../contracts/job';

/** Inches an hour; undefined = as the house has it. */
export function setRain(document: JobDocument, intensity: number | undefined): JobDocument {
    return { ...document, water: intensity === undefined ? undefined : { intensity } };
}
