import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { Plane, Reading } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { Chips } from '../../kit/Chips';
import { PitchEntry } from '../../readings/PitchEntry';
import { SOURCES, type Source } from '../../readings/sources';
import { TapeEntry, type Next } from '../../tape/TapeEntry';
import { CountEntry } from './CountEntry';
import { named, partsOf, placeName, PLACES, type Name } from './quantities';

export type Low = 'deck' | 'old-panel';

export interface ReadingEntryProps {
    plane: Plane;
    name: Name;
    source: Source;
    onSource: (source: Source) => void;
    /** What the gauge has sent last, with its number. */
    gauge: { typed: string; number: number };
    /** What was taken back to be mended. */
    mending: string | null;
    led: boolean;
    next: Next | undefined;
    onKeep: (part: Partial<Reading>) => void;
    /** Null where it has no place. */
    place: number | null;
    onPlace: (place: number) => void;
    low: Low;
    onLow: (low: Low) => void;
}

/** The field for the next reading, with its source, its place, and from where the tape was held. */
export function ReadingEntry(props: ReadingEntryProps) {
    const { t } = useTranslation();
    const { name, source, onSource, place, onPlace, low, onLow } = props;
    const { quantity } = partsOf(name);
    const mayCount = quantity === 'eave' || quantity === 'ridge';
    return (
        <div className="stack" style={{ gap: 10, marginTop: 14 }}>
            <ValueField {...props} />
            <div className="rowed" style={{ flexWrap: 'nowrap' }}>
                <TextField
                    select
                    label={t('survey.source')}
                    value={source}
                    onChange={(event) => onSource(event.target.value as Source)}
                >
                    {SOURCES.filter((one) => one !== 'count' || mayCount).map((one) => (
                        <MenuItem key={one} value={one}>
                            {t(`source.${one}`)}
                        </MenuItem>
                    ))}
                </TextField>
                {place !== null && (
                    <TextField
                        select
                        label={t('survey.where')}
                        value={place}
                        onChange={(event) => onPlace(Number(event.target.value))}
                    >
                        {PLACES.map((one) => (
                            <MenuItem key={one} value={one}>
                                {t(`survey.place.${placeName(one)}`)}
                            </MenuItem>
                        ))}
                    </TextField>
                )}
            </div>
            {quantity === 'eaveToRidge' && (
                <div className="rowed" role="group" aria-label={t('survey.low')}>
                    <span className="muted">{t('survey.low')}</span>
                    <Chips
                        all={(['deck', 'old-panel'] as const).map((one) => ({
                            key: one,
                            name: t(`survey.low.${one}`),
                        }))}
                        picked={low}
                        onPick={onLow}
                    />
                </div>
            )}
        </div>
    );
}

function ValueField({ plane, name, source, gauge, mending, led, next, onKeep }: ReadingEntryProps) {
    const { t } = useTranslation();
    const { units } = useJob();
    const { quantity } = partsOf(name);
    const again = `${gauge.number}${mending ?? ''}`;
    if (quantity === 'pitch')
        return (
            <PitchEntry
                key={`p${again}`}
                start={mending ?? gauge.typed}
                autoFocus={led}
                next={next}
                onEnter={(riseIn12, typed) => onKeep({ value: riseIn12, typed })}
            />
        );
    if (source === 'count')
        return <CountEntry key={mending} start={mending ?? ''} units={units} onEnter={(counted) => onKeep(counted)} />;
    return (
        <TapeEntry
            key={`${plane.id}${name}${again}`}
            start={mending ?? gauge.typed}
            signed={quantity === 'along' || quantity === 'up'}
            label={t('survey.new-reading', named(name, plane.shape))}
            units={units}
            action={t('survey.keep')}
            autoFocus={led}
            next={next}
            onEnter={(value, typed) => onKeep({ value, typed: typed.slice(0, 40) })}
        />
    );
}
