import { useTranslation } from 'react-i18next';
import type { EaveShare } from '../../contracts/water';
import { useJob } from '../../job/JobContext';
import { setGutter } from './edits';
import { Said } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';

/** The gutter of the picked eave: its outlets, and what each of them takes. */
export function Gutter({ eave }: { eave: EaveShare }) {
    const { t } = useTranslation();
    const { edit, mayChange, units } = useJob();
    const outlets = eave.outlets.map((one) => one.at);
    const put = (next: number[]) => edit((d) => setGutter(d, eave.id, next));
    if (!mayChange && outlets.length === 0) return null;
    return (
        <section aria-label={t('water.gutter', { eave: eave.name })}>
            <h2>{t('water.gutter', { eave: eave.name })}</h2>
            {outlets.length === 0 ? (
                <button type="button" className="chip" onClick={() => put([eave.length])}>
                    {t('water.gutter-hang')}
                </button>
            ) : (
                <>
                    <ul className="plain" style={{ paddingLeft: 0, listStyle: 'none' }}>
                        {eave.outlets.map((one) => (
                            <li key={one.at} className="rowed" style={{ justifyContent: 'space-between' }}>
                                <span>
                                    <Said text={one.said} />
                                </span>
                                {mayChange && (
                                    <button
                                        type="button"
                                        className="linkish"
                                        aria-label={t('water.outlet-remove-of', { said: one.said })}
                                        onClick={() => put(outlets.filter((at) => at !== one.at))}
                                    >
                                        {t(outlets.length > 1 ? 'water.outlet-remove' : 'water.gutter-none')}
                                    </button>
                                )}
                            </li>
                        ))}
                    </ul>
                    {mayChange && (
                        <TapeEntry
                            label={t('water.outlet-at')}
                            units={units}
                            action={t('water.outlet-add')}
                            most={eave.length}
                            onEnter={(at) => put([...outlets, at])}
                        />
                    )}
                    <p className="muted small">{t('water.gutter-how')}</p>
                </>
            )}
        </section>
    );
}
