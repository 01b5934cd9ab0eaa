import { useTranslation } from 'react-i18next';
import type { CardView, CutPanel } from '../../contracts/cutting';
import type { PlanPoint } from '../../contracts/plan';
import { upTheSlope, useSize } from '../../deck/useFrame';
import { LenText } from '../../tape/Len';

interface CardDrawingProps {
    view: CardView;
    back: boolean;
    panel: CutPanel;
    concealed: boolean;
}

/** The piece as it lies on the bench: its ends to scale, what to cut, bend and notch told apart. */
export function CardDrawing({ view, back, panel, concealed }: CardDrawingProps) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const tall = Math.max(280, size[1]) - 92;
    const { foot, head, broken } = view.ends;
    // Both ends to one scale, whatever lies between drawn short.
    const scale = (tall * (broken ? 0.8 : 1)) / (foot + head);
    const wide = Math.min(size[0] - 236, Math.max(90, view.width * scale));
    const [low, high] = [foot * scale, head * scale];
    const x0 = (size[0] - wide) / 2;
    const y0 = 54;
    const height = (v: number): number => {
        if (!broken) return (v / view.length) * tall;
        if (v <= foot) return v * scale;
        if (v >= view.length - head) return tall - (view.length - v) * scale;
        return low + ((v - foot) / (view.length - foot - head)) * (tall - low - high);
    };
    const at = ([x, y]: PlanPoint): PlanPoint => [x0 + (x / view.width) * wide, y0 + tall - height(y)];
    const path = [view.outline, ...view.holes]
        .map(
            (loop) =>
                `M${loop
                    .map((corner) =>
                        at(corner)
                            .map((n) => n.toFixed(1))
                            .join(','),
                    )
                    .join(' L')} Z`,
        )
        .join(' ');
    const [mid, brk] = [x0 + wide / 2, y0 + tall - (low + (tall - low - high) / 2)];
    return (
        <div className="drawing" ref={box} style={{ flex: '2 1 340px', minHeight: 380 }}>
            <svg
                viewBox={`0 0 ${size[0]} ${size[1]}`}
                role="img"
                aria-label={t(back ? 'cuts.drawing-back' : 'cuts.drawing-face', { piece: panel.name })}
            >
                <text x={mid} y={18} textAnchor="middle" fontSize="16" className="muted">
                    {t(back ? 'card.back' : 'card.face')}
                </text>
                <path
                    d={path}
                    fillRule="evenodd"
                    fill={back ? 'color-mix(in srgb, var(--metal) 45%, var(--rule))' : 'var(--metal)'}
                    stroke="var(--ink)"
                    strokeWidth="1.6"
                />
                {view.ribs.flatMap((rib) =>
                    upTheSlope([view.outline, ...view.holes], Math.min(view.width - 1e-3, Math.max(1e-3, rib))).map(
                        ([from, to]) => (
                            <line
                                key={`${rib} ${from}`}
                                x1={at([rib, 0])[0]}
                                x2={at([rib, 0])[0]}
                                y1={at([rib, from])[1]}
                                y2={at([rib, to])[1]}
                                stroke="var(--seam)"
                                strokeWidth={concealed ? 5 : 3}
                            />
                        ),
                    ),
                )}
                {view.lines.map((line, i) => (
                    <CardLine key={i} kind={line.kind} from={at(line.from)} to={at(line.to)} />
                ))}
                {broken && (
                    <path
                        d={`M${x0 - 10} ${brk + 5} l${wide * 0.42} 0 l6 -10 l8 20 l6 -10 H${x0 + wide + 10}`}
                        fill="none"
                        stroke="var(--ground)"
                        strokeWidth="5"
                    />
                )}
                {broken && (
                    <path
                        d={`M${x0 - 10} ${brk + 5} l${wide * 0.42} 0 l6 -10 l8 20 l6 -10 H${x0 + wide + 10}`}
                        fill="none"
                        stroke="var(--ink)"
                        strokeWidth="1.1"
                    />
                )}
                <Letter view={view} up={1} at={at} room={high} text={t('card.top')} />
                <Letter view={view} up={-1} at={at} room={low} text={t('card.bottom')} />
                {(['left', 'right'] as const).flatMap((hand) =>
                    view.sides[hand].map(({ from, to, inside }) => (
                        <Side
                            key={`${hand}${from}`}
                            x={hand === 'left' ? x0 - 30 : x0 + wide + 30}
                            y1={at([0, to])[1]}
                            y2={at([0, from])[1]}
                            inches={to - from}
                            named={inside ? t('cuts.inside') : ''}
                            anchor={hand === 'left' ? 'end' : 'start'}
                        />
                    )),
                )}
                <text x={mid} y={y0 + tall + 24} textAnchor="middle" fontSize="17" fontWeight="650">
                    <LenText inches={view.width} inchesOnly /> {t(panel.rip === null ? 'cuts.wide' : 'cuts.wide-cut')}
                </text>
                {view.legs.left && (
                    <text x={x0} y={y0 - 6} fontSize="13" className="muted" data-leg="left">
                        {t(`cuts.leg.${view.legs.left}`)}
                    </text>
                )}
                {view.legs.right && (
                    <text
                        x={x0 + wide}
                        y={y0 - (wide < 120 ? 21 : 6)}
                        fontSize="13"
                        textAnchor="end"
                        className="muted"
                        data-leg="right"
                    >
                        {t(`cuts.leg.${view.legs.right}`)}
                    </text>
                )}
            </svg>
        </div>
    );
}

