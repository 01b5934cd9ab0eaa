import { useRef, useState, type PointerEvent } from 'react';
import { useTranslation } from 'react-i18next';
import { usePick } from '../../job/PickContext';
import type { LaidFace } from '../../contracts/layout';
import type { PlanFace } from '../../contracts/roof';
import { EdgeLine } from '../../deck/EdgeLine';
import { Legend } from '../../deck/Legend';
import { frame, pointsOf, upTheSlope, useSize, type Frame } from '../../deck/useFrame';
import { LenText } from '../../tape/Len';

interface LayoutDrawingProps {
    face: PlanFace;
    laid: LaidFace;
    cover: number;
    /** Inches the seams are drawn ahead of the plan. */
    ahead: number;
    mayDrag: boolean;
    onNudge: (inches: number) => void;
    mark: number;
}

/** The true face with its panels. Drag it and the seams move by the tape's marks. */
export function LayoutDrawing({ face, laid, cover, ahead, mayDrag, onNudge, mark }: LayoutDrawingProps) {
    const { pick } = usePick();
    const { t } = useTranslation();
    const { box, size } = useSize();
    const begun = useRef<number | null>(null);
    const [dragged, setDragged] = useState(0);
    const compact = size[0] < 520;
    const view = frame(face.outline, size, { x: compact ? 14 : 26, top: 62, bottom: 46 });
    // A seam ends at what parts the panels; under a pipe's boot it must not run at all.
    const loops = [
        face.outline,
        ...face.holes,
        ...face.openings.filter((opening) => opening.kind !== 'pipe').map((opening) => opening.outline),
    ];
    const edged = [face.outline, ...face.holes];
    const shift = ahead + dragged;
    const moving = Math.abs(shift) > 1e-6;
    const { layout } = laid;
    const [bottom, top] = [Math.min(...face.outline.map(([, v]) => v)), Math.max(...face.outline.map(([, v]) => v))];
    const seams = moving ? shiftedSeams(laid, cover, shift) : laid.seams;
    const control = layout.control + shift;
    const [cx, cTop] = view.at(control, top);
    const [, cBottom] = view.at(control, bottom);
    const cLabel = Math.max(52, Math.min(size[0] - 52, cx));

    const down = (event: PointerEvent<SVGSVGElement>) => {
        if (!mayDrag || event.button !== 0) return;
        begun.current = event.clientX;
        event.currentTarget.setPointerCapture(event.pointerId);
    };
    const move = (event: PointerEvent<SVGSVGElement>) => {
        if (begun.current === null) return;
        setDragged(Math.round((event.clientX - begun.current) / view.scale / mark) * mark);
    };
    const up = () => {
        if (begun.current === null) return;
        begun.current = null;
        if (Math.abs(dragged) > 1e-9) onNudge(dragged);
        setDragged(0);
    };

    return (
        <>
            <div className="drawing" ref={box}>
                <svg
                    viewBox={`0 0 ${size[0]} ${size[1]}`}
                    role="img"
                    aria-label={t('layout.drawing', { face: face.name, panels: layout.panels })}
                    onPointerDown={down}
                    onPointerMove={move}
                    onPointerUp={up}
                    onPointerCancel={up}
                    style={{ cursor: mayDrag ? 'ew-resize' : 'default' }}
                >
                    <path
                        className="metal"
                        fillRule="evenodd"
                        d={loops.map((loop) => `M${pointsOf(loop, view).replaceAll(' ', ' L')} Z`).join(' ')}
                    />
                    {!moving &&
                        laid.strips
                            .filter((strip) => strip.rip !== null)
                            .map((strip) => (
                                <polygon key={strip.id} className="rip" points={pointsOf(strip.metal, view)} />
                            ))}
                    {!moving &&
                        laid.strips
                            .filter((strip) => strip.id === pick?.panel)
                            .map((strip) => (
                                <polygon
                                    key={strip.id}
                                    data-picked={strip.id}
                                    points={pointsOf(strip.metal, view)}
                                    fill="var(--chalk)"
                                    fillOpacity="0.4"
                                />
                            ))}
                    {seams.flatMap((u) =>
                        upTheSlope(loops, u).map(([low, high]) => {
                            const [x, y1] = view.at(u, high);
                            return (
                                <line
                                    key={`${u} ${low}`}
                                    className="seam-line"
                                    x1={x}
                                    x2={x}
                                    y1={y1}
                                    y2={view.at(u, low)[1]}
                                />
                            );
                        }),
                    )}
                    {face.openings.map((opening) => (
                        <OpeningShape key={opening.id} opening={opening} view={view} />
                    ))}
                    {laid.chalk.map((line, i) => (
                        <line
                            key={i}
                            className="cleat-line"
                            x1={view.at(...line.from)[0]}
                            y1={view.at(...line.from)[1]}
                            x2={view.at(...line.to)[0]}
                            y2={view.at(...line.to)[1]}
                        />
                    ))}
                    {edged.map((loop, number) =>
                        loop.map((corner, i) => (
                            <EdgeLine
                                key={`${number} ${i}`}
                                kind={[face.edges, ...face.holeEdges][number][i]}
                                from={view.at(...corner)}
                                to={view.at(...loop[(i + 1) % loop.length])}
                            />
                        )),
                    )}
                    <RunOut laid={laid} face={face} view={view} />
                    <line className="chalk-line" x1={cx} x2={cx} y1={cTop - 24} y2={cBottom + 12} />
                    <rect x={cLabel - 50} y={cTop - 46} width="100" height="22" rx="3" fill="var(--chalk)" />
                    <text
                        x={cLabel}
                        y={cTop - 30}
                        textAnchor="middle"
                        fontSize="15"
                        fontWeight="650"
                        style={{ fill: 'var(--chalkText)' }}
                    >
                        {t('layout.control-line')}
                    </text>
                    {moving ? (
                        <text
                            x={size[0] / 2}
                            y={16}
                            textAnchor="middle"
                            fontSize="17"
                            fontWeight="680"
                            className="chalk"
                        >
                            <LenText inches={layout.nudge + shift} /> {t('layout.nudged')}
                        </text>
                    ) : (
                        <RipLabels laid={laid} at={(u) => view.at(u, bottom)} />
                    )}
                </svg>
            </div>
            <Legend kinds={face.edges} />
        </>
    );
}

