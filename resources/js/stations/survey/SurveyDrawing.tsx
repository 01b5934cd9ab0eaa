import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import type { Plane, SurveyPlane } from '../../contracts/survey';
import type { PlanOutline, PlanPoint } from '../../contracts/plan';
import { EdgeLine, type EdgeKind } from '../../deck/EdgeLine';
import { Legend } from '../../deck/Legend';
import { frame, pointsOf, useSize } from '../../deck/useFrame';
import { useJobTape } from '../../tape/JobTape';
import { LenText } from '../../tape/Len';
import { blankOf, letter, named, nameOf, runsByCorner, type Name } from './quantities';
import { useUsualEdges } from './useUsualEdges';

interface SurveyDrawingProps {
    plane: Plane;
    survey: SurveyPlane | undefined;
    quantity: Name;
    onPick: (quantity: Name) => void;
}

/** The plane with its readings where they were taken; what is adopted stands out, what is missing asks. */
export function SurveyDrawing({ plane, survey, quantity, onPick }: SurveyDrawingProps) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const shape = plane.shape ?? 'rectangle';
    const usualEdges = useUsualEdges();
    const edges: EdgeKind[] = plane.edges ?? survey?.edges ?? usualEdges(shape);
    const outline = survey?.outline ?? blankOf(shape, edges.length);
    const known = survey?.outline !== null && survey !== undefined;
    const compact = size[0] < 520;
    const view = frame(outline, size, { x: compact ? 84 : 118, top: 74, bottom: 62 });
    const side = (i: number): [PlanPoint, PlanPoint] => [
        view.at(...outline[i]),
        view.at(...outline[(i + 1) % outline.length]),
    ];
    const byCorner = runsByCorner(shape) || plane.outline !== undefined;
    const fourSided = outline.length === 4 && !runsByCorner(shape);
    const dimensions: { quantity: Name; from: PlanPoint; to: PlanPoint; out: number; slant?: boolean }[] = fourSided
        ? [
              { quantity: 'eave', from: side(0)[0], to: side(0)[1], out: 34 },
              { quantity: 'rightRake', from: side(1)[0], to: side(1)[1], out: compact ? 42 : 50 },
              { quantity: 'ridge', from: side(2)[0], to: side(2)[1], out: 40 },
              { quantity: 'leftRake', from: side(3)[0], to: side(3)[1], out: compact ? 42 : 50 },
          ]
        : shape === 'triangle' && outline.length === 3
          ? [
                { quantity: 'eave', from: side(0)[0], to: side(0)[1], out: 34 },
                { quantity: 'rightRake', from: side(1)[0], to: side(1)[1], out: compact ? 42 : 50 },
                { quantity: 'leftRake', from: side(2)[0], to: side(2)[1], out: compact ? 42 : 50 },
            ]
          : runsByCorner(shape)
            ? [{ quantity: 'eave', from: side(0)[0], to: side(0)[1], out: 34 }]
            : [];
    const [low, right, high, left] = outline.map((corner) => view.at(...corner));
    return (
        <>
            <div className="drawing" ref={box}>
                <svg
                    viewBox={`0 0 ${size[0]} ${size[1]}`}
                    role="group"
                    aria-label={t('survey.drawing', { plane: plane.name })}
                >
                    <polygon className="metal" points={pointsOf(outline, view)} opacity={known ? 1 : 0.45} />
                    {fourSided && (
                        <line
                            x1={low[0]}
                            y1={low[1]}
                            x2={high[0]}
                            y2={high[1]}
                            stroke="var(--seam)"
                            strokeDasharray="2 6"
                        />
                    )}
                    {fourSided && (
                        <line
                            x1={right[0]}
                            y1={right[1]}
                            x2={left[0]}
                            y2={left[1]}
                            stroke="var(--seam)"
                            strokeDasharray="2 6"
                        />
                    )}
                    {!runsByCorner(shape) && (
                        <UpTheSlope
                            compact={compact}
                            survey={survey}
                            outline={outline}
                            view={view}
                            active={quantity === 'eaveToRidge'}
                            onPick={onPick}
                        />
                    )}
                    {outline.map((corner, i) => (
                        <EdgeLine
                            key={i}
                            kind={edges[i] ?? 'rake'}
                            from={view.at(...corner)}
                            to={view.at(...outline[(i + 1) % outline.length])}
                        />
                    ))}
                    {dimensions.map((dimension) => (
                        <Dimension
                            key={dimension.quantity}
                            {...dimension}
                            survey={survey}
                            active={dimension.quantity === quantity}
                            onPick={onPick}
                        />
                    ))}
                    {fourSided && !compact && (
                        <Diagonal
                            quantity="diagonalRight"
                            from={low}
                            to={high}
                            share={0.2}
                            survey={survey}
                            active={quantity === 'diagonalRight'}
                            onPick={onPick}
                        />
                    )}
                    {fourSided && !compact && (
                        <Diagonal
                            quantity="diagonalLeft"
                            from={left}
                            to={right}
                            share={0.8}
                            survey={survey}
                            active={quantity === 'diagonalLeft'}
                            onPick={onPick}
                        />
                    )}
                    {byCorner &&
                        outline.map((corner, i) => (
                            <Corner
                                key={i}
                                number={i}
                                at={view.at(...corner)}
                                inward={inwardOf(outline, i)}
                                measured={runsByCorner(shape) && i > 1}
                                survey={survey}
                                quantity={quantity}
                                onPick={onPick}
                            />
                        ))}
                    {(plane.readings ?? [])
                        .filter(
                            (reading) =>
                                reading.quantity === 'between' &&
                                (reading.to ?? 0) < outline.length &&
                                (reading.corner ?? 0) < outline.length,
                        )
                        .map((one) => {
                            const [from, to] = [view.at(...outline[one.corner ?? 0]), view.at(...outline[one.to ?? 0])];
                            return (
                                <g key={one.id}>
                                    <line
                                        x1={from[0]}
                                        y1={from[1]}
                                        x2={to[0]}
                                        y2={to[1]}
                                        stroke="var(--seam)"
                                        strokeDasharray="2 6"
                                    />
                                    <Diagonal
                                        quantity={nameOf(one)}
                                        from={from}
                                        to={to}
                                        share={0.5}
                                        survey={survey}
                                        active={quantity === nameOf(one)}
                                        onPick={onPick}
                                    />
                                </g>
                            );
                        })}
                    <PitchSign
                        survey={survey}
                        x={size[0] - ((survey?.riseIn12 ?? null) === null ? 138 : compact ? 96 : 118)}
                        active={quantity === 'pitch'}
                        onPick={onPick}
                    />
                </svg>
            </div>
            <Legend kinds={edges} />
        </>
    );
}

