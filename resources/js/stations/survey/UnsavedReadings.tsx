import { useTranslation } from 'react-i18next';
import type { Adoption, Plane, Reading } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { planesOf } from '../../job/roofEdits';
import { Len } from '../../tape/Len';
import { nameOf, type Name } from './quantities';

interface UnsavedReadingsProps {
    plane: Plane;
    name: Name;
    adoption: Adoption | undefined;
    /** Takes it back, and what was typed into the field again. */
    onMend: (reading: Reading) => void;
    onRemove: (reading: Reading) => void;
}

/** Readings the plan does not know yet, or that were not taken: on the screen like the others, marked, and not reckoned with. */
export function UnsavedReadings({ plane, name, adoption, onMend, onRemove }: UnsavedReadingsProps) {
    const { t } = useTranslation();
    const { saved, refused, mayChange } = useJob();
    const known = adoption?.comparisons.map((one) => one.reading) ?? [];
    const kept = planesOf(saved).find((one) => one.id === plane.id)?.readings ?? [];
    const isSaved = (reading: Reading) =>
        kept.some((one) => one.id === reading.id && JSON.stringify(one) === JSON.stringify(reading));
    const waiting = (plane.readings ?? []).filter(
        (reading) => nameOf(reading) === name && !(known.includes(reading.id) && isSaved(reading)),
    );
    if (waiting.length === 0) return null;
    return (
        <table className="plain">
            <tbody>
                {waiting.map((reading) => {
                    const fault = refused.find(({ place }) =>
                        place.some((step, i) => 'id' in step && step.id === reading.id && isOf(place[i - 2], plane.id)),
                    );
                    return (
                        <tr key={reading.id} data-unsaved={reading.id}>
                            <th scope="row">
                                {t(`source.${reading.source}`)}{' '}
                                <span className={fault ? 'stop small' : 'muted small'}>
                                    {t(
                                        fault
                                            ? 'survey.not-taken'
                                            : isSaved(reading)
                                              ? 'survey.working'
                                              : 'survey.not-saved',
                                    )}
                                </span>
                                {fault && (
                                    <span className="small" style={{ display: 'block' }}>
                                        {fault.message}
                                    </span>
                                )}
                            </th>
                            <td className="n">
                                <b>
                                    {reading.typed ??
                                        (reading.value === undefined ? '' : <Len inches={reading.value} />)}
                                </b>
                            </td>
                            <td className="n">
                                {mayChange && fault && (
                                    <button type="button" className="linkish" onClick={() => onMend(reading)}>
                                        {t('save.refused.mend')}
                                    </button>
                                )}
                                {mayChange && (
                                    <button
                                        type="button"
                                        className="linkish"
                                        style={{ minWidth: 28 }}
                                        aria-label={t('survey.remove-reading')}
                                        title={t('survey.remove-reading')}
                                        onClick={() => onRemove(reading)}
                                    >
                                        ×
                                    </button>
                                )}
                            </td>
                        </tr>
                    );
                })}
            </tbody>
        </table>
    );
}

const isOf = (step: { field: string } | { id: string } | undefined, id: string): boolean =>
    step !== undefined && 'id' in step && step.id === id;
