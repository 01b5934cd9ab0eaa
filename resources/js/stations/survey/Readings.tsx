import Button from '@mui/material/Button';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Adoption, Plane, Reading, SurveyPlane } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { freshId } from '../../job/edits';
import { putReading, removeReading } from './edits';
import { planesOf } from '../../job/roofEdits';
import type { Next } from '../../tape/TapeEntry';
import { Agreement } from './Agreement';
import { ReadingEntry, type Low } from './ReadingEntry';
import { now } from '../../readings/now';
import type { Source } from '../../readings/sources';
import { hasPlace, nameOf, partsOf, PLACES, type Name } from './quantities';
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
    const { edit, mayChange, saved } = useJob();
    const [source, setSource] = useState<Source>('tape');
    const [low, setLow] = useState<Low>('deck');
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
                <Agreement
                    // Taken out, and not yet out of the plan.
                    all={adoption.comparisons.filter((one) => !gone.includes(one.reading))}
                    isPitch={quantity === 'pitch'}
                    placed={placed}
                    own={own.map(({ id }) => id)}
                    misses={misses.map((one) => one.reading)}
                    culprit={culprit}
                    onRemove={remove}
                />
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
                <ReadingEntry
                    plane={plane}
                    name={name}
                    source={source}
                    onSource={setSource}
                    gauge={gauge}
                    mending={mending}
                    led={led}
                    next={own.length > 0 ? next : undefined}
                    onKeep={keep}
                    place={placed ? place : null}
                    onPlace={setPlace}
                    low={low}
                    onLow={setLow}
                />
            )}
            {!mayChange && !adoption && <Button disabled>{t('survey.read-only')}</Button>}
        </section>
    );
}
