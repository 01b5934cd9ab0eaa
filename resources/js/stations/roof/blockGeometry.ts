/** Blocks in plan: inches, x to the east, y to the north; a block turns counter-clockwise about its south-west corner. */
import type { Block } from '../../contracts/roof';
import type { PlanPoint } from '../../contracts/plan';

/** Within this many px a dragged wall comes to lie in line with another. */
export const SNAP_PX = 9;

export const SIDES = ['south', 'east', 'north', 'west'] as const;
export type SideKey = (typeof SIDES)[number];

/** Within this many degrees (of a quarter turn) two blocks count as lined up. */
const LINED_UP = 0.05;

export function toPlan(block: Block, along: number, across: number): PlanPoint {
    const turn = ((block.rotationDegrees ?? 0) * Math.PI) / 180;
    return [
        block.x + along * Math.cos(turn) - across * Math.sin(turn),
        block.y + along * Math.sin(turn) + across * Math.cos(turn),
    ];
}

/** A plan point in the block's own frame. */
export function toBlock(block: Block, [x, y]: PlanPoint): PlanPoint {
    const turn = ((block.rotationDegrees ?? 0) * Math.PI) / 180;
    const [dx, dy] = [x - block.x, y - block.y];
    return [dx * Math.cos(turn) + dy * Math.sin(turn), dy * Math.cos(turn) - dx * Math.sin(turn)];
}

export function wallsOf(block: Block): PlanPoint[] {
    return [
        toPlan(block, 0, 0),
        toPlan(block, block.length, 0),
        toPlan(block, block.length, block.width),
        toPlan(block, 0, block.width),
    ];
}

export function footprintOf(block: Block): PlanPoint[] {
    const over = (side: SideKey) => block.sides[side].overhang ?? 0;
    const [west, east, south, north] = [
        -over('west'),
        block.length + over('east'),
        -over('south'),
        block.width + over('north'),
    ];
    return [
        toPlan(block, west, south),
        toPlan(block, east, south),
        toPlan(block, east, north),
        toPlan(block, west, north),
    ];
}

/** The block with one side moved outwards by some inches, the others staying where they are. */
export function stretched(block: Block, side: SideKey, out: number): Block {
    const grown = { ...block };
    if (side === 'east' || side === 'west') grown.length = tidy(Math.max(12, block.length + out));
    else grown.width = tidy(Math.max(12, block.width + out));
    if (side === 'west' || side === 'south') {
        const by = side === 'west' ? grown.length - block.length : grown.width - block.width;
        const [x, y] = side === 'west' ? toPlan(block, -by, 0) : toPlan(block, 0, -by);
        return { ...grown, x: tidy(x), y: tidy(y) };
    }
    return grown;
}

export function sizeAcross(block: Block, side: SideKey): number {
    return side === 'east' || side === 'west' ? block.length : block.width;
}

export function moved(block: Block, dx: number, dy: number): Block {
    return { ...block, x: tidy(block.x + dx), y: tidy(block.y + dy) };
}

/** Turned to a bearing about its own middle. */
export function turnedTo(block: Block, degrees: number): Block {
    const [cx, cy] = toPlan(block, block.length / 2, block.width / 2);
    const turned = { ...block, rotationDegrees: tidy(((degrees % 360) + 360) % 360) };
    const [nx, ny] = toPlan(turned, block.length / 2, block.width / 2);
    return moved(turned, cx - nx, cy - ny);
}

function tidy(value: number): number {
    return Math.round(value * 1e6) / 1e6 + 0;
}

function linedUp(one: Block, other: Block): boolean {
    const off = ((((one.rotationDegrees ?? 0) - (other.rotationDegrees ?? 0)) % 90) + 90) % 90;
    return Math.min(off, 90 - off) < LINED_UP;
}

/** Where the walls of lined-up blocks lie in this block's frame: along it, and across. */
function wallLines(block: Block, others: Block[]): { along: number[]; across: number[] } {
    const corners = others
        .filter((other) => other.id !== block.id && linedUp(block, other))
        .flatMap((other) => wallsOf(other).map((corner) => toBlock(block, corner)));
    return { along: corners.map(([a]) => a), across: corners.map(([, c]) => c) };
}

function nearest(at: number, lines: number[], within: number): number | null {
    let best: number | null = null;
    for (const line of lines)
        if (Math.abs(line - at) <= within && (best === null || Math.abs(line - at) < Math.abs(best - at))) best = line;
    return best;
}

/** A move that lets a wall come to lie in line with another block's wall; else in whole steps. */
export function snappedMove(
    block: Block,
    [dx, dy]: PlanPoint,
    others: Block[],
    within: number,
    step: number,
): PlanPoint {
    const lines = wallLines(block, others);
    const [along, across] = toBlock({ ...block, x: 0, y: 0 }, [dx, dy]);
    const fit = (by: number, size: number, candidates: number[]) => {
        const low = nearest(by, candidates, within);
        const high = nearest(by + size, candidates, within);
        if (low !== null && (high === null || Math.abs(low - by) <= Math.abs(high - by - size))) return low;
        return high !== null ? high - size : Math.round(by / step) * step;
    };
    return toPlan(
        { ...block, x: 0, y: 0 },
        fit(along, block.length, lines.along),
        fit(across, block.width, lines.across),
    );
}

/** How far a side is to go out so that it meets another block's wall line; else in whole steps of the size. */
export function snappedStretch(
    block: Block,
    side: SideKey,
    out: number,
    others: Block[],
    within: number,
    step: number,
): number {
    const lines = wallLines(block, others);
    const sign = side === 'east' || side === 'north' ? 1 : -1;
    const edge = side === 'east' ? block.length : side === 'north' ? block.width : 0;
    const line = nearest(edge + sign * out, side === 'east' || side === 'west' ? lines.along : lines.across, within);
    if (line !== null) return (line - edge) * sign;
    const size = sizeAcross(block, side);
    return Math.round((size + out) / step) * step - size;
}
