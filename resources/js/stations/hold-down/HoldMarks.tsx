import { memo } from 'react';
import type { HeldFace } from '../../contracts/hold-down';
import type { PlanPoint } from '../../contracts/plan';
import type { Frame } from '../../deck/useFrame';

interface MarksProps {
    held: HeldFace;
    view: Frame;
    reach: number;
    thin: number;
}

/** Every clip or screw as a cross, places crimped by hand, what fixes the panels. */
export const Marks = memo(function Marks({ held, view, reach, thin }: MarksProps) {
    const each = (points: PlanPoint[], draw: (x: number, y: number) => string) =>
        points.map(([u, v]) => draw(...view.at(u, v))).join('');
    const fasteners: PlanPoint[] =
        held.screws.length > 0 ? held.screws : held.seams.flatMap((one) => one.clips.map((v): PlanPoint => [one.u, v]));
    const r = reach.toFixed(2);
    const twice = (2 * reach).toFixed(2);
    const half = 0.8 / thin;
    const thick = (2 * half).toFixed(2);
    return (
        <>
            <path
                d={each(
                    fasteners,
                    (x, y) =>
                        `M${(x - reach).toFixed(2)} ${(y - half).toFixed(2)}h${twice}v${thick}h-${twice}zM${(x - half).toFixed(2)} ${(y - reach).toFixed(2)}h${thick}v${twice}h-${thick}z`,
                )}
                fill="var(--ink)"
                data-fasteners={fasteners.length}
            />
            <path
                d={each(
                    held.crimps,
                    (x, y) => `M${(x - reach).toFixed(1)} ${(y + reach).toFixed(1)}l${r} -${twice}l${r} ${twice}`,
                )}
                fill="none"
                stroke="var(--muted)"
                strokeWidth={1 / thin}
            />
            <path
                d={each(
                    held.fixed,
                    (x, y) => `M${(x - reach / 2).toFixed(1)} ${(y - reach / 2).toFixed(1)}h${r}v${r}h-${r}z`,
                )}
                fill="var(--ink)"
                data-fixed={held.fixed.length}
            />
        </>
    );
});

/** Rows of snow guards: a line with a diamond for each pad or clamp. */
export function Guards({ held, at, reach }: { held: HeldFace; at: (point: PlanPoint) => PlanPoint; reach: number }) {
    const far = reach * 1.6;
    return held.guards.map((row, i) => {
        const [[x1, y], [x2]] = [at([row.from, row.v]), at([row.to, row.v])];
        return (
            <g key={i} data-guards={row.at.length} stroke={row.over ? 'var(--stop)' : 'var(--chalk)'}>
                <line x1={x1} x2={x2} y1={y} y2={y} strokeWidth="2.6" />
                <path
                    d={row.at
                        .map((point) => {
                            const [x, v] = at(point);
                            return `M${x.toFixed(1)} ${(v - far).toFixed(1)}l${far} ${far}l${-far} ${far}l${-far} ${-far}z`;
                        })
                        .join('')}
                    fill="var(--ground)"
                    strokeWidth="1.6"
                />
            </g>
        );
    });
}
