import { useTranslation } from 'react-i18next';
import type { EndCard } from '../../contracts/edges';
import type { PlanPoint } from '../../contracts/plan';
import { useSize } from '../../deck/useFrame';
import { LenText } from '../../tape/Len';

/** Room beside the metal for distances, on the other side, and above and below it; between two distances; pixels. */
const BESIDE = 168;
const BEYOND = 36;
const ABOVE = 58;
const ROW = 25;

/** The end of a trim on its flat: what is cut away, what is bent and notched told apart, its marks in running distances from the end. */
export function EndDrawing({ card, back }: { card: EndCard; back: boolean }) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const view = back ? card.back : card.colour;
    const tall = Math.max(320, size[1]);
    const scale = Math.min((size[0] - BESIDE - BEYOND) / view.width, (tall - 2 * ABOVE) / view.height);
    const [wide, high] = [view.width * scale, view.height * scale];
    const isLeft = view.end === 'left';
    const room = (size[0] - wide - BESIDE - BEYOND) / 2;
    const [x0, y0] = [room + (isLeft ? BESIDE : BEYOND), (tall - high) / 2];
    const at = ([x, y]: PlanPoint): PlanPoint => [x0 + x * scale, y0 + high - y * scale];
    const path = (line: PlanPoint[]) =>
        line
            .map((point) =>
                at(point)
                    .map((n) => n.toFixed(1))
                    .join(','),
            )
            .join(' ');
    const [torn, end] = isLeft ? [x0 + wide, x0] : [x0, x0 + wide];
    const middle = y0 + high / 2;
    const rows = spread(
        view.marks.map((mark) => at(mark.at)[1]),
        ABOVE / 2,
        tall - ABOVE / 2,
    );
    const beside = isLeft ? end - 34 : end + 34;
    return (
        <div className="drawing" ref={box} style={{ flex: '1 1 340px', minHeight: 360 }}>
            <svg
                viewBox={`0 0 ${size[0]} ${tall}`}
                role="img"
                aria-label={t('ends.drawing', { title: card.title, side: card.side })}
                data-end={card.end}
            >
                <text x={torn} y={y0 - 34} textAnchor={isLeft ? 'end' : 'start'} fontSize="16" fontWeight="650">
                    {t(back ? 'ends.back' : 'ends.colour')}
                </text>
                <rect
                    x={x0}
                    y={y0}
                    width={wide}
                    height={high}
                    fill="none"
                    stroke="var(--muted)"
                    strokeDasharray="2 4"
                />
                <polygon
                    points={path(view.outline)}
                    fill={back ? 'color-mix(in srgb, var(--metal) 45%, var(--rule))' : 'var(--metal)'}
                />
                <path
                    d={`M${torn} ${y0} V${middle - 16} l-9 10 l18 12 l-9 10 V${y0 + high}`}
                    fill="none"
                    stroke="var(--muted)"
                    strokeWidth="1.2"
                />
                {view.bends.map((bend, i) => (
                    <polyline
                        key={i}
                        points={path(bend)}
                        fill="none"
                        stroke="var(--ink)"
                        strokeWidth="1"
                        opacity="0.55"
                    />
                ))}
                <polyline
                    points={path(view.outline.slice(0, -2))}
                    fill="none"
                    stroke="var(--chalk)"
                    strokeWidth="3"
                    strokeLinejoin="round"
                />
                {view.lines.map((one, i) => (
                    <polyline
                        key={i}
                        points={path(one.line)}
                        fill="none"
                        stroke={one.kind === 'bend' ? 'var(--ink)' : 'var(--chalk)'}
                        strokeWidth={one.kind === 'notch' ? 5 : one.kind === 'cut' ? 3 : 2}
                        strokeDasharray={one.kind === 'bend' ? '7 5' : undefined}
                    />
                ))}
                {view.marks.map((mark, i) => {
                    const [x, y] = at(mark.at);
                    return (
                        <g key={mark.number}>
                            <polyline
                                points={`${x},${y} ${end},${rows[i]} ${beside},${rows[i]}`}
                                fill="none"
                                stroke="var(--muted)"
                                strokeWidth="0.8"
                            />
                            <circle cx={x} cy={y} r="3.4" fill="var(--ink)" />
                            <text
                                x={beside + (isLeft ? -6 : 6)}
                                y={rows[i] + 6}
                                textAnchor={isLeft ? 'end' : 'start'}
                                fontSize="17"
                                fontWeight="650"
                            >
                                <tspan className="muted" fontWeight="400" fontSize="13">
                                    {mark.number}
                                    {'  '}
                                </tspan>
                                <LenText inches={card.marks[i].at} inchesOnly />
                            </text>
                        </g>
                    );
                })}
                <text x={torn} y={y0 + high + 22} textAnchor={isLeft ? 'end' : 'start'} fontSize="15" className="muted">
                    {card.low}
                </text>
                <text x={torn} y={y0 - 12} textAnchor={isLeft ? 'end' : 'start'} fontSize="15" className="muted">
                    {card.high}
                </text>
                {!back && (
                    <text x={torn + (isLeft ? -26 : 18)} y={middle + 40} fontSize="24" fontWeight="720">
                        f
                    </text>
                )}
            </svg>
        </div>
    );
}

/** Rows for distances: those that would lie on each other stand about their middle. */
function spread(wanted: number[], top: number, bottom: number): number[] {
    const order = wanted.map((_, i) => i).sort((a, b) => wanted[a] - wanted[b] || b - a);
    const heaps: { from: number; those: number[] }[] = [];
    for (const i of order) {
        let heap = { from: wanted[i], those: [i] };
        for (let last = heaps.pop(); last; last = heaps.pop()) {
            if (last.from + last.those.length * ROW <= heap.from) {
                heaps.push(last);
                break;
            }
            const those = [...last.those, ...heap.those];
            const middle = those.reduce((sum, one) => sum + wanted[one], 0) / those.length;
            heap = { from: middle - ((those.length - 1) * ROW) / 2, those };
        }
        const most = bottom - (heap.those.length - 1) * ROW;
        heaps.push({ ...heap, from: Math.max(top, Math.min(heap.from, most)) });
    }
    const rows = [...wanted];
    for (const heap of heaps) heap.those.forEach((one, i) => (rows[one] = heap.from + i * ROW));
    return rows;
}
