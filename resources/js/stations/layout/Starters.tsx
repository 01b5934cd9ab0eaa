import { useTranslation } from 'react-i18next';
import type { LaidFace } from '../../contracts/layout';
import { useJob } from '../../job/JobContext';
import { setStarter } from './edits';
import { useJobTape } from '../../tape/JobTape';
import { Said } from '../../tape/Len';

/** Whether a starter lies along a face's rakes: the first panel stands off from it, and the control line with it. */
export function Starters({ laid }: { laid: LaidFace }) {
    const { t } = useTranslation();
    const { edit, mayChange } = useJob();
    const print = useJobTape();
    if (laid.rakes.length === 0) return null;
    return (
        <section aria-label={t('layout.starters')}>
            <h2>{t('layout.starters')}</h2>
            <p className="muted small" style={{ marginBottom: 6 }}>
                <Said text={t('layout.starter-moves', { off: print(laid.standOff, 'nearest', true) })} />
            </p>
            <div className="rowed">
                {laid.rakes.map(({ edge, side, starter }) => (
                    <button
                        key={edge}
                        type="button"
                        className="chip"
                        aria-pressed={starter}
                        disabled={!mayChange}
                        onClick={() => edit((d) => setStarter(d, edge, !starter))}
                    >
                        {t(`layout.starter.${side}`)}
                    </button>
                ))}
            </div>
        </section>
    );
}
