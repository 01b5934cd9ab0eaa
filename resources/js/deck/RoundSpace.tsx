import { useMemo, useRef, useState } from 'react';
import type { SpacePoint } from '../contracts/roof';

export interface RoundPiece {
    key: string;
    /** Its turn among those drawn. */
    number: number;
    /** What stands on it, where that is another number. */
    label?: number;
    /** The flats it is bent into. */
    flats: SpacePoint[][];
    /** Where its number stands; none where it is left out. */
    seenAt: SpacePoint | null;
}

interface RoundSpaceProps {
    /** What stands there already: deck, fascias, walls. */
    solids: SpacePoint[][];
    pieces: RoundPiece[];
    /** Said of the picture, with how it is turned. */
    label: (bearing: number, above: number) => string;
    /** Told apart from other pictures. */
    name: string;
    from: Seen;
    /** Of what stands there. */
    fill?: string;
    /** A way drawn over all of it, and what moves along it. */
    way?: SpacePoint[];
    /** How far it may be turned to either side, degrees. */
    most?: number;
    /** As large as everything drawn is: of numbers and lines. */
    size?: number;
    /** How many pieces lie already; the others hang over their place. */
    on: number;
    picked?: string | null;
    onPick?: (piece: string) => void;
}

/** Laid pieces stand this far apart (in) so that one sees which is over which; those to come hang higher. */
const APART = 0.5;
const HANGING = 5;
const FIRST_HANGING = 4;

/** It is looked at from in front: walls and gables have no back. */
const MOST_BEARING = 75;
const ABOVE = { least: 10, most: 80 };

export interface Seen {
    bearing: number;
    above: number;
}

const within = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value));

/** Where a point comes to lie in the picture, and how far off it is. */
function project([x, y, z]: SpacePoint, { bearing, above }: Seen): [number, number, number] {
    const [b, a] = [(bearing * Math.PI) / 180, (above * Math.PI) / 180];
    const across = x * Math.cos(b) - y * Math.sin(b);
    const off = x * Math.sin(b) + y * Math.cos(b);
    return [across, -(z * Math.cos(a) + off * Math.sin(a)), off * Math.cos(a) - z * Math.sin(a)];
}

