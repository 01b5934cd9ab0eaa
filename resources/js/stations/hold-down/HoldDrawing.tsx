import { figure } from '../../words/figures';
import { useMemo, useRef, useState, type PointerEvent, type WheelEvent } from 'react';
import { useTranslation } from 'react-i18next';
import type { HeldFace, HeldSeam } from '../../contracts/hold-down';
import type { PlanPoint } from '../../contracts/plan';
import type { PlanFace } from '../../contracts/roof';
import { EdgeLine } from '../../deck/EdgeLine';
import { frame, pointsOf, useSize, type Frame } from '../../deck/useFrame';
import { Said } from '../../tape/Len';
import { Guards, Marks } from './HoldMarks';

interface HoldDrawingProps {
    face: PlanFace;
    held: HeldFace;
    isEstimate: boolean;
    seam: HeldSeam | null;
    onSeam: (number: number) => void;
    /** Whether a stretch of the eave is being marked: it is drawn from one end to the other, inches from the face's left. */
    onMark: ((from: number, to: number) => void) | null;
}

const STEP = 1.5;
const MOST = 12;

/** A face as a person would chalk it: a cross for every clip or screw, zones by pattern. Zooms and pans. */
export function HoldDrawing({ face, held, isEstimate, seam, onSeam, onMark }: HoldDrawingProps) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const [zoom, setZoom] = useState({ by: 1, x: 0, y: 0 });
    const dragged = useRef<{ x: number; y: number; far: boolean } | null>(null);
    const fingers = useRef(new Map<number, PlanPoint>());
    const [marked, setMarked] = useState<[number, number] | null>(null);
    const view = useMemo(() => frame(face.outline, size, { x: 26, top: 30, bottom: 26 }), [face, size]);
    const us = face.outline.map(([u]) => u);
    const [left, right] = [Math.min(...us), Math.max(...us)];
    const at = ([u, v]: PlanPoint): PlanPoint => view.at(u, v);
    const closer = (times: number) =>
        setZoom((was) => {
            const by = Math.max(1, Math.min(MOST, was.by * times));
            // About the middle of what is seen.
            const share = by / was.by;
            return by === 1
                ? { by, x: 0, y: 0 }
                : {
                      by,
                      x: size[0] / 2 - (size[0] / 2 - was.x) * share,
                      y: size[1] / 2 - (size[1] / 2 - was.y) * share,
                  };
        });
    /** Across the face from its left end, inches. */
    const across = (event: PointerEvent<SVGSVGElement>): number => {
        const x = (event.clientX - event.currentTarget.getBoundingClientRect().left - zoom.x) / zoom.by;
        return Math.max(0, Math.min(right - left, (x - at([left, 0])[0]) / view.scale));
    };
    const apart = () => {
        const [a, b] = [...fingers.current.values()];
        return a && b ? Math.hypot(a[0] - b[0], a[1] - b[1]) : 0;
    };
    const down = (event: PointerEvent<SVGSVGElement>) => {
        if (event.button !== 0) return;
        fingers.current.set(event.pointerId, [event.clientX, event.clientY]);
        if (onMark) setMarked([across(event), across(event)]);
        else dragged.current = { x: event.clientX, y: event.clientY, far: fingers.current.size > 1 };
    };
    const move = (event: PointerEvent<SVGSVGElement>) => {
        if (onMark) {
            const u = across(event);
            setMarked((was) => was && [was[0], u]);
            return;
        }
        if (fingers.current.size > 1 && fingers.current.has(event.pointerId)) {
            const before = apart();
            fingers.current.set(event.pointerId, [event.clientX, event.clientY]);
            if (before > 0) closer(apart() / before);
            return;
        }
        const from = dragged.current;
        if (!from || zoom.by === 1) return;
        const [dx, dy] = [event.clientX - from.x, event.clientY - from.y];
        dragged.current = { x: event.clientX, y: event.clientY, far: from.far || Math.hypot(dx, dy) > 2 };
        setZoom((was) => ({ ...was, x: was.x + dx, y: was.y + dy }));
    };
    const letGo = () => {
        fingers.current.clear();
        dragged.current = null;
        setMarked(null);
    };
    const up = (event: PointerEvent<SVGSVGElement>) => {
        if (onMark && marked) {
            const u = across(event);
            if (Math.abs(u - marked[0]) > 1) onMark(Math.min(marked[0], u), Math.max(marked[0], u));
        }
        const far = (dragged.current?.far ?? false) || fingers.current.size > 1;
        letGo();
        if (far || onMark || held.seams.length === 0) return;
        const bounds = event.currentTarget.getBoundingClientRect();
        const x = (event.clientX - bounds.left - zoom.x) / zoom.by;
        const near = held.seams.reduce((best, one) =>
            Math.abs(at([one.u, 0])[0] - x) < Math.abs(at([best.u, 0])[0] - x) ? one : best,
        );
        onSeam(near.number);
    };
    const wheel = (event: WheelEvent) => closer(event.deltaY < 0 ? STEP : 1 / STEP);
    // Seams a cover apart have room for their crosses. While it zooms they are drawn anew step by step, not at every move.
    const thin = Math.sqrt(STEP ** Math.round(Math.log(zoom.by) / Math.log(STEP)));
    const reach = Math.min(3.4, Math.max(1.5, view.scale * 4.5)) / thin;
    return (
        <>
            <div className="drawing" ref={box}>
                <svg
                    viewBox={`0 0 ${size[0]} ${size[1]}`}
                    role="img"
                    aria-label={t('hold.drawing', { face: held.name })}
                    data-held={held.id}
                    onPointerDown={down}
                    onPointerMove={move}
                    onPointerUp={up}
                    onPointerLeave={letGo}
                    onPointerCancel={letGo}
                    onWheel={wheel}
                    style={{
                        cursor: onMark ? 'crosshair' : zoom.by > 1 ? 'grab' : 'default',
                        touchAction: onMark || zoom.by > 1 ? 'none' : 'pan-y pinch-zoom',
                    }}
                >
                    <defs>
                        <Hatch id="zone-edge" size={9} lines={['M0 9L9 0']} />
                        <Hatch id="zone-corner" size={7} lines={['M0 7L7 0', 'M0 0L7 7']} />
                        <clipPath id="face-clip">
                            <polygon points={pointsOf(face.outline, view)} />
                        </clipPath>
                    </defs>
                    <g transform={`translate(${zoom.x} ${zoom.y}) scale(${zoom.by})`}>
                        <Held face={face} held={held} seam={seam} view={view} reach={reach} thin={thin} />
                        {marked && (
                            <line
                                x1={at([left + marked[0], 0])[0]}
                                x2={at([left + marked[1], 0])[0]}
                                y1={size[1] - 14}
                                y2={size[1] - 14}
                                stroke="var(--chalk)"
                                strokeWidth="5"
                            />
                        )}
                        {face.outline.map((corner, i) => (
                            <EdgeLine
                                key={i}
                                kind={face.edges[i]}
                                from={at(corner)}
                                to={at(face.outline[(i + 1) % face.outline.length])}
                            />
                        ))}
                    </g>
                </svg>
                <div className="rowed" style={{ position: 'absolute', right: 8, top: 4, gap: 6 }}>
                    <button type="button" className="chip" aria-label={t('hold.zoom-in')} onClick={() => closer(STEP)}>
                        +
                    </button>
                    <button
                        type="button"
                        className="chip"
                        aria-label={t('hold.zoom-out')}
                        onClick={() => closer(1 / STEP)}
                    >
                        −
                    </button>
                </div>
            </div>
            <Legend held={held} isEstimate={isEstimate} />
        </>
    );
}