interface PickProps {
    survey: SurveyPlane | undefined;
    active: boolean;
    onPick: (quantity: Name) => void;
}

interface Hit {
    x: number;
    y: number;
    width: number;
    height: number;
    angle?: number;
}

/** One measured thing in the drawing: what is drawn, and over it a button by mouse, finger and keyboard. */
function Pick({
    quantity,
    survey,
    active,
    onPick,
    hit,
    children,
}: PickProps & { quantity: Name; hit: Hit; children: ReactNode }) {
    const { t } = useTranslation();
    const print = useJobTape();
    const adopted = survey?.adoptions[quantity];
    const value = adopted ? (quantity === 'pitch' ? t('pitch', { rise: adopted.value }) : print(adopted.value)) : '';
    return (
        <g className="hit">
            <g aria-hidden="true">{children}</g>
            <rect
                x={hit.x}
                y={hit.y}
                width={hit.width}
                height={hit.height}
                transform={
                    hit.angle
                        ? `rotate(${hit.angle.toFixed(2)} ${hit.x + hit.width / 2} ${hit.y + hit.height / 2})`
                        : undefined
                }
                rx="4"
                fill="transparent"
                role="button"
                tabIndex={0}
                aria-pressed={active}
                aria-label={
                    adopted
                        ? t('survey.pick', { ...named(quantity, survey?.shape), value })
                        : t('survey.pick-missing', named(quantity, survey?.shape))
                }
                onClick={() => onPick(quantity)}
                onKeyDown={(event) => {
                    if (event.key === 'Enter' || event.key === ' ') {
                        event.preventDefault();
                        onPick(quantity);
                    }
                }}
            />
        </g>
    );
}

/** A hit area round a label's centre: large enough for gloves. */
function around(x: number, y: number, width = 104, height = 48, angle?: number): Hit {
    return { x: x - width / 2, y: y - height / 2, width, height, angle };
}

function Label({
    x,
    y,
    quantity,
    survey,
    active,
    angle = 0,
    size = 18,
}: {
    x: number;
    y: number;
    quantity: Name;
    survey: SurveyPlane | undefined;
    active: boolean;
    angle?: number;
    size?: number;
}) {
    const { t } = useTranslation();
    const adopted = survey?.adoptions[quantity];
    const wide = (adopted ? 92 : 96) * (size / 18);
    return (
        <g transform={`rotate(${angle.toFixed(2)} ${x} ${y})`}>
            <rect
                x={x - wide / 2}
                y={y - size * 0.75}
                width={wide}
                height={size * 1.5}
                rx="4"
                fill={active ? 'var(--chalk)' : 'var(--ground)'}
            />
            <text
                className="dim-label"
                x={x}
                y={y + size * 0.34}
                textAnchor="middle"
                fontSize={size}
                fontWeight={adopted ? 680 : 500}
                style={active ? { fill: 'var(--card)' } : adopted ? undefined : { fill: 'var(--muted)' }}
            >
                {adopted ? <LenText inches={adopted.value} /> : t('survey.missing', named(quantity, survey?.shape))}
            </text>
        </g>
    );
}

