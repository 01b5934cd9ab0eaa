import type { KeyboardEvent } from 'react';
import { useTranslation } from 'react-i18next';
import { EdgeLine, type EdgeKind } from '../../deck/EdgeLine';
import { Legend } from '../../deck/Legend';
import { frame, pointsOf } from '../../deck/useFrame';

export interface DrawnOutline {
    id: string;
    name: string;
    corners: [number, number][];
    /** Which side is its eave; null where it must be said. */
    eave: number | null;
    kinds: (EdgeKind | null)[];
}

/** What comes through a face, as it is drawn. */
export interface DrawnThrough {
    id: string;
    face: string;
    corners: [number, number][];
}

interface DrawnOutlinesProps {
    outlines: DrawnOutline[];
    through: DrawnThrough[];
    without: string[];
    onEave: (outline: string, side: number) => void;
}

const SIZE: [number, number] = [560, 300];

/** The outlines as they are drawn, their edges by pattern; a side that is pressed is the eave. */
export function DrawnOutlines({ outlines, through, without, onEave }: DrawnOutlinesProps) {
    const { t } = useTranslation();
    const view = frame(
        outlines.flatMap((one) => one.corners),
        SIZE,
        { x: 30, top: 26, bottom: 26 },
    );
    const shown = outlines.filter((one) => !without.includes(one.id));
    return (
        <>
            <svg
                viewBox={`0 0 ${SIZE[0]} ${SIZE[1]}`}
                role="group"
                aria-label={t('bring.outlines')}
                style={{ width: '100%', display: 'block' }}
            >
                {shown.map((one) => (
                    <g key={one.id} data-outline={one.id}>
                        <polygon
                            className="metal"
                            points={pointsOf(one.corners, view)}
                            opacity={one.eave === null ? 0.4 : 1}
                        />
                        {one.corners.map((corner, side) => {
                            const [from, to] = [
                                view.at(...corner),
                                view.at(...one.corners[(side + 1) % one.corners.length]),
                            ];
                            const kind = one.kinds[side] ?? (one.eave === side ? 'eave' : null);
                            const choose = () => onEave(one.id, side);
                            return (
                                <g
                                    key={side}
                                    role="button"
                                    tabIndex={0}
                                    data-side={side}
                                    style={{ cursor: 'pointer' }}
                                    aria-pressed={one.eave === side}
                                    aria-label={t('bring.side', {
                                        outline: one.name,
                                        side: side + 1,
                                        kind: kind ?? 'none',
                                    })}
                                    onClick={choose}
                                    onKeyDown={(event: KeyboardEvent) => {
                                        if (event.key !== 'Enter' && event.key !== ' ') return;
                                        event.preventDefault();
                                        choose();
                                    }}
                                >
                                    {kind ? (
                                        <EdgeLine kind={kind} from={from} to={to} />
                                    ) : (
                                        <line
                                            x1={from[0]}
                                            y1={from[1]}
                                            x2={to[0]}
                                            y2={to[1]}
                                            stroke="var(--muted)"
                                            strokeDasharray="3 4"
                                        />
                                    )}
                                    <line
                                        x1={from[0]}
                                        y1={from[1]}
                                        x2={to[0]}
                                        y2={to[1]}
                                        stroke="transparent"
                                        strokeWidth="26"
                                    />
                                </g>
                            );
                        })}
                    </g>
                ))}
                {through
                    .filter((one) => !without.includes(one.id) && !without.includes(one.face))
                    .map((one) => (
                        <polygon
                            key={one.id}
                            data-through={one.id}
                            points={pointsOf(one.corners, view)}
                            fill="var(--card)"
                            stroke="var(--ink)"
                            strokeWidth="1.6"
                            pointerEvents="none"
                        />
                    ))}
            </svg>
            <Legend kinds={shown.flatMap((one) => one.kinds).filter((kind): kind is EdgeKind => kind !== null)} />
        </>
    );
}
