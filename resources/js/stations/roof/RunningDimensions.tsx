import type { Block } from '../../contracts/roof';
import type { Frame } from '../../deck/useFrame';
import { useJobTape } from '../../tape/JobTape';
import { LenText } from '../../tape/Len';
import { wallsOf } from './blockGeometry';

/** Marks nearer together on screen than their lengths can be read are left out. */
const ROOM_UP = 22;
/** Of a character as large as they are drawn; what stands round a length. */
const CHARACTER = 7.8;
const ROUND = 14;
/** Room between the drawing's side and the chain of dimensions, at least. */
const LEAST = 56;

/** Room the chain from the south wants at the drawing's left. */
export function roomAtLeft(blocks: Block[], print: (inches: number) => string): number {
    const ys = blocks.flatMap(wallsOf).map(([, y]) => y);
    return ys.length === 0 ? LEAST : Math.max(LEAST, wide(print(Math.max(...ys) - Math.min(...ys))) + ROUND);
}

const wide = (text: string): number => text.length * CHARACTER;

/** Walls from the west and from the south, each chain from one zero. */
export function RunningDimensions({ blocks, view }: { blocks: Block[]; view: Frame }) {
    const print = useJobTape();
    if (blocks.length === 0) return null;
    const corners = blocks.flatMap(wallsOf);
    const across = corners.map(([x]) => x);
    const xs = apart(across, (wide(print(Math.max(...across) - Math.min(...across))) + ROUND) / view.scale);
    const ys = apart(
        corners.map(([, y]) => y),
        ROOM_UP / view.scale,
    );
    const [left, right] = [view.at(xs[0], 0)[0], view.at(xs[xs.length - 1], 0)[0]];
    const [low, high] = [view.at(0, ys[0])[1], view.at(0, ys[ys.length - 1])[1]];
    const y = view.height - 26;
    const x = roomAtLeft(blocks, print);
    return (
        <g pointerEvents="none" aria-hidden="true">
            <line className="dim" x1={left} x2={right} y1={y} y2={y} />
            {xs.map((at) => (
                <g key={at}>
                    <line className="dim" x1={view.at(at, 0)[0]} x2={view.at(at, 0)[0]} y1={y - 6} y2={y + 6} />
                    <text x={view.at(at, 0)[0]} y={y + 21} textAnchor="middle" fontSize="14">
                        <LenText inches={at - xs[0]} />
                    </text>
                </g>
            ))}
            <line className="dim" x1={x} x2={x} y1={low} y2={high} />
            {ys.map((at) => (
                <g key={at}>
                    <line className="dim" x1={x - 5} x2={x + 5} y1={view.at(0, at)[1]} y2={view.at(0, at)[1]} />
                    <text x={x - 8} y={view.at(0, at)[1] + 5} textAnchor="end" fontSize="14">
                        <LenText inches={at - ys[0]} />
                    </text>
                </g>
            ))}
        </g>
    );
}

/** The first and last always; between them those with room to be read. */
function apart(values: number[], room: number): number[] {
    const sorted = [...values].sort((a, b) => a - b);
    const last = sorted[sorted.length - 1];
    const kept = [sorted[0]];
    for (const value of sorted) if (value - kept[kept.length - 1] >= room && last - value >= room) kept.push(value);
    if (last - kept[0] > 1e-6) kept.push(last);
    return kept;
}
