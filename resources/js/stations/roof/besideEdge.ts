import type { PlanPoint } from '../../contracts/plan';

/** Half of what a length on its tag takes, and of a face's name with its pitch, px. */
const TAG = [54, 15] as const;
const NAME = [44, 26] as const;

/** Where the length of an edge is told: beside it, on the side with more room first, clear of the names of faces; on it where no side is. */
export function besideEdge(from: PlanPoint, to: PlanPoint, names: readonly PlanPoint[], width: number): PlanPoint {
    const [x, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
    const [across, up] = [Math.abs(to[1] - from[1]) / long, Math.abs(to[0] - from[0]) / long];
    const first = (x > width / 2 ? -1 : 1) * Math.sign(to[1] - from[1] || 1);
    const beside = (side: number): PlanPoint => [
        x + ((to[1] - from[1]) / long) * (across * 66 + 26) * side,
        y - up * 26 * (side === first ? 1 : -1),
    ];
    const isClear = ([u, v]: PlanPoint) =>
        names.every(([a, b]) => Math.abs(a - u) > TAG[0] + NAME[0] || Math.abs(b - v) > TAG[1] + NAME[1]);
    return [beside(first), beside(-first)].find(isClear) ?? [x, y];
}
