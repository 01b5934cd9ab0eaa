import { useTranslation } from 'react-i18next';
import { useGaugeState } from './useGauge';

/** The laser and the angle gauge: listening or not, what came last, and what is wrong. */
export function GaugeLine({ waiting }: { waiting: 'length' | 'pitch' | 'metal' }) {
    const { t } = useTranslation();
    const { listening, listen, last, fault, retry } = useGaugeState();
    return (
        <div className="rowed small" role="group" aria-label={t('gauge.title')}>
            <button type="button" className="chip" aria-pressed={listening} onClick={() => listen(!listening)}>
                {t('gauge.listen')}
            </button>
            <span className={fault === null ? 'muted' : 'stop'} role="status">
                {fault !== null
                    ? fault || t('gauge.offline')
                    : !listening
                      ? ''
                      : last === null
                        ? t('gauge.waiting', { kind: waiting })
                        : last.kind === waiting
                          ? t('gauge.dropped', { number: last.number })
                          : t('gauge.elsewhere', { kind: last.kind })}
            </span>
            {fault !== null && (
                <button type="button" className="linkish" onClick={retry}>
                    {t('gauge.retry')}
                </button>
            )}
        </div>
    );
}
