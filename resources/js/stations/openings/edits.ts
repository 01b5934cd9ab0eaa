import type { Opening } from '../../job/openingEdits';

/** What is said anew of an opening that is moved on its face, inches; taped from a rake, it no longer is once it goes sideways. */
export function movedBy(opening: Opening, across: number, up: number): Partial<Opening> {
    const away = across === 0 ? {} : { fromRake: undefined };
    if (!opening.outline) return { ...away, u: (opening.u ?? 0) + across, v: (opening.v ?? 0) + up };
    const corners = opening.outline.map((at) => [(at[0] ?? 0) + across, (at[1] ?? 0) + up]);
    return { ...away, outline: corners as NonNullable<Opening['outline']> };
}
