import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Check, RoofSlice } from '../../contracts/roof';
import { useJob } from '../../job/JobContext';
import { addCheck } from '../../job/roofEdits';
import { removeCheck } from './edits';
import { checksOf } from '../../job/roofEdits';
import { Len } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';
import { PitchEntry } from '../../readings/PitchEntry';
import { SOURCES, type Source } from '../../readings/sources';
import { now } from '../../readings/now';
import { useGauge } from '../../readings/useGauge';
import { usePitch } from '../../tape/measures';

interface ChecksProps {
    slice: RoofSlice | undefined;
    where: string;
    quantities: Check['quantity'][];
}

/** What was read here against what the blocks come to, and the field for the next reading. */
export function Checks({ slice, where, quantities }: ChecksProps) {
    const { t } = useTranslation();
    const pitch = usePitch();
    const { document: doc, saved, edit, mayChange, units } = useJob();
    const [quantity, setQuantity] = useState(quantities[0]);
    const [source, setSource] = useState<Source>('tape');
    const gauge = useGauge(quantity === 'pitch' ? 'pitch' : 'length');
    const own = checksOf(doc).filter((one) => one.where === where && quantities.includes(one.quantity));
    const isSaved = (one: Check) => checksOf(saved).some((kept) => kept.id === one.id);
    const value = (inches: number, of: Check['quantity']) => (of === 'pitch' ? pitch(inches) : <Len inches={inches} />);
    const keep = (inches: number, typed: string) =>
        edit((d) =>
            addCheck(d, {
                quantity,
                where,
                value: inches,
                typed: typed.slice(0, 40),
                source: gauge.typed === typed ? 'laser' : source,
                time: now(),
            }),
        );
    return (
        <section>
            <h2>{t('roof.taped-here')}</h2>
            {own.length > 0 && (
                <table className="plain">
                    <tbody>
                        {own.map((one) => {
                            const result = slice?.checks.find((check) => check.id === one.id);
                            return (
                                <tr key={one.id}>
                                    <th scope="row">
                                        {t(`check.${one.quantity}`)}{' '}
                                        <span className="muted small">{t(`source.${one.source}`)}</span>
                                    </th>
                                    <td className="n">
                                        <b>{value(one.value, one.quantity)}</b>
                                    </td>
                                    <td className={`n small ${result ? (result.agrees ? 'good' : 'stop') : 'muted'}`}>
                                        {result ? (
                                            result.agrees ? (
                                                t('survey.agrees')
                                            ) : one.quantity === 'pitch' ? (
                                                Math.round(result.miss * 100) / 100
                                            ) : (
                                                <Len inches={result.miss} signed />
                                            )
                                        ) : (
                                            t(isSaved(one) ? 'survey.working' : 'survey.not-saved')
                                        )}
                                    </td>
                                    <td className="n">
                                        {mayChange && (
                                            <button
                                                type="button"
                                                className="linkish"
                                                style={{ minWidth: 28 }}
                                                aria-label={t('survey.remove-reading')}
                                                onClick={() => edit((d) => removeCheck(d, one.id))}
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
            )}
            {mayChange && (
                <div className="stack" style={{ gap: 10, marginTop: 8 }}>
                    {quantities.length > 1 && (
                        <div className="rowed" role="group" aria-label={t('roof.what-read')}>
                            {quantities.map((one) => (
                                <button
                                    key={one}
                                    type="button"
                                    className="chip"
                                    aria-pressed={one === quantity}
                                    onClick={() => setQuantity(one)}
                                >
                                    {t(`check.${one}`)}
                                </button>
                            ))}
                        </div>
                    )}
                    {quantity === 'pitch' ? (
                        <PitchEntry key={`p${gauge.number}`} start={gauge.typed} onEnter={keep} />
                    ) : (
                        <TapeEntry
                            key={`${quantity}${gauge.number}`}
                            start={gauge.typed}
                            label={t(`check.${quantity}`)}
                            units={units}
                            action={t('survey.keep')}
                            onEnter={keep}
                        />
                    )}
                    <TextField
                        select
                        label={t('survey.source')}
                        value={source}
                        onChange={(event) => setSource(event.target.value as Source)}
                    >
                        {SOURCES.filter((source) => source !== 'count').map((source) => (
                            <MenuItem key={source} value={source}>
                                {t(`source.${source}`)}
                            </MenuItem>
                        ))}
                    </TextField>
                </div>
            )}
        </section>
    );
}
