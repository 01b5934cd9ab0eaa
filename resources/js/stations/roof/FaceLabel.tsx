import type { PlanOutline, PlanPoint } from '../../contracts/plan';
import { usePitch } from '../../tape/measures';

export function FaceLabel({ name, rise, at, room }: { name: string; rise: number; at: PlanPoint; room: number }) {
    const pitch = usePitch();
    if (room < name.length * 9 + 6) return null;
    return (
        <g pointerEvents="none">
            <text x={at[0]} y={at[1]} textAnchor="middle" fontSize="15" fontWeight="650">
                {name}
            </text>
            <text x={at[0]} y={at[1] + 17} textAnchor="middle" fontSize="13" className="muted">
                {pitch(rise)}
            </text>
        </g>
    );
}

/** A point well inside an outline: half-way along the widest level stretch near its middle height. */
export function middleOf(outline: PlanOutline): PlanPoint {
    const ys = outline.map(([, y]) => y);
    const [low, high] = [Math.min(...ys), Math.max(...ys)];
    let best: PlanPoint = outline[0];
    let widest = -1;
    for (const share of [0.5, 0.38, 0.62, 0.25, 0.75]) {
        const y = low + (high - low) * share;
        const xs = crossings(outline, y);
        for (let i = 0; i + 1 < xs.length; i += 2) {
            const wide = (xs[i + 1] - xs[i]) * (1 - Math.abs(share - 0.5));
            if (wide > widest * 1.15) [widest, best] = [wide, [(xs[i] + xs[i + 1]) / 2, y]];
        }
    }
    return best;
}

function crossings(outline: PlanOutline, y: number): number[] {
    const xs: number[] = [];
    outline.forEach(([x1, y1], i) => {
        const [x2, y2] = outline[(i + 1) % outline.length];
        if (y1 > y !== y2 > y) xs.push(x1 + ((y - y1) / (y2 - y1)) * (x2 - x1));
    });
    return xs.sort((a, b) => a - b);
}

export function widthAt(outline: PlanOutline, y: number): number {
    const xs = crossings(outline, y);
    return xs.length < 2 ? 0 : Math.max(...xs.slice(1).map((x, i) => x - xs[i]));
}
