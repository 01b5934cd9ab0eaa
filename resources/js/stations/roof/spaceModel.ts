/** The roof as surfaces in the air, for the turning picture and the still one. Inches, z up. */
import type { SpaceSlice } from '../../contracts/layout';
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

/** Two triangles of each seam or rib, standing on its face: nine numbers a triangle. */
export function seamsOf(space: SpaceSlice, slice: RoofSlice): number[] {
    const corners: number[] = [];
    for (const face of space.faces) {
        const loop = slice.faces.find((one) => one.id === face.id)?.loops[0];
        if (!loop) continue;
        const normal = normalOf(loop);
        const sign = normal[2] < 0 ? -1 : 1;
        const lifted = (point: SpacePoint): SpacePoint => [
            point[0] + normal[0] * sign * space.rise,
            point[1] + normal[1] * sign * space.rise,
            point[2] + normal[2] * sign * space.rise,
        ];
        for (const [from, to] of face.seams as [SpacePoint, SpacePoint][])
            corners.push(...from, ...to, ...lifted(to), ...from, ...lifted(to), ...lifted(from));
    }
    return corners;
}

/** What comes through a face, as a body with upright sides and a lid along the slope; nine numbers a triangle. */
export function bodyOf({ loop, rise }: SpaceSlice['faces'][number]['openings'][number]): number[] {
    const corners: number[] = [];
    const up = ([x, y, z]: number[]) => [x, y, z + rise];
    loop.forEach((a, i) => {
        const b = loop[(i + 1) % loop.length];
        corners.push(...a, ...b, ...up(b), ...a, ...up(b), ...up(a));
        if (i > 0 && i < loop.length - 1) corners.push(...up(loop[0]), ...up(a), ...up(b));
    });
    return corners;
}

/** The piece of a face that lies at a point of it, seen from above. */
export function panelAt(space: SpaceSlice, face: string, at: { x: number; y: number }): string | undefined {
    return space.faces
        .find((one) => one.id === face)
        ?.panels.find(({ loop }) => {
            let inside = false;
            loop.forEach(([x1, y1], i) => {
                const [x2, y2] = loop[(i + 1) % loop.length];
                if (y1 > at.y !== y2 > at.y && at.x < x1 + ((at.y - y1) / (y2 - y1)) * (x2 - x1)) inside = !inside;
            });
            return inside;
        })?.id;
}
