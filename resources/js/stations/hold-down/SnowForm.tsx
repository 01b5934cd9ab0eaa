import Button from '@mui/material/Button';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { HeldFace, HoldDownSlice } from '../../contracts/hold-down';
import { Choice } from '../../bench/Choice';
import { useJob } from '../../job/JobContext';
import { addPlace, dropPlace, setSnow, type GuardedFor } from './edits';
import { Said } from '../../tape/Len';
import { NumberField } from '../../tape/NumberField';
import { TapeField } from '../../tape/TapeField';

const FOR: GuardedFor[] = ['door', 'walk', 'lower-roof', 'valley'];
const UNITS = ['psf', 'kPa'] as const;

interface SnowFormProps {
    slice: HoldDownSlice;
    held: HeldFace;
    /** What is marked on the drawing is for that; null while nothing is marked. */
    marking: GuardedFor | null;
    onMarking: (marking: GuardedFor | null) => void;
}

/** How much snow lies, what it must not slide on, and what holds it. */
export function SnowForm({ slice, held, marking, onMarking }: SnowFormProps) {
    const { t } = useTranslation();
    const { document, edit, mayChange, units } = useJob();
    const [below, setBelow] = useState<GuardedFor>('door');
    const [ends, setEnds] = useState<{ from: number | null; to: number | null }>({ from: null, to: null });
    const snow = document.snow;
    const unit = snow?.unit ?? (units === 'metric' ? 'kPa' : 'psf');
    const { from, to } = ends;
    return (
        <section aria-label={t('snow.title')}>
            <h2>{t('snow.title')}</h2>
            {slice.snow.said.map((said) => (
                <p key={said} style={{ marginTop: 4 }}>
                    {said}
                </p>
            ))}
            {slice.snow.places.length === 0 && <p className="muted small">{t('snow.none')}</p>}
            <ul className="plain" style={{ marginTop: 6, paddingLeft: 0, listStyle: 'none' }}>
                {slice.snow.places.map((said, i) => (
                    <li key={i} className="rowed" style={{ justifyContent: 'space-between' }}>
                        <span>
                            <Said text={said} />
                        </span>
                        {mayChange && (
                            <button
                                type="button"
                                className="linkish"
                                aria-label={t('snow.remove-of', { said })}
                                onClick={() => edit((d) => dropPlace(d, i))}
                            >
                                {t('snow.remove')}
                            </button>
                        )}
                    </li>
                ))}
                {held.guardRows.map((row, i) => (
                    <li key={`g${i}`} className={`small ${row.over ? 'stop' : 'muted'}`}>
                        <Said text={row.said} />
                    </li>
                ))}
            </ul>
            <details open={snow !== undefined}>
                <summary>{t('snow.places')}</summary>
                <div className="stack" style={{ gap: 12, marginTop: 8 }}>
                    <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                        <NumberField
                            label={t('snow.load')}
                            value={snow?.load ?? null}
                            least={0.05}
                            most={400}
                            disabled={!mayChange}
                            onChange={(load) => edit((d) => setSnow(d, { load, unit }))}
                            onEmpty={() => edit((d) => setSnow(d, { load: undefined }))}
                        />
                        <Choice
                            label={t('hold.unit')}
                            value={unit}
                            options={UNITS.map((value) => ({ value, name: value }))}
                            onChange={(other) => edit((d) => setSnow(d, { unit: other }))}
                        />
                    </div>
                    <p className="muted small">{t('snow.load-how')}</p>
                    {slice.snow.kinds.length > 1 && (
                        <Choice
                            label={t('snow.kind')}
                            value={slice.snow.kind}
                            options={slice.snow.kinds.map((value) => ({ value, name: t(`snow.kind.${value}`) }))}
                            onChange={(guards) => edit((d) => setSnow(d, { guards }))}
                        />
                    )}
                    <Choice
                        label={t('snow.for')}
                        value={below}
                        options={FOR.map((value) => ({ value, name: t(`snow.for.${value}`) }))}
                        onChange={(value) => {
                            setBelow(value ?? 'door');
                            if (marking) onMarking(value ?? 'door');
                        }}
                    />
                    {mayChange && (
                        <>
                            <button
                                type="button"
                                className="chip"
                                aria-pressed={marking !== null}
                                onClick={() => onMarking(marking ? null : below)}
                            >
                                {t('snow.mark')}
                            </button>
                            {marking && <p className="small">{t('snow.marking')}</p>}
                            <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                                <TapeField
                                    label={t('snow.from')}
                                    value={from}
                                    units={units}
                                    most={6000}
                                    onChange={(value) => setEnds((was) => ({ ...was, from: value }))}
                                />
                                <TapeField
                                    label={t('snow.to')}
                                    value={to}
                                    units={units}
                                    most={6000}
                                    onChange={(value) => setEnds((was) => ({ ...was, to: value }))}
                                />
                            </div>
                            <Button
                                variant="outlined"
                                color="inherit"
                                onClick={() => {
                                    if (from === null || to === null) return;
                                    const [left, right] = from < to ? [from, to] : [to, from];
                                    edit((d) => addPlace(d, { face: held.id, from: left, to: right, for: below }));
                                    setEnds({ from: null, to: null });
                                }}
                            >
                                {t('snow.add')}
                            </Button>
                        </>
                    )}
                    <p className="caution">{t('caution.snow')}</p>
                </div>
            </details>
        </section>
    );
}
