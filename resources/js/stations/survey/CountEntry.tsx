import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { readTape, type Units } from '../../tape/readTape';
import { useJobTape } from '../../tape/JobTape';
import { asTyped, readCount, type Counted } from './count';

interface CountEntryProps {
    units: Units;
    onEnter: (counted: Counted) => void;
    /** As it was typed before: panels × cover + rest. */
    start?: string;
}

const MOST_COVER = 120;

/** Replacement in kind: old panels counted, times their cover, and a last one cut narrower. Typed in fields, or whole as one says it. */
export function CountEntry({ units, onEnter, start = '' }: CountEntryProps) {
    const { t } = useTranslation();
    const print = useJobTape();
    const [fields, setTyped] = useState(readCount(start) ?? { panels: start, cover: '', rest: '' });
    // Typed whole into the first field, it counts at once and is parted when one leaves it.
    const typed = readCount(fields.panels) ?? fields;
    const [tried, setTried] = useState(false);
    const count = Number(typed.panels);
    const width = (text: string) => readTape(text, units);
    const cover = width(typed.cover);
    const rest = width(typed.rest);
    const bad = {
        panels: typed.panels.trim() === '' || !Number.isFinite(count) || count <= 0 || count > 2000,
        cover: 'fault' in cover || cover.inches <= 0 || cover.inches > MOST_COVER,
        rest: typed.rest.trim() !== '' && ('fault' in rest || rest.inches > MOST_COVER),
    };
    const set = (part: Partial<typeof typed>) => setTyped({ ...fields, ...part });
    const shows = (field: keyof typeof typed) => bad[field] && (tried || typed[field] !== '');
    const understood = (field: 'cover' | 'rest') => {
        const reading = field === 'cover' ? cover : rest;
        if (shows(field)) return t('survey.cover-fault');
        return 'inches' in reading && typed[field].trim() !== '' ? print(reading.inches) : ' ';
    };
    return (
        <form
            className="stack"
            style={{ gap: 10 }}
            onSubmit={(event) => {
                event.preventDefault();
                if (bad.panels || bad.cover || bad.rest || 'fault' in cover) return setTried(true);
                const left = 'inches' in rest && typed.rest.trim() !== '' ? rest.inches : 0;
                onEnter({
                    panels: count,
                    cover: cover.inches,
                    ...(left > 0 ? { rest: left } : {}),
                    typed: asTyped(typed),
                });
                setTyped({ panels: '', cover: '', rest: '' });
                setTried(false);
            }}
        >
            <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                <TextField
                    label={t('survey.count')}
                    value={fields.panels}
                    error={shows('panels')}
                    helperText={shows('panels') ? t('survey.count-fault') : ' '}
                    onChange={(event) => set({ panels: event.target.value })}
                    onBlur={() => setTyped(typed)}
                    slotProps={{ htmlInput: { autoComplete: 'off' } }}
                />
                <TextField
                    label={t('survey.cover')}
                    value={typed.cover}
                    error={shows('cover')}
                    helperText={understood('cover')}
                    onChange={(event) => set({ cover: event.target.value })}
                    slotProps={{ htmlInput: { autoComplete: 'off' } }}
                />
                <TextField
                    label={t('survey.rest')}
                    value={typed.rest}
                    error={shows('rest')}
                    helperText={understood('rest')}
                    onChange={(event) => set({ rest: event.target.value })}
                    slotProps={{ htmlInput: { autoComplete: 'off' } }}
                />
            </div>
            <p className="muted small">{t('survey.count-hint')}</p>
            <Button type="submit" variant="contained">
                {t('survey.keep')}
            </Button>
        </form>
    );
}
