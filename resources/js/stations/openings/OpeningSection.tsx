import { useTranslation } from 'react-i18next';
import type { PlanPoint } from '../../contracts/plan';
import { frame, useSize } from '../../deck/useFrame';
import type { OpeningDrawingProps } from './OpeningRound';

/** As much of the roof is shown below and above it, inches; each piece stands so far off the one under it. */
const ROUND = 16;
const APART = 0.3;

/** An opening cut up the slope through its middle, downhill to the left: what lies over what. */
export function OpeningSection({ opening, on, picked, onPick }: OpeningDrawingProps) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const high = opening.size[1];
    const walls = opening.solids.slice(1, 2).concat(opening.solids.slice(4, 5));
    const tops = walls.flat().map(([, , z]) => z);
    const above = Math.max(high + ROUND, ...opening.behind.flat().map(([y]) => y + ROUND));
    const room: PlanPoint[] = [
        [-ROUND, -2],
        [above, -2],
        [above, Math.max(10, ...tops)],
        [-ROUND, Math.max(10, ...tops)],
    ];
    const to = frame(room, size, { x: 20, top: 20, bottom: 28 });
    const clip = ([y, z]: PlanPoint): PlanPoint => [Math.max(-ROUND, Math.min(above, y)), z];
    return (
        <div className="drawing" ref={box} style={{ flex: '1 1 340px', minHeight: 320 }}>
            <svg
                viewBox={`0 0 ${size[0]} ${size[1]}`}
                role="img"
                aria-label={t('openings.section-drawing', { name: opening.name, on, all: opening.pieces.length })}
                data-section={opening.id}
            >
                <polygon
                    points={[to.at(-ROUND, 0), to.at(above, 0), to.at(above, -2), to.at(-ROUND, -2)]
                        .map((point) => point.join(','))
                        .join(' ')}
                    fill="var(--wood)"
                />
                {walls.length === 2 && (
                    <polygon
                        points={[
                            to.at(walls[1][0][1], walls[1][0][2]),
                            to.at(walls[0][0][1], walls[0][0][2]),
                            to.at(walls[0][2][1], walls[0][2][2]),
                            to.at(walls[1][2][1], walls[1][2][2]),
                        ]
                            .map((point) => point.join(','))
                            .join(' ')}
                        fill="color-mix(in srgb, var(--wood) 60%, var(--card))"
                        stroke="var(--rule)"
                    />
                )}
                {opening.behind.map(([a, b], i) => {
                    const [[x1, y1], [x2, y2]] = [to.at(...clip(a)), to.at(...clip(b))];
                    return <line key={i} x1={x1} y1={y1} x2={x2} y2={y2} stroke="var(--water)" strokeWidth="3" />;
                })}
                {opening.pieces
                    .filter((piece) => piece.number <= on && piece.section.length > 0)
                    .map((piece, turn) => {
                        const chosen = piece.key === picked;
                        // All of a piece stands off together: away from the wall it is at, and off the deck if it lies there.
                        const lies = piece.section.some(([a, b]) => Math.abs(b[1] - a[1]) < 1e-6 && a[1] < 1e-6);
                        const first = Math.min(...piece.section.flat().map(([y]) => y));
                        const away = piece.panel ? 0 : first < high / 2 ? -(turn + 1) * APART : (turn + 1) * APART;
                        const lift = lies ? (turn + 1) * APART : 0;
                        return (
                            <g
                                key={piece.key}
                                data-drawn={piece.key}
                                style={{ cursor: 'pointer' }}
                                onClick={() => onPick(piece.key)}
                            >
                                {piece.section.map(([a, b], i) => {
                                    const [from, until] = [clip(a), clip(b)];
                                    const [x1, y1] = to.at(from[0] + away, from[1] + lift);
                                    const [x2, y2] = to.at(until[0] + away, until[1] + lift);
                                    return (
                                        <line
                                            key={i}
                                            x1={x1}
                                            y1={y1}
                                            x2={x2}
                                            y2={y2}
                                            stroke={
                                                chosen ? 'var(--chalk)' : piece.panel ? 'var(--muted)' : 'var(--ink)'
                                            }
                                            strokeWidth={chosen ? 5 : 3.4}
                                            strokeLinecap="round"
                                        />
                                    );
                                })}
                            </g>
                        );
                    })}
            </svg>
        </div>
    );
}
