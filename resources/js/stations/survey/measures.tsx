import { useTranslation } from 'react-i18next';
import type { SurveyPlane } from '../../contracts/survey';
import type { PlanOutline, PlanPoint } from '../../contracts/plan';
import type { frame } from '../../deck/useFrame';
import { LenText } from '../../tape/Len';
import { letter, type Name } from './quantities';
import { type PickProps, Pick, around, Label } from './PickedLabel';

/** Which way from a corner the plane lies, on screen. */
export function inwardOf(outline: PlanOutline, i: number): PlanPoint {
    const n = outline.length;
    const middle = [0, 1].map((axis) => outline.reduce((sum, corner) => sum + corner[axis], 0) / n);
    const [dx, dy] = [middle[0] - outline[i][0], outline[i][1] - middle[1]];
    const length = Math.hypot(dx, dy) || 1;
    return [dx / length, dy / length];
}

/** A corner by its letter, with its two running dimensions. */
export function Corner({
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

export function Dimension({
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

export function Diagonal({
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
export function UpTheSlope({
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
                                style={one.adopted ? { fill: 'var(--chalkText)' } : undefined}
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
export function PitchSign({ survey, x, active, onPick }: PickProps & { x: number }) {
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
