import { useTranslation } from 'react-i18next';
import type { EdgesSlice } from '../../contracts/edges';
import { PlanEdge } from '../../deck/PlanEdge';
import { Legend } from '../../deck/Legend';
import { frame, pointsOf, useSize } from '../../deck/useFrame';

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
        </>
    );
}