interface HeldProps {
    face: HoldDrawingProps['face'];
    held: HoldDrawingProps['held'];
    seam: HoldDrawingProps['seam'];
    view: Frame;
    /** How large a cross is, and how thin. */
    reach: number;
    thin: number;
}

/** The metal, its zones and seams, every clip and screw, and where it is weakest. */
function Held({ face, held, seam, view, reach, thin }: HeldProps) {
    const at = ([u, v]: PlanPoint): PlanPoint => view.at(u, v);
    return (
        <>
            <path
                className="metal"
                fillRule="evenodd"
                d={[face.outline, ...face.holes]
                    .map((loop) => `M${pointsOf(loop, view).replaceAll(' ', ' L')} Z`)
                    .join(' ')}
            />
            <g clipPath="url(#face-clip)">
                {held.zones.map((zone, i) => (
                    <polygon key={i} points={pointsOf(zone.outline, view)} fill={`url(#zone-${zone.zone})`} />
                ))}
            </g>
            <path
                d={held.seams
                    .map((one) => {
                        const [x, low] = at([one.u, one.from]);
                        return `M${x.toFixed(1)} ${low.toFixed(1)}V${at([one.u, one.to])[1].toFixed(1)}`;
                    })
                    .join('')}
                fill="none"
                stroke="var(--seam)"
                strokeWidth="1"
                opacity="0.7"
            />
            {seam && (
                <line
                    x1={at([seam.u, seam.from])[0]}
                    x2={at([seam.u, seam.to])[0]}
                    y1={at([seam.u, seam.from])[1]}
                    y2={at([seam.u, seam.to])[1]}
                    stroke="var(--chalk)"
                    strokeWidth="2.6"
                />
            )}
            <Marks held={held} view={view} reach={reach} thin={thin} />
            <Guards held={held} at={at} reach={reach} />
            {held.over.map((point, i) => (
                <circle
                    key={i}
                    cx={at(point)[0]}
                    cy={at(point)[1]}
                    r="7"
                    fill="none"
                    stroke="var(--stop)"
                    strokeWidth="2"
                />
            ))}
            {held.weakest && (
                <g>
                    <rect
                        x={at(held.weakest.at)[0] - 7}
                        y={at(held.weakest.at)[1] - 7}
                        width="14"
                        height="14"
                        fill="none"
                        stroke="var(--ink)"
                        strokeWidth="2"
                    />
                    <text
                        x={at(held.weakest.at)[0] + 11}
                        y={at(held.weakest.at)[1] - 8}
                        fontSize="14"
                        fontWeight="700"
                        paintOrder="stroke"
                        stroke="var(--ground)"
                        strokeWidth="4"
                    >
                        {figure(held.weakest.ratio, 2)}
                    </text>
                </g>
            )}
        </>
    );
}