/** Which way from a corner the plane lies, on screen. */
function inwardOf(outline: PlanOutline, i: number): PlanPoint {
    const n = outline.length;
    const middle = [0, 1].map((axis) => outline.reduce((sum, corner) => sum + corner[axis], 0) / n);
    const [dx, dy] = [middle[0] - outline[i][0], outline[i][1] - middle[1]];
    const length = Math.hypot(dx, dy) || 1;
    return [dx / length, dy / length];
}

/** A corner by its letter, with its two running dimensions. */
function Corner({
    number,
    at,
    inward,
    measured,
    survey,
    quantity,
    onPick,
}: {
    number: number;
    at: PlanPoint;
    inward: PlanPoint;
    measured: boolean;
    survey: SurveyPlane | undefined;
    quantity: Name;
    onPick: (quantity: Name) => void;
}) {
    const [x, y] = [at[0] + inward[0] * 22, at[1] + inward[1] * 22];
    const [lx, ly] = [at[0] - inward[0] * 46, at[1] - inward[1] * 34];
    return (
        <g>
            <circle cx={x} cy={y} r="11" fill="var(--card)" stroke="var(--ink)" pointerEvents="none" />
            <text x={x} y={y + 5} textAnchor="middle" fontSize="14" fontWeight="680" pointerEvents="none">
                {letter(number)}
            </text>
            {measured &&
                ['along', 'up'].map((one, k) => {
                    const name = `${one}-${number}`;
                    return (
                        <Pick
                            key={one}
                            quantity={name}
                            survey={survey}
                            active={quantity === name}
                            onPick={onPick}
                            hit={around(lx, ly - 12 + k * 26, 96, 25)}
                        >
                            <Label
                                x={lx}
                                y={ly - 12 + k * 26}
                                quantity={name}
                                survey={survey}
                                active={quantity === name}
                                size={14}
                            />
                            {survey?.adoptions[name] && (
                                <text
                                    x={lx - 50}
                                    y={ly - 7 + k * 26}
                                    textAnchor="middle"
                                    fontSize="15"
                                    className="muted"
                                >
                                    {one === 'along' ? '→' : '↑'}
                                </text>
                            )}
                        </Pick>
                    );
                })}
        </g>
    );
}

function Dimension({
    quantity,
    from,
    to,
    out,
    survey,
    active,
    onPick,
}: PickProps & { quantity: Name; from: PlanPoint; to: PlanPoint; out: number }) {
    const { t } = useTranslation();
    const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
    const [ox, oy] = [(-(to[1] - from[1]) / length) * out, ((to[0] - from[0]) / length) * out];
    const [a, b] = [
        [from[0] + ox, from[1] + oy],
        [to[0] + ox, to[1] + oy],
    ];
    const [x, y] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
    const adopted = survey?.adoptions[quantity];
    const upright = Math.abs(ox) > Math.abs(oy);
    const wide = Math.abs(out) > 45 || !upright;
    return (
        <Pick quantity={quantity} survey={survey} active={active} onPick={onPick} hit={around(x, y + 8)}>
            <line
                className="dim"
                x1={a[0]}
                y1={a[1]}
                x2={b[0]}
                y2={b[1]}
                stroke={active ? 'var(--chalk)' : undefined}
            />
            <circle cx={a[0]} cy={a[1]} r="3" fill="var(--ink)" />
            <circle cx={b[0]} cy={b[1]} r="3" fill="var(--ink)" />
            <Label x={x} y={y} quantity={quantity} survey={survey} active={active} size={wide ? 18 : 16} />
            {adopted && (
                <g>
                    {upright && <rect x={x - 34} y={y + 14} width="68" height="18" fill="var(--ground)" />}
                    <text x={x} y={y + (upright ? 28 : 26)} textAnchor="middle" fontSize="14" className="muted">
                        {t('survey.source-count', {
                            source: adopted.source,
                            count: adopted.comparisons.filter((reading) => reading.source === adopted.source).length,
                        })}
                    </text>
                </g>
            )}
        </Pick>
    );
}

