import { useRef, useState, type PointerEvent, type WheelEvent } from 'react';
import { useTranslation } from 'react-i18next';
import type { HeldFace, HeldSeam } from '../../contracts/hold-down';
import type { PlanPoint } from '../../contracts/plan';
import type { PlanFace } from '../../contracts/roof';
import { EdgeLine } from '../../deck/EdgeLine';
import { frame, pointsOf, useSize } from '../../deck/useFrame';
import { Said } from '../../tape/Len';

interface HoldDrawingProps {
    face: PlanFace;
    held: HeldFace;
    isEstimate: boolean;
    seam: HeldSeam | null;
    onSeam: (number: number) => void;
}

const STEP = 1.5;
const MOST = 12;

/** A face as a person would chalk it: a cross for every clip or screw, zones by pattern. Zooms and pans. */
export function HoldDrawing({ face, held, isEstimate, seam, onSeam }: HoldDrawingProps) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const [zoom, setZoom] = useState({ by: 1, x: 0, y: 0 });
    const dragged = useRef<{ x: number; y: number; far: boolean } | null>(null);
    const view = frame(face.outline, size, { x: 26, top: 30, bottom: 26 });
    const at = ([u, v]: PlanPoint): PlanPoint => view.at(u, v);
    const cross = (points: PlanPoint[], reach: number) =>
        points
            .map((point) => {
                const [x, y] = at(point);
                return `M${(x - reach).toFixed(1)} ${y.toFixed(1)}h${2 * reach}M${x.toFixed(1)} ${(y - reach).toFixed(1)}v${2 * reach}`;
            })
            .join('');
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
    const down = (event: PointerEvent<SVGSVGElement>) => {
        if (event.button === 0) dragged.current = { x: event.clientX, y: event.clientY, far: false };
    };
    const move = (event: PointerEvent<SVGSVGElement>) => {
        const from = dragged.current;
        if (!from || zoom.by === 1) return;
        const [dx, dy] = [event.clientX - from.x, event.clientY - from.y];
        dragged.current = { x: event.clientX, y: event.clientY, far: from.far || Math.hypot(dx, dy) > 2 };
        setZoom((was) => ({ ...was, x: was.x + dx, y: was.y + dy }));
    };
    const up = (event: PointerEvent<SVGSVGElement>) => {
        const far = dragged.current?.far ?? false;
        dragged.current = null;
        if (far || held.seams.length === 0) return;
        const bounds = event.currentTarget.getBoundingClientRect();
        const x = (event.clientX - bounds.left - zoom.x) / zoom.by;
        const near = held.seams.reduce((best, one) =>
            Math.abs(at([one.u, 0])[0] - x) < Math.abs(at([best.u, 0])[0] - x) ? one : best,
        );
        onSeam(near.number);
    };
    const wheel = (event: WheelEvent) => closer(event.deltaY < 0 ? STEP : 1 / STEP);
    const fasteners: PlanPoint[] =
        held.screws.length > 0 ? held.screws : held.seams.flatMap((one) => one.clips.map((v): PlanPoint => [one.u, v]));
    // Seams a cover apart have room for their crosses.
    const reach = Math.min(3.4, Math.max(1.5, view.scale * 4.5)) / Math.sqrt(zoom.by);
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
                    onPointerLeave={() => (dragged.current = null)}
                    onWheel={wheel}
                    style={{ cursor: zoom.by > 1 ? 'grab' : 'default', touchAction: zoom.by > 1 ? 'none' : 'pan-y' }}
                >
                    <defs>
                        <Hatch id="zone-edge" size={9} lines={['M0 9L9 0']} />
                        <Hatch id="zone-corner" size={7} lines={['M0 7L7 0', 'M0 0L7 7']} />
                        <clipPath id="face-clip">
                            <polygon points={pointsOf(face.outline, view)} />
                        </clipPath>
                    </defs>
                    <g transform={`translate(${zoom.x} ${zoom.y}) scale(${zoom.by})`}>
                        <path
                            className="metal"
                            fillRule="evenodd"
                            d={[face.outline, ...face.holes]
                                .map((loop) => `M${pointsOf(loop, view).replaceAll(' ', ' L')} Z`)
                                .join(' ')}
                        />
                        <g clipPath="url(#face-clip)">
                            {held.zones.map((zone, i) => (
                                <polygon
                                    key={i}
                                    points={pointsOf(zone.outline, view)}
                                    fill={`url(#zone-${zone.zone})`}
                                />
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
                        <path
                            d={cross(fasteners, reach)}
                            fill="none"
                            stroke="var(--ink)"
                            strokeWidth={1.6 / Math.sqrt(zoom.by)}
                            data-fasteners={fasteners.length}
                        />
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
                                    {held.weakest.ratio.toFixed(2)}
                                </text>
                            </g>
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
                {isEstimate && <li style={{ color: 'var(--settleInk)' }}>{t('hold.estimate-mark')}</li>}
            </ul>
        </>
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
