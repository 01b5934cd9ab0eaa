import type { PlanEdge } from '../contracts/roof';
import type { PlanPoint } from '../contracts/plan';

export type EdgeKind = PlanEdge['kind'];

interface EdgeLineProps {
    kind: EdgeKind;
    from: PlanPoint;
    to: PlanPoint;
    /** Which end of a hip or valley is the low one; the one lower on the screen where left out. */
    low?: 'from' | 'to';
}

/**
 * An edge told by its pattern: ridge a double line, eave a line with ticks, rake plain and heavy, peak a line under
 * a dashed one, hip chevrons up the slope, valley chevrons down it, a pitch change dash and dot, wall lines hatched. Screen coordinates, the face to the left of from→to as drawn (y down).
 */
export function EdgeLine({ kind, from, to, low }: EdgeLineProps) {
    const [x1, y1] = from;
    const [x2, y2] = to;
    const length = Math.hypot(x2 - x1, y2 - y1);
    if (length < 0.5) return null;
    const [dx, dy] = [(x2 - x1) / length, (y2 - y1) / length];
    // Outwards: counter-clockwise on the roof is clockwise in screen coordinates with y down.
    const [ox, oy] = [-dy, dx];
    const line = (out: number, width: number, dash?: string) => (
        <line
            className="edge"
            x1={x1 + ox * out}
            y1={y1 + oy * out}
            x2={x2 + ox * out}
            y2={y2 + oy * out}
            strokeWidth={width}
            strokeDasharray={dash}
        />
    );
    const ticks = (spacing: number, reach: number, lean: number) => {
        const count = Math.max(1, Math.floor(length / spacing));
        return Array.from({ length: count + 1 }, (_, i) => {
            const along = (i / count) * length;
            const [x, y] = [x1 + dx * along, y1 + dy * along];
            return (
                <line
                    key={i}
                    className="edge"
                    strokeWidth="1.2"
                    x1={x}
                    y1={y}
                    x2={x + ox * reach + dx * lean}
                    y2={y + oy * reach + dy * lean}
                />
            );
        });
    };
    const chevrons = (up: 1 | -1) => {
        const count = Math.max(1, Math.floor(length / 22));
        if ((low ?? (y1 >= y2 ? 'from' : 'to')) === 'to') up = up === 1 ? -1 : 1;
        return Array.from({ length: count }, (_, i) => {
            const along = ((i + 0.5) / count) * length;
            const [x, y] = [x1 + dx * (along + up * 3), y1 + dy * (along + up * 3)];
            const arm = (side: 1 | -1) =>
                `${(x - dx * up * 6 + ox * side * 5).toFixed(1)},${(y - dy * up * 6 + oy * side * 5).toFixed(1)}`;
            return (
                <polyline
                    key={i}
                    className="edge"
                    strokeWidth="1.6"
                    points={`${arm(1)} ${x.toFixed(1)},${y.toFixed(1)} ${arm(-1)}`}
                />
            );
        });
    };
    switch (kind) {
        case 'eave':
            return (
                <g>
                    {line(0, 2)}
                    {ticks(12, 6, 0)}
                </g>
            );
        case 'ridge':
            return (
                <g>
                    {line(0, 2)}
                    {line(5, 1.3)}
                </g>
            );
        case 'peak':
            return (
                <g>
                    {line(0, 2)}
                    {line(5, 1.6, '9 5')}
                </g>
            );
        case 'hip':
            return (
                <g>
                    {line(0, 1.6)}
                    {chevrons(1)}
                </g>
            );
        case 'valley':
            return (
                <g>
                    {line(0, 1.6)}
                    {chevrons(-1)}
                </g>
            );
        case 'transition':
            return <g>{line(0, 2, '12 4 2 4')}</g>;
        case 'cross-end':
            return (
                <g>
                    {line(0, 2, '3 3')}
                    {line(4, 1.3)}
                </g>
            );
        case 'opening':
            return <g>{line(0, 1.3, '4 3')}</g>;
        case 'rake':
            return <g>{line(0, 3.4)}</g>;
        default:
            return (
                <g>
                    {line(0, 2)}
                    {ticks(9, 7, 7)}
                </g>
            );
    }
}
