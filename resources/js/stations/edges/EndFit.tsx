import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { EndCard } from '../../contracts/edges';
import { useJob } from '../../job/JobContext';
import { fitEnd } from './trimEdits';
import { useJobTape } from '../../tape/JobTape';
import { Said } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';

/** A first fit of an end: how much longer the next of its kind are cut. */
export function EndFit({ card }: { card: EndCard }) {
    const { t } = useTranslation();
    const { edit, mayChange, units } = useJob();
    const print = useJobTape();
    const fit = card.fit ?? { low: 0, high: 0 };
    const signed = (inches: number) => (inches < 0 ? `−${print(-inches)}` : print(inches));
    return (
        <details open={card.fit !== null}>
            <summary>{t('ends.fit')}</summary>
            <p className="muted small">{t('ends.fit-how')}</p>
            {card.fit && (
                <p className="chalk-text" style={{ marginTop: 4 }}>
                    <Said text={t('ends.fit-said', { low: signed(fit.low), high: signed(fit.high) })} />
                </p>
            )}
            {mayChange && (
                <div className="stack" style={{ gap: 10, marginTop: 8 }}>
                    {(['low', 'high'] as const).map((edge) => (
                        <TapeEntry
                            key={`${card.key} ${edge}`}
                            label={t(`ends.fit-${edge}`)}
                            units={units}
                            action={t('sticks.set')}
                            signed
                            most={2}
                            onEnter={(inches) =>
                                edit((d) => fitEnd(d, card.shape, card.end, { ...fit, [edge]: inches }, card.done))
                            }
                        />
                    ))}
                    {card.fit && (
                        <Button
                            variant="outlined"
                            onClick={() => edit((d) => fitEnd(d, card.shape, card.end, undefined, []))}
                        >
                            {t('ends.fit-none')}
                        </Button>
                    )}
                </div>
            )}
        </details>
    );
}
