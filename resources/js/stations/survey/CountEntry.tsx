import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { readTape, type Units } from '../../tape/readTape';
import { useJobTape } from '../../tape/JobTape';

interface CountEntryProps {
    units: Units;
    onEnter: (panels: number, cover: number) => void;
    /** As it was typed before: panels × cover. */
    start?: string;
}

/** Replacement in kind: old panels counted, times their cover. Part panels count as a decimal. */
export function CountEntry({ units, onEnter, start = '' }: CountEntryProps) {
    const { t } = useTranslation();
    const print = useJobTape();
    const [panels, setPanels] = useState(start.split(' × ')[0]);
    const [cover, setCover] = useState(start.split(' × ')[1] ?? '');
    const [tried, setTried] = useState(false);
    const count = Number(panels);
    const countBad = panels.trim() === '' || !Number.isFinite(count) || count <= 0 || count > 2000;
    const reading = readTape(cover, units);
    const coverBad = 'fault' in reading || reading.inches <= 0 || reading.inches > 120;
    return (
        <form
            className="stack"
            style={{ gap: 10 }}
            onSubmit={(event) => {
                event.preventDefault();
                if (countBad || coverBad || 'fault' in reading) return setTried(true);
                onEnter(count, reading.inches);
                setPanels('');
                setCover('');
                setTried(false);
            }}
        >
            <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                <TextField
                    label={t('survey.count')}
                    value={panels}
                    error={countBad && (tried || panels !== '')}
                    helperText={countBad && (tried || panels !== '') ? t('survey.count-fault') : ' '}
                    onChange={(event) => setPanels(event.target.value)}
                    slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
                />
                <TextField
                    label={t('survey.cover')}
                    value={cover}
                    error={coverBad && (tried || cover !== '')}
                    helperText={
                        coverBad && (tried || cover !== '')
                            ? t('survey.cover-fault')
                            : !coverBad && !('fault' in reading)
                              ? print(reading.inches)
                              : ' '
                    }
                    onChange={(event) => setCover(event.target.value)}
                    slotProps={{ htmlInput: { autoComplete: 'off' } }}
                />
            </div>
            <Button type="submit" variant="contained">
                {t('survey.keep')}
            </Button>
        </form>
    );
}
