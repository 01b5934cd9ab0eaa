import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import { useMaking } from '../../bench/Making';
import type { HemSlice } from '../../contracts/hold-down';
import { Choice } from '../../bench/Choice';
import { useJob } from '../../job/JobContext';
import { setTemperature } from './edits';
import { GaugeLine } from '../../readings/GaugeLine';
import { useMetal } from '../../readings/useGauge';
import { DegreesField } from '../../tape/DegreesField';
import { Len, Said } from '../../tape/Len';

const FIXED: HemSlice['fixed'][] = ['head', 'middle', 'foot'];

interface HemGapProps {
    hem: HemSlice;
    /** °F, as typed or measured; null where nobody has. */
    metalF: number | null;
    onMetal: (metalF: number | null) => void;
}

/** How the hems of a face are set: today, and on a day the metal is so warm. */
export function HemGap({ hem, metalF, onMetal }: HemGapProps) {
    const { t } = useTranslation();
    const make = useMaking();
    const measured = useMetal();
    const heard = useRef(0);
    useEffect(() => {
        if (!measured || measured.number === heard.current) return;
        heard.current = measured.number;
        onMetal(measured.fahrenheit);
    }, [measured, onMetal]);
    return (
        <section aria-label={t('hem.title')}>
            <h2>{t('hem.title')}</h2>
            <p className="muted small">{hem.said}</p>
            {hem.table && (
                <>
                    <div className="stack" style={{ gap: 8, marginTop: 10 }}>
                        <DegreesField
                            label={t('hem.now')}
                            value={metalF}
                            least={-80}
                            most={250}
                            onChange={onMetal}
                            onEmpty={() => onMetal(null)}
                        />
                        <GaugeLine waiting="metal" />
                    </div>
                    {hem.today && <Today today={hem.today} />}
                    <details open={!hem.today} style={{ marginTop: 8 }}>
                        <summary>{t('hem.every-day')}</summary>
                        <div className="wide">
                            <table className="plain" style={{ marginTop: 6, whiteSpace: 'nowrap' }}>
                                <thead>
                                    <tr>
                                        <th scope="col">{t('hem.metal')}</th>
                                        {hem.table.lengths.map((one) => (
                                            <th key={one.length} scope="col" className="n">
                                                <Len inches={one.length} />
                                            </th>
                                        ))}
                                    </tr>
                                </thead>
                                <tbody>
                                    {hem.table.days.map((day, i) => (
                                        <tr key={day.metalF} data-metal={day.metalF}>
                                            <th scope="row">{day.said}</th>
                                            {hem.table?.lengths.map((one) => (
                                                <td
                                                    key={one.length}
                                                    className={`n ${one.windows[i].fits ? 'good' : ''}`}
                                                >
                                                    <Said text={one.windows[i].said} />
                                                </td>
                                            ))}
                                        </tr>
                                    ))}
                                </tbody>
                            </table>
                        </div>
                        <p className="small">
                            <button type="button" className="linkish" onClick={() => make('hem-card.pdf')}>
                                {t('send.hem-card.pdf')}
                            </button>
                        </p>
                    </details>
                    <ul className="plain small" style={{ marginTop: 6, paddingLeft: 18 }}>
                        {hem.table.lengths.map((one) => (
                            <li key={one.length}>
                                <Len inches={one.length} /> <Said text={one.said} />
                            </li>
                        ))}
                        {hem.closings.map((said) => (
                            <li key={said}>{said}</li>
                        ))}
                    </ul>
                </>
            )}
            {hem.trims.map((said) => (
                <p key={said} className="small">
                    <Said text={said} />
                </p>
            ))}
            {hem.table && (
                <p className="caution" style={{ marginTop: 6 }}>
                    {t('caution.hem')}
                </p>
            )}
            <Temperatures hem={hem} />
        </section>
    );
}

/** What is set today, large enough to be read over a shoulder. */
function Today({ today }: { today: NonNullable<HemSlice['today']> }) {
    const { t } = useTranslation();
    const [longest] = today.lengths;
    return (
        <div data-testid="hem-today" aria-live="polite" style={{ marginTop: 8 }}>
            <p className="small">{today.said}</p>
            <table className="plain">
                <tbody>
                    {today.lengths.map((one) => (
                        <tr key={one.length}>
                            <th scope="row">
                                <Len inches={one.length} />
                            </th>
                            <td className="n" style={{ fontSize: 24, fontWeight: 700 }}>
                                <Said text={one.set} />
                            </td>
                            <td className="n muted small">
                                <Said text={one.window} />
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {longest && (
                <p className={longest.fits ? 'muted small' : 'stop small'} aria-label={t('hem.title')}>
                    <Said text={longest.habit} />
                </p>
            )}
        </div>
    );
}

/** Between what the metal moves, and from where. */
function Temperatures({ hem }: { hem: HemSlice }) {
    const { t } = useTranslation();
    const { document, edit, mayChange } = useJob();
    const said = document.temperatures;
    const field = (key: 'coldF' | 'hotAirF' | 'gainF', label: string, value: number | null, most: number) => (
        <DegreesField
            label={label}
            value={value}
            least={key === 'coldF' ? -60 : key === 'hotAirF' ? -20 : 0}
            most={most}
            difference={key === 'gainF'}
            disabled={!mayChange}
            onChange={(typed) => edit((d) => setTemperature(d, key, typed))}
            onEmpty={() => edit((d) => setTemperature(d, key, undefined))}
        />
    );
    return (
        <details>
            <summary>{t('hem.temperatures')}</summary>
            <div className="stack" style={{ gap: 12, marginTop: 8 }}>
                {field('coldF', t('hem.cold'), said?.coldF ?? hem.coldF, 60)}
                {field('hotAirF', t('hem.hot'), said?.hotAirF ?? null, 130)}
                {field('gainF', t('hem.gain'), said?.gainF ?? null, 120)}
                {hem.table && (
                    <Choice
                        label={t('hem.fixed')}
                        value={hem.fixed}
                        options={FIXED.map((value) => ({ value, name: t(`hem.fixed.${value}`) }))}
                        onChange={(fixed) => edit((d) => setTemperature(d, 'fixed', fixed))}
                    />
                )}
            </div>
        </details>
    );
}
