import { useState, type MouseEvent } from 'react';
import { useTranslation } from 'react-i18next';
import type { DropSlice, WaterSlice } from '../../contracts/water';
import type { PlanPoint } from '../../contracts/plan';
import { EdgeLine } from '../../deck/EdgeLine';
import { frame, pointsOf, useSize, type Frame } from '../../deck/useFrame';

interface WaterDrawingProps {
    slice: WaterSlice;
    /** Whether every pan shows what runs in it. */
    rain: boolean;
    path: DropSlice | null;
    drop: PlanPoint | null;
    onDrop: (plan: PlanPoint) => void;
}

const WIDEST = 14;

/** The roof from above: dashes the way water falls, valleys as wide as their flow, and the way of a drop. */
export function WaterDrawing({ slice, rain, path, drop, onDrop }: WaterDrawingProps) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const view = frame(
        slice.faces.flatMap((face) => face.planOutline),
        size,
        { x: 44, top: 30, bottom: 36 },
    );
    const at = ([x, y]: PlanPoint): PlanPoint => view.at(x, y);
    // Where the arrow keys have brought the drop that Enter lets fall.
    const [hand, setHand] = useState<PlanPoint | null>(null);
    const all = slice.faces.flatMap((face) => face.planOutline);
    const half = (axis: 0 | 1) => {
        const along = all.map((point) => point[axis]);
        return (Math.min(...along) + Math.max(...along)) / 2;
    };
    const middle: PlanPoint = [half(0), half(1)];
    const release = (event: MouseEvent<SVGSVGElement>) => {
        const bounds = event.currentTarget.getBoundingClientRect();
        const [x0, y0] = view.at(0, 0);
        onDrop([(event.clientX - bounds.left - x0) / view.scale, -(event.clientY - bounds.top - y0) / view.scale]);
    };
    const flows = new Map([...slice.valleys, ...slice.eaves].map((flow) => [flow.id, flow]));
    const steps = path?.steps ?? [];
    return (
        <div className="drawing" ref={box}>
            <svg
                role="application"
                tabIndex={0}
                aria-label={t('water.drawing')}
                data-water
                onClick={release}
                onKeyDown={(event) => {
                    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[
                        event.key
                    ];
                    if (event.key === 'Enter' && hand) onDrop(hand);
                    if (!by) return;
                    event.preventDefault();
                    event.stopPropagation();
                    const [x, y] = hand ?? middle;
                    const step = event.shiftKey ? 60 : 6;
                    setHand([x + by[0] * step, y + by[1] * step]);
                }}
                style={{ cursor: 'crosshair' }}
            >
                <defs>
                    {slice.faces.map((face) => (
                        <pattern
                            key={face.id}
                            id={`fall-${face.id}`}
                            width="34"
                            height="24"
                            patternUnits="userSpaceOnUse"
                            patternTransform={`rotate(${-face.fall})`}
                        >
                            <line
                                x1="6"
                                x2="20"
                                y1="12"
                                y2="12"
                                stroke="var(--water)"
                                strokeWidth="1.8"
                                opacity="0.55"
                            />
                        </pattern>
                    ))}
                </defs>
                <Faces slice={slice} rain={rain} view={view} />
                {slice.edges.map((edge) => {
                    const [from, to] = [at(edge.plan[0]), at(edge.plan[1])];
                    const flow = flows.get(edge.id);
                    return (
                        <g key={edge.id}>
                            {flow && edge.kind === 'valley' && (
                                <Stream from={from} to={to} heights={edge.heights} share={flow.share} id={edge.id} />
                            )}
                            <EdgeLine
                                kind={edge.kind}
                                from={from}
                                to={to}
                                low={edge.heights[0] <= edge.heights[1] ? 'from' : 'to'}
                            />
                        </g>
                    );
                })}
                <Way steps={steps} at={at} />
                {hand && (
                    <g stroke="var(--action)" strokeWidth="2" pointerEvents="none" data-hand>
                        <line x1={at(hand)[0] - 11} x2={at(hand)[0] + 11} y1={at(hand)[1]} y2={at(hand)[1]} />
                        <line x1={at(hand)[0]} x2={at(hand)[0]} y1={at(hand)[1] - 11} y2={at(hand)[1] + 11} />
                    </g>
                )}
                {drop && path && steps.length === 0 && (
                    <circle cx={at(drop)[0]} cy={at(drop)[1]} r="7" fill="none" stroke="var(--muted)" strokeWidth="2" />
                )}
            </svg>
        </div>
    );
}

