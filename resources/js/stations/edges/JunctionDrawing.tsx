import { listed } from '../../words/lists';
import { useTranslation } from 'react-i18next';
import type { JunctionView } from '../../contracts/edges';
import { NumberedSpot } from '../../deck/NumberedSpot';
import type { PlanPoint } from '../../contracts/plan';

interface JunctionDrawingProps {
    junction: JunctionView;
    /** How many pieces lie already. */
    on: number;
    picked: string | null;
    onPick: (piece: string) => void;
}

const points = (outline: PlanPoint[]) => outline.map(([x, y]) => `${x},${-y}`).join(' ');

/** A junction unfolded into one sheet, its pieces laid on it one after another. */
export function JunctionDrawing({ junction, on, picked, onPick }: JunctionDrawingProps) {
    const { t } = useTranslation();
    const { reach } = junction;
    const lying = junction.pieces.slice(0, on);
    return (
        <div className="drawing">
            <svg
                viewBox={`${-reach} ${-reach} ${2 * reach} ${2 * reach}`}
                role="img"
                aria-label={t('edges.corner-of', {
                    name: junction.name,
                    pieces: listed(
                        t,
                        lying.map((piece) => piece.name),
                    ),
                })}
                data-junction={junction.kind}
            >
                <clipPath id="sheet">
                    <rect x={-reach} y={-reach} width={2 * reach} height={2 * reach} />
                </clipPath>
                <g clipPath="url(#sheet)">
                    {junction.ground.map((zone, i) => (
                        <polygon
                            key={i}
                            points={points(zone.outline)}
                            fill={zone.free ? 'var(--ground)' : 'var(--wood)'}
                            stroke="var(--rule)"
                            strokeWidth="0.08"
                        />
                    ))}
                    {lying.map((piece) => (
                        <g
                            key={piece.key}
                            data-drawn={piece.key}
                            style={{ cursor: 'pointer' }}
                            onClick={() => onPick(piece.key)}
                        >
                            {piece.areas.map((area, i) => (
                                <polygon
                                    key={i}
                                    points={points(area)}
                                    fill={piece.key === picked ? 'var(--actionTint)' : 'var(--metal)'}
                                    fillOpacity="0.9"
                                    stroke={piece.key === picked ? 'var(--chalk)' : 'var(--ink)'}
                                    strokeWidth={piece.key === picked ? 0.28 : 0.14}
                                />
                            ))}
                        </g>
                    ))}
                </g>
                {lying.map((piece) => {
                    const [x, y] = piece.seen;
                    return (
                        <NumberedSpot
                            key={piece.key}
                            number={piece.number}
                            x={x}
                            y={-y}
                            radius={1.1}
                            picked={piece.key === picked}
                        />
                    );
                })}
            </svg>
        </div>
    );
}
