/** The roof as surfaces in the air, for the turning picture and the still one. Inches, z up. */
import type { RoofSlice, SpacePoint } from '../../contracts/roof';

export interface Surface {
    id: string;
    /** The face it is; null for a wall. */
    face: string | null;
    loops: SpacePoint[][];
}

export function surfacesOf(slice: RoofSlice): Surface[] {
    return [
        ...slice.walls.map((wall) => ({
            id: `${wall.block}.${wall.side}.${wall.top[0].join()}`,
            face: null,
            loops: [[...wall.top, ...[...wall.top].reverse().map(([x, y]): SpacePoint => [x, y, 0])]],
        })),
        ...slice.faces.map((face) => ({ id: face.id, face: face.id, loops: face.loops })),
    ];
}

export interface Extent {
    middle: SpacePoint;
    /** Half of the longest way through. */
    radius: number;
}

export function extentOf(surfaces: Surface[]): Extent {
    const points = surfaces.flatMap((surface) => surface.loops.flat());
    if (points.length === 0) return { middle: [0, 0, 0], radius: 240 };
    const low = [0, 1, 2].map((axis) => Math.min(...points.map((point) => point[axis])));
    const high = [0, 1, 2].map((axis) => Math.max(...points.map((point) => point[axis])));
    return {
        middle: [(low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2],
        radius: Math.hypot(high[0] - low[0], high[1] - low[1], high[2] - low[2]) / 2,
    };
}

/** Unit normal of a flat loop, by its largest triangle fan. */
export function normalOf(loop: SpacePoint[]): SpacePoint {
    let [x, y, z] = [0, 0, 0];
    loop.forEach((a, i) => {
        const b = loop[(i + 1) % loop.length];
        x += (a[1] - b[1]) * (a[2] + b[2]);
        y += (a[2] - b[2]) * (a[0] + b[0]);
        z += (a[0] - b[0]) * (a[1] + b[1]);
    });
    const length = Math.hypot(x, y, z) || 1;
    return [x / length, y / length, z / length];
}
