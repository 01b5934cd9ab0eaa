import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Adoption, Plane, Reading, SurveyPlane } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { freshId } from '../../job/edits';
import { putReading, removeReading } from './edits';
import { planesOf } from '../../job/roofEdits';
import { useJobTape } from '../../tape/JobTape';
import { Len, Said } from '../../tape/Len';
import { TapeEntry, type Next } from '../../tape/TapeEntry';
import { CountEntry } from './CountEntry';
import { PitchEntry } from '../../readings/PitchEntry';
import { now } from '../../readings/now';
import { SOURCES, type Source } from '../../readings/sources';
import { hasPlace, named, nameOf, partsOf, placeName, PLACES, type Name } from './quantities';
import { useGauge } from '../../readings/useGauge';
import { UnsavedReadings } from './UnsavedReadings';

interface ReadingsProps {
    plane: Plane;
    name: Name;
    adoption: Adoption | undefined;
    misses: SurveyPlane['misses'];
    culprit: string | null;
    /** What to tape after this, once this has a reading. */
    next: Next | undefined;
    /** Led here by what was kept before: the keyboard stands in the field. */
    led: boolean;
}

/** Every reading of one quantity with its source and how it agrees, and the field for the next one. */
export function Readings({ plane, name, adoption, misses, culprit, next, led }: ReadingsProps) {
    const { t } = useTranslation();
    const { edit, mayChange, units, saved } = useJob();
    const print = useJobTape();
    const [source, setSource] = useState<Source>('tape');
    const [low, setLow] = useState<'deck' | 'old-panel'>('deck');
    const { quantity } = partsOf(name);
    const gauge = useGauge(quantity === 'pitch' ? 'pitch' : 'length');
    const placed = hasPlace(name, plane.shape);
    const own = (plane.readings ?? []).filter((reading) => nameOf(reading) === name);
    const before = planesOf(saved).find((one) => one.id === plane.id)?.readings ?? [];
    const gone = before
        .filter((one) => !own.some(({ id }) => id === one.id) && nameOf(one) === name)
        .map(({ id }) => id);
    const free = PLACES.find((place) => !own.some((reading) => Math.abs((reading.at ?? 0.5) - place) < 0.12)) ?? 0.5;
    // What was taken back to be mended stands in the field again.
    const [mending, setMending] = useState<string | null>(null);
    const [chosenPlace, setPlace] = useState<number | null>(null);
    const place = chosenPlace ?? (own.length === 0 ? 0.5 : free);

    const keep = (part: Partial<Reading>) => {
        const id = freshId(
            'r',
            (plane.readings ?? []).map((reading) => reading.id),
        );
        edit((d) =>
            putReading(d, plane.id, {
                id,
                ...partsOf(name),
                source: part.typed !== undefined && part.typed === gauge.typed ? 'laser' : source,
                ...(placed ? { at: place } : {}),
                ...(quantity === 'eaveToRidge' && low === 'old-panel' ? { low } : {}),
                time: now(),
                ...part,
            }),
        );
        setPlace(null);
        setMending(null);
    };
    const remove = (reading: string) => edit((d) => removeReading(d, plane.id, reading));

    return (
        <section>
            {adoption && (
                <>
                    <h2>{t('survey.who-agrees')}</h2>
                    <table className="plain">
                        <thead className="visually-hidden">
                            <tr>
                                <th>{t('survey.source')}</th>
                                <th>{t('survey.reading')}</th>
                                <th>{t('survey.difference')}</th>
                                <th>{t('survey.agreement')}</th>
                                <th>{t('remove')}</th>
                            </tr>
                        </thead>
                        <tbody>
                            {adoption.comparisons.map((one) => {
                                // Taken out, and not yet out of the plan.
                                if (gone.includes(one.reading)) return null;
                                const miss = misses.find((m) => m.reading === one.reading);
                                const mine = own.some((reading) => reading.id === one.reading);
                                return (
                                    <tr key={one.reading} data-reading={one.reading}>
                                        <th scope="row">
                                            {t(`source.${one.source}`)}
                                            {placed && (
                                                <span className="muted small">
                                                    {' '}
                                                    {t(`survey.place.${placeName(one.at)}`)}
                                                </span>
                                            )}
                                            {!mine && <span className="muted small"> {t('survey.from-behind')}</span>}
                                            {one.time && (
                                                <span
                                                    className="muted small nowrap"
                                                    style={{ display: 'block' }}
                                                    title={one.time}
                                                >
                                                    {one.time.replace(/^\d{4}-/, '')}
                                                </span>
                                            )}
                                            {one.reading === culprit && (
                                                <span className="stop small"> {t('survey.likeliest-wrong')}</span>
                                            )}
                                        </th>
                                        <td className="n">
                                            <b>
                                                {quantity === 'pitch' ? (
                                                    Math.round(one.value * 100) / 100
                                                ) : (
                                                    <Len inches={one.taped ?? one.value} />
                                                )}
                                            </b>
                                            {one.taped !== null && (
                                                <span
                                                    className="muted small"
                                                    style={{ display: 'block', whiteSpace: 'normal' }}
                                                >
                                                    <Said text={t('survey.on-deck', { deck: print(one.value) })} />
                                                </span>
                                            )}
                                        </td>
                                        <td
                                            className="n muted small"
                                            title={miss ? t('survey.misses-plane') : undefined}
                                        >
                                            {one.adopted ? (
                                                '—'
                                            ) : quantity === 'pitch' ? (
                                                Math.round(one.miss * 100) / 100
                                            ) : (
                                                <Len inches={one.miss} signed />
                                            )}
                                        </td>
                                        <td className={`n small ${one.agrees ? 'good' : 'stop'}`}>
                                            {t(one.agrees ? 'survey.agrees' : 'survey.does-not')}
                                            {quantity !== 'pitch' && !one.adopted && (
                                                <span className="muted" style={{ display: 'block' }}>
                                                    ± <Len inches={one.tolerance} />
                                                </span>
                                            )}
                                        </td>
                                        <td className="n">
                                            {mayChange && mine && (
                                                <button
                                                    type="button"
                                                    className="linkish"
                                                    style={{ minWidth: 28 }}
                                                    aria-label={t('survey.remove-reading')}
                                                    title={t('survey.remove-reading')}
                                                    onClick={() => remove(one.reading)}
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
                </>
            )}
            <UnsavedReadings
                plane={plane}
                name={name}
                adoption={adoption}
                onRemove={(reading) => remove(reading.id)}
                onMend={(reading) => {
                    remove(reading.id);
                    setSource(reading.source);
                    setMending(reading.typed ?? '');
                }}
            />
            {mayChange && (
                <div className="stack" style={{ gap: 10, marginTop: 14 }}>
                    {quantity === 'pitch' ? (
                        <PitchEntry
                            key={`p${gauge.number}${mending ?? ''}`}
                            start={mending ?? gauge.typed}
                            autoFocus={led}
                            next={own.length > 0 ? next : undefined}
                            onEnter={(riseIn12, typed) => keep({ value: riseIn12, typed })}
                        />
                    ) : source === 'count' ? (
                        <CountEntry
                            key={mending}
                            start={mending ?? ''}
                            units={units}
                            onEnter={(counted) => keep(counted)}
                        />
                    ) : (
                        <TapeEntry
                            key={`${plane.id}${name}${gauge.number}${mending ?? ''}`}
                            start={mending ?? gauge.typed}
                            signed={quantity === 'along' || quantity === 'up'}
                            label={t('survey.new-reading', named(name, plane.shape))}
                            units={units}
                            action={t('survey.keep')}
                            autoFocus={led}
                            next={own.length > 0 ? next : undefined}
                            onEnter={(value, typed) => keep({ value, typed: typed.slice(0, 40) })}
                        />
                    )}
                    <div className="rowed" style={{ flexWrap: 'nowrap' }}>
                        <TextField
                            select
                            label={t('survey.source')}
                            value={source}
                            onChange={(event) => setSource(event.target.value as Source)}
                        >
                            {SOURCES.filter(
                                (source) => source !== 'count' || quantity === 'eave' || quantity === 'ridge',
                            ).map((source) => (
                                <MenuItem key={source} value={source}>
                                    {t(`source.${source}`)}
                                </MenuItem>
                            ))}
                        </TextField>
                        {placed && (
                            <TextField
                                select
                                label={t('survey.where')}
                                value={place}
                                onChange={(event) => setPlace(Number(event.target.value))}
                            >
                                {PLACES.map((place) => (
                                    <MenuItem key={place} value={place}>
                                        {t(`survey.place.${placeName(place)}`)}
                                    </MenuItem>
                                ))}
                            </TextField>
                        )}
                    </div>
                    {quantity === 'eaveToRidge' && (
                        <div className="rowed" role="group" aria-label={t('survey.low')}>
                            <span className="muted">{t('survey.low')}</span>
                            {(['deck', 'old-panel'] as const).map((one) => (
                                <button
                                    key={one}
                                    type="button"
                                    className="chip"
                                    aria-pressed={one === low}
                                    onClick={() => setLow(one)}
                                >
                                    {t(`survey.low.${one}`)}
                                </button>
                            ))}
                        </div>
                    )}
                </div>
            )}
            {!mayChange && !adoption && <Button disabled>{t('survey.read-only')}</Button>}
        </section>
    );
}
