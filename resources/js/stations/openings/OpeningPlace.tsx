import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { OpeningView } from '../../contracts/openings';
import type { PlanPoint } from '../../contracts/plan';
import { frame, pointsOf, upTheSlope, useSize } from '../../deck/useFrame';
import { useJob } from '../../job/JobContext';
import { changeOpening } from '../../job/openingEdits';
import { movedBy } from './edits';
import { useJobTape } from '../../tape/JobTape';

/** Dragged, it comes to whole quarters of an inch. */
const STEP = 0.25;

/** Nearer (px) in line with another opening it snaps. */
const SNAP = 7;

/** An opening on the true shape of its face: dragged to its place, or moved by the arrow keys, in line with others. */
export function OpeningPlace({ opening }: { opening: OpeningView }) {
    const { t } = useTranslation();
    const { document: doc, edit, mayChange } = useJob();
    const print = useJobTape();
    const { box, size } = useSize();
    const said = (doc.openings ?? []).find((one) => one.id === opening.id);
    const { place } = opening;
    const own = place.others.find((one) => one.id === opening.id);
    const [moved, setMoved] = useState<PlanPoint>([0, 0]);
    const [from, setFrom] = useState<PlanPoint | null>(null);
    const to = frame(place.outline, size, { x: 46, top: 40, bottom: 46 });
    if (!own || !said) return null;
    const others = place.others.filter((one) => one.id !== opening.id);
    const shape = own.outline.map(([u, v]): PlanPoint => [u + moved[0], v + moved[1]]);
    const move = ([du, dv]: PlanPoint) => {
        if (du === 0 && dv === 0) return;
        // It goes on from where it stands, which is not where the document has it when it was taped from a rake.
        const across = du === 0 ? 0 : du + place.shifted;
        edit((d) => changeOpening(d, opening.id, movedBy(said, across, dv)));
    };
    const snapped = (du: number, dv: number): PlanPoint => {
        const near = SNAP / to.scale;
        const edges = (outline: PlanPoint[], axis: 0 | 1) => {
            const all = outline.map((point) => point[axis]);
            return [Math.min(...all), (Math.min(...all) + Math.max(...all)) / 2, Math.max(...all)];
        };
        const along = (axis: 0 | 1, by: number) => {
            const mine = edges(own.outline, axis);
            for (const other of others)
                for (const [i, at] of edges(other.outline, axis).entries())
                    if (Math.abs(at - mine[i] - by) < near) return at - mine[i];
            return Math.round(by / STEP) * STEP;
        };
        return [along(0, du), along(1, dv)];
    };
    const left = Math.min(...place.outline.map(([u]) => u));
    const low = Math.min(...place.outline.map(([, v]) => v));
    const [at, foot] = [Math.min(...shape.map(([u]) => u)), Math.min(...shape.map(([, v]) => v))];
    const [cx, cy] = to.at((at + Math.max(...shape.map(([u]) => u))) / 2, foot);
    const [ex, ey] = to.at(left, foot);
    const [, ly] = to.at(left, low);
    return (
        <div className="drawing" ref={box} style={{ flex: '1 1 340px', minHeight: 320 }}>
            <svg
                viewBox={`0 0 ${size[0]} ${size[1]}`}
                role="application"
                tabIndex={0}
                aria-label={t('openings.place-drawing', { name: opening.name, face: opening.faceName })}
                data-place={opening.id}
                onKeyDown={(event) => {
                    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[
                        event.key
                    ];
                    if (!way || !mayChange) return;
                    event.preventDefault();
                    event.stopPropagation();
                    const by = event.shiftKey ? 12 : 1;
                    move([way[0] * by, way[1] * by]);
                }}
                onPointerDown={(event) => {
                    if (!mayChange || !(event.target as Element).closest('[data-moves]')) return;
                    event.currentTarget.setPointerCapture(event.pointerId);
                    setFrom([event.clientX, event.clientY]);
                }}
                onPointerMove={(event) => {
                    if (from)
                        setMoved(snapped((event.clientX - from[0]) / to.scale, (from[1] - event.clientY) / to.scale));
                }}
                onPointerUp={() => {
                    if (!from) return;
                    setFrom(null);
                    setMoved([0, 0]);
                    move(moved);
                }}
            >
                <polygon
                    points={pointsOf(place.outline, to)}
                    fill="var(--metal)"
                    stroke="var(--ink)"
                    strokeWidth="1.6"
                />
                {place.holes.map((hole, i) => (
                    <polygon key={i} points={pointsOf(hole, to)} fill="var(--wood)" stroke="var(--ink)" />
                ))}
                {place.seams.map((u) =>
                    upTheSlope([place.outline, ...place.holes], u).map(([a, b]) => {
                        const [[x1, y1], [x2, y2]] = [to.at(u, a), to.at(u, b)];
                        return <line key={`${u} ${a}`} x1={x1} y1={y1} x2={x2} y2={y2} stroke="var(--seam)" />;
                    }),
                )}
                {others.map((one) => (
                    <polygon
                        key={one.id}
                        points={pointsOf(one.outline, to)}
                        fill="var(--card)"
                        stroke="var(--muted)"
                        strokeWidth="1.4"
                    />
                ))}
                <line x1={ex} y1={ey} x2={to.at(at, foot)[0]} y2={ey} stroke="var(--chalk)" strokeWidth="1.4" />
                <line x1={cx} y1={cy} x2={cx} y2={ly} stroke="var(--chalk)" strokeWidth="1.4" />
                <text x={(ex + to.at(at, foot)[0]) / 2} y={ey - 7} textAnchor="middle" fontSize="16" fontWeight="650">
                    {print(at - left)}
                </text>
                <text x={cx + 9} y={(cy + ly) / 2 + 5} fontSize="16" fontWeight="650">
                    {print(foot - low)}
                </text>
                <polygon
                    data-moves={opening.id}
                    points={pointsOf(shape, to)}
                    fill="var(--actionTint)"
                    stroke="var(--chalk)"
                    strokeWidth="2.6"
                    style={{ cursor: mayChange ? 'grab' : undefined }}
                />
                {/* Room for a glove round what is small. */}
                <circle
                    data-moves={opening.id}
                    cx={cx}
                    cy={(cy + to.at(0, Math.max(...shape.map(([, v]) => v)))[1]) / 2}
                    r="24"
                    fill="transparent"
                    style={{ cursor: mayChange ? 'grab' : undefined }}
                />
            </svg>
        </div>
    );
}