function OpeningShape({ opening, view }: { opening: PlanFace['openings'][number]; view: Frame }) {
    const us = opening.outline.map(([u]) => u);
    const top = Math.max(...opening.outline.map(([, v]) => v));
    const [x, y] = view.at((Math.min(...us) + Math.max(...us)) / 2, top);
    return (
        <g>
            <polygon
                points={pointsOf(opening.outline, view)}
                fill="var(--card)"
                stroke="var(--ink)"
                strokeWidth="1.8"
            />
            <text x={x} y={y - 6} textAnchor="middle" fontSize="14" fontWeight="600" className="on-metal">
                {opening.name}
            </text>
        </g>
    );
}

/** How far the rakes run out of square: the square line beside each, and the inches at its top. */
function RunOut({ laid, face, view }: { laid: LaidFace; face: PlanFace; view: Frame }) {
    const { t } = useTranslation();
    const run = laid.runOut;
    if (!run) return null;
    const us = face.outline.map(([u]) => u);
    const vs = face.outline.map(([, v]) => v);
    const ends = [
        { out: run.left, u: Math.min(...us), anchor: 'start' as const },
        { out: run.right, u: Math.max(...us), anchor: 'end' as const },
    ];
    return (
        <>
            {ends
                .filter((end) => end.out !== null && Math.abs(end.out) > 1 / 64)
                .map(({ out, u, anchor }) => {
                    const [x, y1] = view.at(u, Math.max(...vs));
                    return (
                        <g key={anchor} data-testid="run-out">
                            <line
                                x1={x}
                                x2={x}
                                y1={y1}
                                y2={view.at(u, Math.min(...vs))[1]}
                                stroke="var(--settle)"
                                strokeWidth="1.6"
                                strokeDasharray="2 5"
                            />
                            <text
                                x={x + (anchor === 'start' ? 26 : -26)}
                                y={y1 + 22}
                                textAnchor={anchor}
                                fontSize="14"
                                fontWeight="600"
                                className="on-metal"
                            >
                                {t((out as number) > 0 ? 'layout.runs-right' : 'layout.runs-left')}{' '}
                                <LenText inches={Math.abs(out as number)} inchesOnly />
                            </text>
                        </g>
                    );
                })}
        </>
    );
}

function RipLabels({ laid, at }: { laid: LaidFace; at: (u: number) => [number, number] }) {
    const { t } = useTranslation();
    const { leftRip, rightRip, left, right } = laid.layout;
    const ends = [
        ...(leftRip === null ? [] : [{ rip: leftRip, u: left, anchor: 'start' as const }]),
        ...(rightRip === null ? [] : [{ rip: rightRip, u: right, anchor: 'end' as const }]),
    ];
    return (
        <>
            {ends.map(({ rip, u, anchor }) => (
                <text key={anchor} x={at(u)[0]} y={at(u)[1] + 30} textAnchor={anchor} fontSize="16" fontWeight="650">
                    {t('layout.rip')} <LenText inches={rip} inchesOnly />
                </text>
            ))}
        </>
    );
}

/** The seam grid moved along, a new seam coming in where one has gone out. Drawn only; the plan says the rest. */
function shiftedSeams(laid: LaidFace, cover: number, shift: number): number[] {
    const { left, right } = laid.layout;
    const start = (laid.seams[0] ?? laid.layout.control) + shift;
    const first = start - Math.floor((start - left) / cover) * cover;
    const seams: number[] = [];
    for (let u = first; u < right - 1e-6; u += cover) if (u > left + 1e-6) seams.push(u);
    return seams;
}
