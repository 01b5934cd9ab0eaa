import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { StickLot } from '../../contracts/edges';
import { useJob } from '../../job/JobContext';
import { cutFrom } from './trimEdits';
import { useJobTape } from '../../tape/JobTape';
import { readTape } from '../../tape/readTape';

const LEAST = 24;
const MOST = 600;

/** Lengths of the sticks a trim is cut from, as people type them, apart by commas. */
export function StockEntry({ lot }: { lot: StickLot }) {
    const { t } = useTranslation();
    const { edit, units } = useJob();
    const print = useJobTape();
    const [typed, setTyped] = useState<string | null>(null);
    const shown = typed ?? lot.stocks.map((one) => print(one)).join(', ');
    const readings = shown
        .split(/[,;]/)
        .map((one) => one.trim())
        .filter((one) => one !== '')
        .map((one) => ({ one, reading: readTape(one, units) }));
    const slip = readings.find(({ reading }) => 'fault' in reading || reading.inches < LEAST || reading.inches > MOST);
    const fault = slip
        ? 'fault' in slip.reading
            ? t(`tape.fault.${slip.reading.fault}`, { typed: slip.one })
            : t('tape.fault-range', { least: print(LEAST), most: print(MOST) })
        : null;
    return (
        <form
            className="rowed"
            style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}
            onSubmit={(event) => {
                event.preventDefault();
                if (fault !== null) return;
                const stocks = readings.flatMap(({ reading }) => ('inches' in reading ? [reading.inches] : []));
                edit((d) => cutFrom(d, lot.shape, stocks.length > 0 ? stocks : undefined));
                setTyped(null);
            }}
        >
            <TextField
                label={t('sticks.stock')}
                value={shown}
                error={fault !== null}
                helperText={fault ?? t('sticks.stock-how')}
                onChange={(event) => setTyped(event.target.value)}
                slotProps={{ htmlInput: { autoComplete: 'off', spellCheck: false } }}
            />
            <Button type="submit" variant="contained" sx={{ flex: '0 0 auto' }}>
                {t('sticks.set')}
            </Button>
        </form>
    );
}