/** The faces with the way they fall, what runs on them, and what stands in them. */
function Faces({ slice, rain, view }: Pick<WaterDrawingProps, 'slice' | 'rain'> & { view: Frame }) {
    const at = ([x, y]: PlanPoint): PlanPoint => view.at(x, y);
    return (
        <>
            {slice.faces.map((face) => (
                <g key={face.id}>
                    <path
                        className="metal"
                        fillRule="evenodd"
                        d={[face.planOutline, ...face.planHoles]
                            .map((loop) => `M${pointsOf(loop, view).replaceAll(' ', ' L')} Z`)
                            .join(' ')}
                    />
                    <path
                        fillRule="evenodd"
                        fill={face.across ? 'none' : `url(#fall-${face.id})`}
                        d={[face.planOutline, ...face.planHoles]
                            .map((loop) => `M${pointsOf(loop, view).replaceAll(' ', ' L')} Z`)
                            .join(' ')}
                    />
                </g>
            ))}
            {rain &&
                slice.pans.map((pan, i) => (
                    <Stream key={i} from={at(pan.from)} to={at(pan.to)} heights={[1, 0]} share={pan.share} id="pan" />
                ))}
            {slice.faces.flatMap((face) =>
                face.openings.map((outline, i) => (
                    <polygon
                        key={`${face.id}${i}`}
                        points={pointsOf(outline, view)}
                        fill="var(--ground)"
                        stroke="var(--ink)"
                        strokeWidth="1.6"
                    />
                )),
            )}
        </>
    );
}

type Steps = NonNullable<WaterDrawingProps['path']>['steps'];

/** The way of a drop, step by step. */
function Way({ steps, at }: { steps: Steps; at: (point: PlanPoint) => PlanPoint }) {
    const way = steps.flatMap((step, i) => (i === 0 ? [step.from, step.to] : [step.to])).map(at);
    if (way.length < 2) return null;
    const drawn = way.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');
    return (
        <>
            <path
                d={drawn}
                fill="none"
                stroke="var(--chalk)"
                strokeWidth="4"
                strokeDasharray="2 7"
                strokeLinecap="round"
                data-way={steps.length}
            />
            <circle r="6" className="drop" fill="var(--chalk)" stroke="var(--card)" strokeWidth="2">
                <animateMotion dur="2.4s" repeatCount="indefinite" path={drawn} />
            </circle>
            {steps.map((step, i) => (
                <Numbered key={i} at={at(step.from)} number={i + 1} />
            ))}
        </>
    );
}

/** A valley's water, wider to its low end. */
function Stream({
    from,
    to,
    heights,
    share,
    id,
}: {
    from: PlanPoint;
    to: PlanPoint;
    heights: number[];
    share: number;
    id: string;
}) {
    const [high, low] = heights[0] >= heights[1] ? [from, to] : [to, from];
    const long = Math.max(1, Math.hypot(low[0] - high[0], low[1] - high[1]));
    const half = Math.max(2, (share * WIDEST) / 2);
    const [x, y] = [(-(low[1] - high[1]) / long) * half, ((low[0] - high[0]) / long) * half];
    return (
        <polygon
            points={`${high[0]},${high[1]} ${low[0] + x},${low[1] + y} ${low[0] - x},${low[1] - y}`}
            fill="var(--water)"
            opacity="0.85"
            data-stream={id}
        />
    );
}

function Numbered({ at, number }: { at: PlanPoint; number: number }) {
    return (
        <g>
            <circle cx={at[0]} cy={at[1]} r="10" fill="var(--chalk)" />
            <text x={at[0]} y={at[1] + 4.5} textAnchor="middle" fontSize="13" fontWeight="700" fill="var(--chalkText)">
                {number}
            </text>
        </g>
    );
}
