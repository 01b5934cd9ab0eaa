import { useTranslation } from 'react-i18next';
import type { JunctionPiece, JunctionView } from '../../contracts/edges';
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
                    pieces: lying.map((piece) => piece.name).join(', '),
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
                    const [x, y] = seen(piece, junction.pieces.slice(piece.number, on), reach);
                    return (
                        <g key={piece.key} pointerEvents="none">
                            <circle
                                cx={x}
                                cy={-y}
                                r="1.1"
                                fill={piece.key === picked ? 'var(--chalk)' : 'var(--ink)'}
                            />
                            <text
                                x={x}
                                y={-y + 0.48}
                                fontSize="1.35"
                                fontWeight="700"
                                textAnchor="middle"
                                style={{ fill: piece.key === picked ? 'var(--chalkText)' : 'var(--card)' }}
                            >
                                {piece.number}
                            </text>
                        </g>
                    );
                })}
            </svg>
        </div>
    );
}

/** A place where a piece is to be seen: deep inside it, and under nothing. */
function seen(piece: JunctionPiece, over: JunctionPiece[], reach: number): PlanPoint {
    let best: PlanPoint = [0, 0];
    let most = -Infinity;
    for (let x = -reach + 2; x < reach - 1; x += 1) {
        for (let y = -reach + 2; y < reach - 1; y += 1) {
            if (!within(piece, x, y) || over.some((other) => within(other, x, y))) continue;
            const room = Math.min(
                ...[piece, ...over].map((one) => away(one, x, y)),
                reach - Math.abs(x),
                reach - Math.abs(y),
            );
            if (room > most + 0.01) [best, most] = [[x, y], room];
        }
    }
    return best;
}

function within(piece: JunctionPiece, x: number, y: number): boolean {
    return piece.areas.some((area) => {
        let inside = false;
        area.forEach(([x1, y1], i) => {
            const [x2, y2] = area[(i + 1) % area.length];
            if (y1 > y !== y2 > y && x < x1 + ((y - y1) / (y2 - y1)) * (x2 - x1)) inside = !inside;
        });
        return inside;
    });
}

/** How far a place lies from a piece's outline. */
function away(piece: JunctionPiece, x: number, y: number): number {
    return Math.min(
        ...piece.areas.flatMap((area) =>
            area.map(([x1, y1], i) => {
                const [x2, y2] = area[(i + 1) % area.length];
                const long = (x2 - x1) ** 2 + (y2 - y1) ** 2 || 1;
                const share = Math.max(0, Math.min(1, ((x - x1) * (x2 - x1) + (y - y1) * (y2 - y1)) / long));
                return Math.hypot(x - x1 - share * (x2 - x1), y - y1 - share * (y2 - y1));
            }),
        ),
    );
}
