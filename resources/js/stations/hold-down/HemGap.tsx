import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import type { HemTable } from '../../contracts/hold-down';
import { Choice } from '../../bench/Choice';
import { useJob } from '../../job/JobContext';
import { setTemperature } from '../../job/holdEdits';
import { Len, Said } from '../../tape/Len';
import { NumberField } from '../../tape/NumberField';

const FIXED: HemTable['fixed'][] = ['head', 'middle', 'foot'];

/** Between what the hems of a face are set, on a day the metal is so warm. */
export function HemGap({ hems }: { hems: HemTable }) {
    const { t } = useTranslation();
    const { document, edit, mayChange } = useJob();
    const [now, setNow] = useState<string>('');
    const said = document.temperatures;
    const day = hems.days.findIndex((metal) => String(metal) === now);
    const row = (i: number) => (
        <tr key={hems.days[i]} data-metal={hems.days[i]} aria-selected={i === day} className="pick">
            <th scope="row">{hems.days[i]}°</th>
            {hems.lengths.map((one) => (
                <td key={one.length} className={`n ${one.windows[i].fits ? 'good' : ''}`}>
                    <Said text={one.windows[i].said} />
                </td>
            ))}
        </tr>
    );
    return (
        <section aria-label={t('hem.title')}>
            <h2>{t('hem.title')}</h2>
            <p className="muted small">{hems.said}</p>
            <TextField
                select
                label={t('hem.now')}
                value={now}
                style={{ marginTop: 10 }}
                onChange={(event) => setNow(event.target.value)}
                slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
            >
                <MenuItem value="">{t('hem.now.none')}</MenuItem>
                {hems.days.map((metal) => (
                    <MenuItem key={metal} value={String(metal)}>
                        {metal}
                    </MenuItem>
                ))}
            </TextField>
            <details open={day < 0} style={{ marginTop: 8 }}>
                <summary>{t('hem.every-day')}</summary>
                <HemHead hems={hems}>{hems.days.map((_, i) => row(i))}</HemHead>
            </details>
            {day >= 0 && (
                <>
                    <HemHead hems={hems}>{row(day)}</HemHead>
                    <p className={hems.lengths[0].windows[day].fits ? 'muted' : 'stop'}>
                        <Said text={hems.lengths[0].windows[day].habit} />
                    </p>
                </>
            )}
            <p className="caution">{t('caution.hem')}</p>
            <details>
                <summary>{t('hem.temperatures')}</summary>
                <div className="stack" style={{ gap: 12, marginTop: 8 }}>
                    <NumberField
                        label={t('hem.cold')}
                        value={said?.coldF ?? hems.coldF}
                        least={-60}
                        most={60}
                        disabled={!mayChange}
                        onChange={(coldF) => edit((d) => setTemperature(d, 'coldF', coldF))}
                    />
                    <NumberField
                        label={t('hem.hot')}
                        value={said?.hotAirF ?? null}
                        least={-20}
                        most={130}
                        disabled={!mayChange}
                        onChange={(hotAirF) => edit((d) => setTemperature(d, 'hotAirF', hotAirF))}
                    />
                    <NumberField
                        label={t('hem.gain')}
                        value={said?.gainF ?? null}
                        least={0}
                        most={120}
                        disabled={!mayChange}
                        onChange={(gainF) => edit((d) => setTemperature(d, 'gainF', gainF))}
                    />
                    <Choice
                        label={t('hem.fixed')}
                        value={hems.fixed}
                        options={FIXED.map((value) => ({ value, name: t(`hem.fixed.${value}`) }))}
                        onChange={(fixed) => edit((d) => setTemperature(d, 'fixed', fixed))}
                    />
                </div>
            </details>
        </section>
    );
}

function HemHead({ hems, children }: { hems: HemTable; children: ReactNode }) {
    const { t } = useTranslation();
    return (
        <table className="plain" style={{ marginTop: 6 }}>
            <thead>
                <tr>
                    <th scope="col">{t('hem.metal')}</th>
                    {hems.lengths.map((one) => (
                        <th key={one.length} scope="col" className="n" title={one.said}>
                            <Len inches={one.length} />
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>{children}</tbody>
        </table>
    );
}
