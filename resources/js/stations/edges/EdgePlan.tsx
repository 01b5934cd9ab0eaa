import { useTranslation } from 'react-i18next';
import type { EdgesSlice } from '../../contracts/edges';
import type { PlanOutline } from '../../contracts/plan';
import { PlanEdge } from '../../deck/PlanEdge';
import { Legend } from '../../deck/Legend';
import { frame, pointsOf, useSize, type Frame } from '../../deck/useFrame';

interface EdgePlanProps {
    slice: EdgesSlice;
    picked: string | null;
    onPick: (edge: string) => void;
    onCorner: (junction: string) => void;
}

/** The roof from above, to pick an edge in. */
export function EdgePlan({ slice, picked, onPick, onCorner }: EdgePlanProps) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const view = frame(
        slice.faces.flatMap((face) => face.planOutline),
        size,
        { x: 40, top: 26, bottom: 40 },
    );
    return (
        <>
            <div className="drawing" ref={box}>
                <svg role="group" aria-label={t('edges.view.roof')}>
                    {slice.faces.map((face) => (
                        <polygon key={face.id} points={pointsOf(face.planOutline, view)} fill="var(--metal)" />
                    ))}
                    {slice.edges.map((edge) => (
                        <PlanEdge
                            key={edge.id}
                            edge={edge}
                            view={view}
                            name={edge.name}
                            picked={edge.id === picked}
                            reach={24}
                            gestures={{ onClick: () => onPick(edge.id) }}
                        />
                    ))}
                    {slice.bare.map((spot, i) => (
                        <BareSpot key={i} parts={spot} view={view} title={t('edges.bare')} />
                    ))}
                    {slice.junctions.map((junction) => {
                        const [x, y] = view.at(...junction.at);
                        return (
                            <circle
                                key={junction.id}
                                className="hit"
                                cx={x}
                                cy={y}
                                r="9"
                                fill={junction.sheds ? 'var(--card)' : 'var(--settleTint)'}
                                stroke="var(--ink)"
                                strokeWidth="1.6"
                                role="button"
                                tabIndex={-1}
                                aria-label={junction.name}
                                data-junction={junction.id}
                                onClick={() => onCorner(junction.id)}
                            />
                        );
                    })}
                </svg>
            </div>
            <Legend kinds={slice.edges.map((edge) => edge.kind)} />
            {slice.bare.length > 0 && (
                <p className="small" style={{ color: 'var(--stop)', margin: '4px 0 8px' }} data-bare-note>
                    {t('edges.bare')}
                </p>
            )}
        </>
    );
}

/** Deck no metal lies over: its parts, and a ring round it, for it is small. */
function BareSpot({ parts, view, title }: { parts: PlanOutline[]; view: Frame; title: string }) {
    const all = parts.flat().map((at) => view.at(...at));
    const [x, y] = [0, 1].map((i) => all.reduce((sum, at) => sum + (at[i] ?? 0), 0) / Math.max(1, all.length));
    return (
        <g data-bare>
            <title>{title}</title>
            {parts.map((part, i) => (
                <polygon key={i} points={pointsOf(part, view)} fill="var(--stop)" />
            ))}
            <circle cx={x} cy={y} r="14" fill="none" stroke="var(--stop)" strokeWidth="2.5" />
        </g>
    );
}