/** The letter of an end: in the middle, or at the side the piece is longer on; well inside its cut and bend. */
function Letter({
    view,
    up,
    at,
    room,
    text,
}: {
    view: CardView;
    up: 1 | -1;
    at: (point: PlanPoint) => PlanPoint;
    room: number;
    text: string;
}) {
    const far = (x: number) =>
        Math.max(
            ...view.outline.filter((corner) => Math.abs(corner[0] - x) < 1e-3).map((corner) => up * corner[1]),
            -Infinity,
        );
    const [left, right] = [far(0), far(view.width)];
    const x = Math.abs(left - right) < 1 / 32 ? view.width / 2 : left > right ? view.width * 0.28 : view.width * 0.72;
    const stretches = upTheSlope([view.outline], x);
    const end = up === 1 ? (stretches[stretches.length - 1]?.[1] ?? view.length) : (stretches[0]?.[0] ?? 0);
    const [px, py] = at([x, end]);
    return (
        <text
            x={px}
            y={py + (up === 1 ? Math.min(74, room * 0.5 + 20) : -Math.min(62, room * 0.4))}
            textAnchor="middle"
            fontSize="26"
            fontWeight="720"
        >
            {text}
        </text>
    );
}

function CardLine({ kind, from, to }: { kind: 'cut' | 'bend' | 'notch'; from: PlanPoint; to: PlanPoint }) {
    const shared = { x1: from[0], y1: from[1], x2: to[0], y2: to[1] };
    if (kind === 'bend') return <line {...shared} stroke="var(--ink)" strokeWidth="1.8" strokeDasharray="7 5" />;
    return <line {...shared} stroke="var(--chalk)" strokeWidth={kind === 'notch' ? 7 : 3.4} />;
}

function Side({
    x,
    y1,
    y2,
    inches,
    named,
    anchor,
}: {
    x: number;
    y1: number;
    y2: number;
    inches: number;
    named: string;
    anchor: 'start' | 'end';
}) {
    const middle = (y1 + y2) / 2;
    return (
        <g>
            <path className="dim" fill="none" d={`M${x - 6} ${y1} h12 M${x} ${y1} V${y2} M${x - 6} ${y2} h12`} />
            <text
                x={x + (anchor === 'end' ? -8 : 8)}
                y={middle - 30}
                textAnchor={anchor}
                fontSize="19"
                fontWeight="700"
            >
                <LenText inches={inches} inchesOnly />
            </text>
            {named && (
                <text
                    x={x + (anchor === 'end' ? -8 : 8)}
                    y={middle - 12}
                    textAnchor={anchor}
                    fontSize="13"
                    className="muted"
                >
                    {named}
                </text>
            )}
        </g>
    );
}
