import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useJob } from '../job/JobContext';
import { printPitch } from '../tape/measures';
import { readPitch } from '../tape/readPitch';
import type { Next } from '../tape/TapeEntry';

/** A pitch as read off the gauge; shows what was understood before it is taken. */
export function PitchEntry({
    onEnter,
    start = '',
    autoFocus = false,
    next,
}: {
    onEnter: (riseIn12: number, typed: string) => void;
    start?: string;
    autoFocus?: boolean;
    /** Where the same button leads while nothing is typed. */
    next?: Next;
}) {
    const { t } = useTranslation();
    const { units } = useJob();
    const [typed, setTyped] = useState(start);
    const [tried, setTried] = useState(false);
    const reading = readPitch(typed, units);
    const fault = 'fault' in reading ? reading.fault : null;
    const leads = typed.trim() === '' ? next : undefined;
    const showFault = fault !== null && (tried || typed.trim() !== '');
    return (
        <form
            className="rowed"
            style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}
            onSubmit={(event) => {
                event.preventDefault();
                if (leads) return leads.go();
                if ('fault' in reading) return setTried(true);
                onEnter(reading.riseIn12, typed.trim());
                setTyped('');
                setTried(false);
            }}
        >
            <TextField
                label={t('survey.new-reading', { quantity: 'pitch', corner: '' })}
                value={typed}
                autoFocus={autoFocus}
                error={showFault}
                onChange={(event) => setTyped(event.target.value)}
                helperText={
                    showFault
                        ? t(`tape.fault.${fault}`, { typed, units })
                        : 'riseIn12' in reading
                          ? t('tape.understood-pitch', { pitch: printPitch(reading.riseIn12, units) })
                          : t('tape.hint-pitch', { units })
                }
                slotProps={{ htmlInput: { autoComplete: 'off' } }}
            />
            <Button type="submit" variant="contained" sx={{ flex: '0 0 auto' }}>
                {leads ? leads.label : t('survey.keep')}
            </Button>
        </form>
    );
}
