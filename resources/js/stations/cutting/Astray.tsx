import { useTranslation } from 'react-i18next';
import type { CutsSlice } from '../../contracts/cutting';
import { useJob } from '../../job/JobContext';
import { removeObservation } from '../../job/lineEdits';
import { Len, Said } from '../../tape/Len';

/** Marks whose edge or panel is there no more: kept until somebody takes them back. */
export function Astray({ slice }: { slice: CutsSlice }) {
    const { t } = useTranslation();
    const { edit, mayChange } = useJob();
    if (slice.astray.length === 0) return null;
    return (
        <section aria-label={t('fit.astray')}>
            <h2>{t('fit.astray')}</h2>
            {slice.astray.map((mark) => (
                <div key={mark.id} className="finding" data-severity="settle" data-astray={mark.id}>
                    <Said text={t('fit.mark-side', { piece: mark.piece, side: mark.side })} />{' '}
                    <b>
                        <Len inches={mark.measured} inchesOnly />
                    </b>
                    {mayChange && (
                        <>
                            {' '}
                            <button
                                type="button"
                                className="linkish"
                                onClick={() => edit((d) => removeObservation(d, mark.id))}
                            >
                                {t('fit.take-back')}
                            </button>
                        </>
                    )}
                </div>
            ))}
        </section>
    );
}
