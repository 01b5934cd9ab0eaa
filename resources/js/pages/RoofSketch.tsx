import { useTranslation } from 'react-i18next';
import type { JobCard, PlanOutline } from '../contracts/plan';
import { EdgeLine } from '../deck/EdgeLine';
import { frame, pointsOf } from '../deck/useFrame';

/** Drawn at this size and shown at half of it: the edges' patterns stay as fine as the drawing is small. */
const SIZE: [number, number] = [380, 260];

/** A job's roof from above, as small as a stamp. */
export function RoofSketch({ card, name }: { card: JobCard; name: string }) {
    const { t } = useTranslation();
    const all = card.faces.flatMap((face) => face.planOutline) as PlanOutline;
    if (all.length < 3) return <p className="muted small">{t('jobs.no-roof')}</p>;
    const view = frame(all, SIZE, { x: 22, top: 20, bottom: 20 });
    return (
        <svg viewBox={`0 0 ${SIZE[0]} ${SIZE[1]}`} role="img" aria-label={t('jobs.roof-of', { name })}>
            {card.faces.map((face, i) => (
                <path
                    key={i}
                    className="metal"
                    fillRule="evenodd"
                    d={[face.planOutline, ...face.planHoles]
                        .map((loop) => `M${pointsOf(loop, view).replaceAll(' ', ' L')} Z`)
                        .join(' ')}
                />
            ))}
            {card.edges.map((edge, i) => (
                <EdgeLine
                    key={i}
                    kind={edge.kind}
                    from={view.at(...edge.plan[0])}
                    to={view.at(...edge.plan[1])}
                    low={edge.heights[0] <= edge.heights[1] ? 'from' : 'to'}
                />
            ))}
        </svg>
    );
}
