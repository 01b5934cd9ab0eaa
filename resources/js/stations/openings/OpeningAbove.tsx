import { useTranslation } from 'react-i18next';
import type { OpeningPiece } from '../../contracts/openings';
import { NumberedSpot } from '../../deck/NumberedSpot';
import type { PlanPoint } from '../../contracts/plan';
import { frame, pointsOf, useSize } from '../../deck/useFrame';
import type { OpeningDrawingProps } from './OpeningRound';

/** As much of the roof is shown round it, inches. */
const ROUND = 24;

/** An opening from above with the panels round it, uphill at the top; what lies on them laid piece by piece. */
export function OpeningAbove({ opening, on, picked, onPick }: OpeningDrawingProps) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const [wide, high] = opening.size;
    const behind = [
        ...opening.panels.filter((panel) => panel.behind).map((panel) => panel.outline),
        ...opening.pieces.filter((piece) => piece.key.startsWith('saddle-')).flatMap((piece) => piece.lies),
    ].flat();
    const [left, low, right, top] = [
        Math.min(-ROUND, ...behind.map(([x]) => x - 6)),
        -ROUND,
        Math.max(wide + ROUND, ...behind.map(([x]) => x + 6)),
        Math.max(high + ROUND, ...behind.map(([, y]) => y + 6)),
    ];
    const room: PlanPoint[] = [
        [left, low],
        [right, low],
        [right, top],
        [left, top],
    ];
    const to = frame(room, size, { x: 12, top: 12, bottom: 12 });
    const [x0, y0] = to.at(left, top);
    const [x1, y1] = to.at(right, low);
    const laid = opening.pieces
        .filter((piece) => !piece.panel && piece.lies.length > 0 && piece.number <= on)
        .sort((a, b) => a.rank - b.rank);
    return (
        <div className="drawing" ref={box} style={{ flex: '1 1 340px', minHeight: 320 }}>
            <svg
                viewBox={`0 0 ${size[0]} ${size[1]}`}
                role="img"
                aria-label={t('openings.drawing', { name: opening.name, on, all: opening.pieces.length })}
                data-opening={opening.id}
            >
                <clipPath id="round-opening">
                    <rect x={x0} y={y0} width={x1 - x0} height={y1 - y0} />
                </clipPath>
                <g clipPath="url(#round-opening)">
                    <rect x={x0} y={y0} width={x1 - x0} height={y1 - y0} fill="var(--wood)" />
                    {opening.panels.map((panel) => (
                        <polygon
                            key={panel.id}
                            data-panel={panel.id}
                            points={pointsOf(panel.outline, to)}
                            fill={panel.behind ? 'color-mix(in srgb, var(--water) 22%, var(--metal))' : 'var(--metal)'}
                            stroke="var(--ink)"
                            strokeWidth="1.2"
                        />
                    ))}
                    {laid.map((piece) => (
                        <Lying
                            key={piece.key}
                            piece={piece}
                            chosen={piece.key === picked}
                            points={(outline) => pointsOf(outline, to)}
                            onPick={onPick}
                        />
                    ))}
                    <polygon
                        points={pointsOf(opening.outline, to)}
                        fill="var(--card)"
                        stroke="var(--ink)"
                        strokeWidth="2.4"
                    />
                </g>
                {opening.panels.map((panel) => (
                    <PanelName key={panel.id} name={panel.name} outline={panel.outline} room={room} at={to.at} />
                ))}
                {laid.map((piece) =>
                    piece.lies.slice(0, 1).map((outline) => {
                        const [x, y] = to.at(...inRoom(outline, room));
                        return (
                            <NumberedSpot
                                key={piece.key}
                                number={piece.number}
                                x={x}
                                y={y}
                                radius={12}
                                picked={piece.key === picked}
                            />
                        );
                    }),
                )}
            </svg>
        </div>
    );
}

interface LyingProps {
    piece: OpeningPiece;
    chosen: boolean;
    points: (outline: PlanPoint[]) => string;
    onPick: (piece: string) => void;
}

function Lying({ piece, chosen, points, onPick }: LyingProps) {
    return (
        <g data-drawn={piece.key} style={{ cursor: 'pointer' }} onClick={() => onPick(piece.key)}>
            {piece.lies.map((outline, i) => (
                <polygon
                    key={i}
                    points={points(outline)}
                    fill={chosen ? 'var(--actionTint)' : 'var(--card)'}
                    fillOpacity="0.72"
                    stroke={chosen ? 'var(--chalk)' : 'var(--ink)'}
                    strokeWidth={chosen ? 2.4 : 1.2}
                />
            ))}
        </g>
    );
}

/** The middle of what of an outline is in the picture. */
function inRoom(outline: PlanPoint[], room: PlanPoint[]): PlanPoint {
    const [[left, low], , [right, top]] = room;
    const xs = outline.map(([x]) => Math.max(left, Math.min(right, x)));
    const ys = outline.map(([, y]) => Math.max(low, Math.min(top, y)));
    return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}

interface PanelNameProps {
    name: string;
    outline: PlanPoint[];
    room: PlanPoint[];
    at: (x: number, y: number) => PlanPoint;
}

/** A panel's name at its foot, in the picture. */
function PanelName({ name, outline, room, at }: PanelNameProps) {
    const [[left, low], , [right, top]] = room;
    const xs = outline.map(([x]) => Math.max(left, Math.min(right, x)));
    const ys = outline.map(([, y]) => Math.max(low, Math.min(top, y)));
    const [from, until] = [at(Math.min(...xs), 0)[0], at(Math.max(...xs), 0)[0]];
    if (until - from < name.length * 8 || Math.max(...ys) - Math.min(...ys) < 4) return null;
    const [x, y] = at((Math.min(...xs) + Math.max(...xs)) / 2, Math.min(...ys));
    return (
        <text x={x} y={y - 7} fontSize="13" textAnchor="middle" className="muted" pointerEvents="none">
            {name}
        </text>
    );
}
