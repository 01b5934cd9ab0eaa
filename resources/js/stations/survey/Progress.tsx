import { beside } from '../../words/lists';
import { useTranslation } from 'react-i18next';
import { Link } from '../../parts/router';
import type { Block } from '../../contracts/roof';
import type { Plane, SurveySlice } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { usePick } from '../../job/PickContext';

interface ProgressProps {
    slice: SurveySlice | undefined;
    planes: Plane[];
    blocks: Block[];
    onPick: (plane: string) => void;
}

/** How far the whole building is measured, in words, with a way to what still wants a tape. */
export function Progress({ slice, planes, blocks, onPick }: ProgressProps) {
    const { t } = useTranslation();
    const job = useJob();
    const { setPick } = usePick();
    if (!slice) return null;
    const { planes: all, wanting, missing } = slice.progress;
    const block = (face: string) => blocks.find((block) => face.startsWith(`${block.id}.`));
    const name = (id: string) =>
        planes.find((plane) => plane.id === id)?.name ?? (block(id) ? `${block(id)?.name} ${id.split('.')[1]}` : id);
    return (
        <p className="muted" role="status" data-testid="progress" style={{ padding: '2px 0 4px' }}>
            {t('survey.progress', { done: all - wanting.length - missing.length, all })}
            {[...missing.map((id) => ['missing', id]), ...wanting.map((id) => ['wanting', id])]
                .slice(0, 4)
                .map(([why, id]) => (
                    <span key={id}>
                        {' · '}
                        {block(id) ? (
                            <Link to={`/jobs/${job.id}/roof`} onClick={() => setPick({ kind: 'face', id })}>
                                {name(id)}
                            </Link>
                        ) : (
                            <button type="button" className="linkish" onClick={() => onPick(id)}>
                                {name(id)}
                            </button>
                        )}{' '}
                        {t(`survey.still-${why}`)}
                    </span>
                ))}
            {missing.length + wanting.length > 4 &&
                beside(t, [' ', t('survey.and-more', { count: missing.length + wanting.length - 4 })])}
        </p>
    );
}
