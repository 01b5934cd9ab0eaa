import type { JobDocument } from '../../contracts/job';

/** How hard it rains, and which edges have gutters: what the document keeps of it. */

type Water = NonNullable<JobDocument['water']>;

function withWater(document: JobDocument, said: Partial<Water>): JobDocument {
    const water = Object.fromEntries(
        Object.entries({ ...document.water, ...said }).filter(([, one]) => one !== undefined),
    ) as Water;
    return { ...document, water: Object.keys(water).length > 0 ? water : undefined };
}

/** Inches an hour; undefined = as the house has it. */
export function setRain(document: JobDocument, intensity: number | undefined): JobDocument {
    return withWater(document, { intensity });
}

/** Outlets of an edge's gutter, inches from its left end; none takes the gutter down. */
export function setGutter(document: JobDocument, edge: string, outlets: number[]): JobDocument {
    const gutters = { ...document.water?.gutters };
    if (outlets.length > 0) gutters[edge] = { outlets: [...outlets].sort((a, b) => a - b) as [number, ...number[]] };
    else delete gutters[edge];
    return withWater(document, { gutters: Object.keys(gutters).length > 0 ? gutters : undefined });
}