/** Pieces in the round, laid in order, those to come lifted over them; turned by dragging or by the arrow keys. */
export function RoundSpace({
    solids,
    pieces,
    label,
    name,
    from,
    fill = 'var(--wood)',
    way,
    most = MOST_BEARING,
    size = 1,
    on,
    picked,
    onPick,
}: RoundSpaceProps) {
    const [seen, setSeen] = useState<Seen>(from);
    const drag = useRef<{ x: number; y: number; seen: Seen } | null>(null);
    const turn = (next: Seen) =>
        setSeen({
            bearing: within(next.bearing, -most, most),
            above: within(next.above, ABOVE.least, ABOVE.most),
        });
    const lift = (number: number) =>
        number <= on ? number * APART : FIRST_HANGING + on * APART + (number - on) * HANGING;
    const raised = (point: SpacePoint, by: number): SpacePoint => [point[0], point[1], point[2] + by];
    // Room for all pieces hanging, so that the picture stays where it is while they are laid.
    const room = useMemo(() => {
        const highest = FIRST_HANGING + pieces.length * HANGING;
        const points = [
            ...solids.flat(),
            ...pieces.flatMap((piece) => piece.flats.flat().flatMap((point) => [point, raised(point, highest)])),
        ].map((point) => project(point, seen));
        const xs = points.map(([x]) => x);
        const ys = points.map(([, y]) => y);
        const [left, top] = [Math.min(...xs) - 2, Math.min(...ys) - 2];
        return [left, top, Math.max(...xs) + 2 - left, Math.max(...ys) + 2 - top];
    }, [solids, pieces, seen]);
    const drawn = (flats: SpacePoint[][], by: number) =>
        flats
            .map((flat) => flat.map((point) => project(raised(point, by), seen)))
            .sort((a, b) => Math.max(...b.map(([, , off]) => off)) - Math.max(...a.map(([, , off]) => off)))
            .map((flat) => flat.map(([x, y]) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' '));
    return (
        <div className="drawing">
            <svg
                viewBox={room.map((one) => one.toFixed(2)).join(' ')}
                role="img"
                tabIndex={0}
                style={{ touchAction: 'pan-y', cursor: 'grab' }}
                aria-label={label(Math.round(seen.bearing), Math.round(seen.above))}
                data-space={name}
                onKeyDown={(event) => {
                    const by = { ArrowLeft: [-5, 0], ArrowRight: [5, 0], ArrowUp: [0, 5], ArrowDown: [0, -5] }[
                        event.key
                    ];
                    if (!by) return;
                    event.preventDefault();
                    event.stopPropagation();
                    turn({ bearing: seen.bearing + by[0], above: seen.above + by[1] });
                }}
                onPointerDown={(event) => {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    drag.current = { x: event.clientX, y: event.clientY, seen };
                }}
                onPointerMove={(event) => {
                    const from = drag.current;
                    if (!from) return;
                    turn({
                        bearing: from.seen.bearing + (event.clientX - from.x) / 4,
                        above: from.seen.above + (event.clientY - from.y) / 4,
                    });
                }}
                onPointerUp={(event) => {
                    const from = drag.current;
                    drag.current = null;
                    // Hardly moved: a tap picks what is under it.
                    if (!from || Math.hypot(event.clientX - from.x, event.clientY - from.y) > 6) return;
                    const under = document
                        .elementsFromPoint(event.clientX, event.clientY)
                        .map((one) => one.closest('[data-drawn]')?.getAttribute('data-drawn'))
                        .find((key) => key);
                    if (under) onPick?.(under);
                }}
            >
                {drawn(solids, 0).map((points, i) => (
                    <polygon key={i} points={points} fill={fill} stroke="var(--muted)" strokeWidth={0.1 * size} />
                ))}
                {pieces.map((piece) => {
                    const chosen = piece.key === picked;
                    return (
                        <g key={piece.key} data-drawn={piece.key} data-lies={piece.number <= on}>
                            {drawn(piece.flats, lift(piece.number)).map((points, i) => (
                                <polygon
                                    key={i}
                                    points={points}
                                    fill={chosen ? 'var(--actionTint)' : 'var(--metal)'}
                                    fillOpacity={piece.number <= on ? 0.95 : 0.6}
                                    stroke={chosen ? 'var(--chalk)' : 'var(--ink)'}
                                    strokeWidth={(chosen ? 0.3 : 0.16) * size}
                                    strokeLinejoin="round"
                                />
                            ))}
                        </g>
                    );
                })}
                {pieces.map((piece) => {
                    const chosen = piece.key === picked;
                    if (!piece.seenAt) return null;
                    const [x, y] = project(raised(piece.seenAt, lift(piece.number)), seen);
                    return (
                        <g key={piece.key} pointerEvents="none">
                            <circle cx={x} cy={y} r={1.5 * size} fill={chosen ? 'var(--chalk)' : 'var(--ink)'} />
                            <text
                                x={x}
                                y={y + 0.66 * size}
                                fontSize={1.85 * size}
                                fontWeight="700"
                                textAnchor="middle"
                                style={{ fill: chosen ? 'var(--chalkText)' : 'var(--card)' }}
                            >
                                {piece.label ?? piece.number}
                            </text>
                        </g>
                    );
                })}
                {way && way.length > 1 && (
                    <Way
                        points={way.map((point) => {
                            const [x, y] = project(point, seen);
                            return [x, y];
                        })}
                        size={size}
                    />
                )}
            </svg>
        </div>
    );
}

/** The way of something that moves, over everything else. */
function Way({ points, size }: { points: [number, number][]; size: number }) {
    const drawn = points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');
    return (
        <>
            <path
                d={drawn}
                fill="none"
                stroke="var(--chalk)"
                strokeWidth={0.6 * size}
                strokeDasharray={`${0.4 * size} ${size}`}
                strokeLinecap="round"
                data-way={points.length}
            />
            <circle r={0.9 * size} className="drop" fill="var(--chalk)" stroke="var(--card)" strokeWidth={0.3 * size}>
                <animateMotion dur="2.4s" repeatCount="indefinite" path={drawn} />
            </circle>
        </>
    );
}