function Diagonal({
    quantity,
    from,
    to,
    share,
    survey,
    active,
    onPick,
}: PickProps & { quantity: Name; from: PlanPoint; to: PlanPoint; share: number }) {
    const [x, y] = [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share];
    const angle = (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI;
    return (
        <Pick quantity={quantity} survey={survey} active={active} onPick={onPick} hit={around(x, y, 96, 34, angle)}>
            <g style={{ opacity: survey?.adoptions[quantity] ? 1 : 0.85 }}>
                <Label x={x} y={y} quantity={quantity} survey={survey} active={active} angle={angle} size={15} />
            </g>
        </Pick>
    );
}

/** Readings square to the eave, each where it was taken; the one that governs in chalk. */
function UpTheSlope({
    compact,
    survey,
    outline,
    view,
    active,
    onPick,
}: {
    compact: boolean;
    survey: SurveyPlane | undefined;
    outline: PlanOutline;
    view: ReturnType<typeof frame>;
    active: boolean;
    onPick: (quantity: Name) => void;
}) {
    const { t } = useTranslation();
    const adoption = survey?.adoptions.eaveToRidge;
    const width = outline[1][0] - outline[0][0];
    const top = Math.max(...outline.map(([, v]) => v));
    if (!adoption) {
        const [x, y] = view.at(outline[0][0] + width / 2, top / 2);
        return (
            <Pick quantity="eaveToRidge" survey={survey} active={active} onPick={onPick} hit={around(x, y)}>
                <line
                    x1={x}
                    x2={x}
                    y1={view.at(0, top)[1]}
                    y2={view.at(0, 0)[1]}
                    stroke="var(--seam)"
                    strokeDasharray="5 4"
                />
                <Label x={x} y={y} quantity="eaveToRidge" survey={survey} active={active} />
            </Pick>
        );
    }
    const deciding = adoption.comparisons.filter(
        (reading) => reading.adopted || (reading.source === adoption.source && !compact),
    );
    const governs = deciding.find((one) => one.adopted) ?? deciding[0];
    const [gx, gy] = view.at(outline[0][0] + width * governs.at, top / 2);
    return (
        <Pick quantity="eaveToRidge" survey={survey} active={active} onPick={onPick} hit={around(gx, gy)}>
            {[...deciding]
                .sort((a, b) => Number(a.adopted) - Number(b.adopted))
                .map((one) => {
                    const x = view.at(outline[0][0] + width * one.at, 0)[0];
                    const [y1, y2] = [view.at(0, top)[1], view.at(0, 0)[1]];
                    const y = (y1 + y2) / 2;
                    return (
                        <g key={one.reading}>
                            <line
                                x1={x}
                                x2={x}
                                y1={y1}
                                y2={y2}
                                className={one.adopted ? 'chalk-line' : undefined}
                                stroke="var(--seam)"
                                strokeDasharray={one.adopted ? undefined : '5 4'}
                                strokeWidth={one.adopted ? 2.6 : 1.6}
                            />
                            <rect
                                x={x - 48}
                                y={y - 14}
                                width="96"
                                height="28"
                                rx="4"
                                fill={one.adopted ? 'var(--chalk)' : 'var(--ground)'}
                            />
                            <text
                                className="dim-label"
                                x={x}
                                y={y + 6}
                                textAnchor="middle"
                                fontSize="18"
                                fontWeight="680"
                                style={one.adopted ? { fill: '#1E2629' } : undefined}
                            >
                                <LenText inches={one.value} />
                            </text>
                            {one.adopted && (
                                <text
                                    x={x}
                                    y={y + 30}
                                    textAnchor="middle"
                                    fontSize="14"
                                    className="chalk"
                                    fontWeight="650"
                                >
                                    {t('survey.governs')}
                                </text>
                            )}
                        </g>
                    );
                })}
        </Pick>
    );
}

/** The gauge's triangle with the pitch taken. */
function PitchSign({ survey, x, active, onPick }: PickProps & { x: number }) {
    const { t } = useTranslation();
    const rise = survey?.riseIn12 ?? null;
    const tall = Math.max(8, Math.min(46, ((rise ?? 4) / 12) * 72));
    return (
        <Pick
            quantity="pitch"
            survey={survey}
            active={active}
            onPick={onPick}
            hit={{ x: x - 8, y: 2, width: 118, height: 66 }}
        >
            <path
                d={`M${x} 52 h72 v${-tall} z`}
                fill="none"
                stroke={active ? 'var(--chalk)' : 'var(--ink)'}
                strokeWidth="1.6"
            />
            <text x={x + 44} y={50} fontSize="13" textAnchor="middle" className="muted" dy="14">
                12
            </text>
            <text x={x + 77} y={52 - tall / 2 + 5} fontSize="16" fontWeight="680" className="dim-label">
                {rise === null ? t('survey.no-pitch') : Math.round(rise * 100) / 100}
            </text>
        </Pick>
    );
}
