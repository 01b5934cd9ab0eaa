import type { PlanPoint } from '../api/contract';

export type EdgeKind = 'eave' | 'rake' | 'ridge' | 'peak' | 'headwall' | 'sidewall';

interface EdgeLineProps {
    kind: EdgeKind;
    from: PlanPoint;
    to: PlanPoint;
}

/**
 * An edge told by its pattern: ridge a double line, eave a line with ticks, rake plain and heavy, peak a line under
 * a dashed one, wall lines hatched. Screen coordinates, the face to the left of from→to as drawn (y down).
 */
export function EdgeLine({ kind, from, to }: EdgeLineProps) {
    const [x1, y1] = from;
    const [x2, y2] = to;
    const length = Math.hypot(x2 - x1, y2 - y1);
    if (length < 0.5) return null;
    const [dx, dy] = [(x2 - x1) / length, (y2 - y1) / length];
    // Outwards: counter-clockwise on the roof is clockwise in screen coordinates with y down.
    const [ox, oy] = [-dy, dx];
    const line = (out: number, width: number, dash?: string) => (
        <line className="edge" x1={x1 + ox * out} y1={y1 + oy * out} x2={x2 + ox * out} y2={y2 + oy * out} strokeWidth={width} strokeDasharray={dash} />
    );
    const ticks = (spacing: number, reach: number, lean: number) => {
        const count = Math.max(1, Math.floor(length / spacing));
        return Array.from({ length: count + 1 }, (_, i) => {
            const along = (i / count) * length;
            const [x, y] = [x1 + dx * along, y1 + dy * along];
            return <line key={i} className="edge" strokeWidth="1.2" x1={x} y1={y} x2={x + ox * reach + dx * lean} y2={y + oy * reach + dy * lean} />;
        });
    };
    switch (kind) {
        case 'eave':
            return <g>{line(0, 2)}{ticks(12, 6, 0)}</g>;
        case 'ridge':
            return <g>{line(0, 2)}{line(5, 1.3)}</g>;
        case 'peak':
            return <g>{line(0, 2)}{line(5, 1.6, '9 5')}</g>;
        case 'rake':
            return <g>{line(0, 3.4)}</g>;
        default:
            return <g>{line(0, 2)}{ticks(9, 7, 7)}</g>;
    }
}