/** What crosses and patterns mean. */
function Legend({ held, isEstimate }: Pick<HoldDrawingProps, 'held' | 'isEstimate'>) {
    const { t } = useTranslation();
    return (
        <ul
            className="plain rowed"
            style={{ gap: '4px 22px', listStyle: 'none', paddingLeft: 0 }}
            aria-label={t('hold.legend')}
        >
            {held.legend.map((zone) => (
                <li key={zone.zone} className="rowed" style={{ gap: 8 }}>
                    <svg width="22" height="16" aria-hidden="true">
                        <rect
                            width="22"
                            height="16"
                            fill={zone.zone === 'field' ? 'var(--metal)' : `url(#zone-${zone.zone})`}
                            stroke="var(--muted)"
                        />
                    </svg>
                    <span>
                        <Said text={zone.said} />
                    </span>
                </li>
            ))}
            {held.fixed.length > 0 && <li>■ {t('hold.mark-fixed')}</li>}
            {held.crimps.length > 0 && <li>∧ {t('hold.mark-crimp')}</li>}
            {held.guards.length > 0 && <li>◆ {t('hold.mark-guard')}</li>}
            {isEstimate && <li style={{ color: 'var(--settleInk)' }}>{t('hold.estimate-mark')}</li>}
        </ul>
    );
}

function Hatch({ id, size, lines }: { id: string; size: number; lines: string[] }) {
    return (
        <pattern id={id} width={size} height={size} patternUnits="userSpaceOnUse">
            {lines.map((line) => (
                <path key={line} d={line} stroke="var(--muted)" strokeWidth="0.9" opacity="0.7" />
            ))}
        </pattern>
    );
}
