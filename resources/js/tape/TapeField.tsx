import TextField from '@mui/material/TextField';
import { useState, type KeyboardEvent } from 'react';
import { useTranslation } from 'react-i18next';
import { useJobTape } from './JobTape';
import { readSigned } from './readSigned';
import type { Units } from './readTape';

interface TapeFieldProps {
    label: string;
    /** Null where it stands for several that differ. */
    value: number | null;
    units: Units;
    onChange: (inches: number, typed: string) => void;
    disabled?: boolean;
    /** Its whole name, where the label alone could be another field's too. */
    name?: string;
    /** May lie west or south of zero. */
    signed?: boolean;
    least?: number;
    most?: number;
    autoFocus?: boolean;
}

/** A length that stands in a form: shows it as read off the tape, takes what people type, and keeps a slip until it is put right. */
export function TapeField({
    label,
    value,
    units,
    onChange,
    disabled = false,
    signed = false,
    least = 0,
    most = 12000,
    autoFocus = false,
    name,
}: TapeFieldProps) {
    const { t } = useTranslation();
    const print = useJobTape();
    const [typed, setTyped] = useState<string | null>(null);
    const read = typed === null ? null : readSigned(typed, units, signed);
    const inches = read?.inches ?? null;
    const from = signed ? -most : least;
    const fault = () => {
        if (read?.fault) return t(`tape.fault.${read.fault}`, { typed: typed ?? '' });
        if (inches === null || (inches >= from && inches <= most)) return null;
        const range = { least: print(least), most: print(most) };
        const feet = inches / 12;
        return inches > most && feet >= least && feet <= most
            ? t('tape.fault-feet', { ...range, meant: print(feet) })
            : t('tape.fault-range', range);
    };
    const wrong = fault();
    const understood = () =>
        inches === null
            ? undefined
            : t('tape.understood', { length: print(inches), inches: print(inches, 'nearest', true) });

    const take = () => {
        if (typed === null || wrong !== null || inches === null) return;
        setTyped(null);
        if (value === null || Math.abs(inches - value) > 1e-9) onChange(inches, typed.trim());
    };
    return (
        <TextField
            label={label}
            value={typed ?? (value === null ? '' : print(value))}
            disabled={disabled}
            autoFocus={autoFocus}
            error={wrong !== null && typed !== ''}
            helperText={typed === null ? undefined : (wrong ?? understood())}
            onFocus={(event) => event.target.select()}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={() => (typed?.trim() === '' ? setTyped(null) : take())}
            onKeyDown={(event) => onKey(event, take, typed === null ? null : () => setTyped(null))}
            slotProps={{ htmlInput: { autoComplete: 'off', spellCheck: false, 'aria-label': name } }}
        />
    );
}

/** Enter takes what is typed, Escape leaves it; where nothing is typed, Escape is whatever it is round the field. */
function onKey(event: KeyboardEvent, take: () => void, leave: (() => void) | null) {
    if (event.key === 'Enter') {
        event.preventDefault();
        take();
    }
    if (event.key === 'Escape' && leave) {
        event.stopPropagation();
        leave();
    }
}
