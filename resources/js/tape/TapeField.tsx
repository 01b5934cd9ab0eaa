import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useJobTape } from './JobTape';
import { readTape, type Units } from './readTape';

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
    const negative = signed && typed !== null && /^\s*[-−]/.test(typed);
    const reading = typed === null ? null : readTape(negative ? typed.replace(/^\s*[-−]\s*/, '') : typed, units);
    const inches = reading && 'inches' in reading ? (negative ? -reading.inches : reading.inches) : null;
    const outside = inches !== null && (inches < (signed ? -most : least) || inches > most);
    const fault =
        reading && 'fault' in reading
            ? t(`tape.fault.${reading.fault}`, { typed: typed ?? '' })
            : outside
              ? inches > most && inches / 12 >= least && inches / 12 <= most
                  ? t('tape.fault-feet', { least: print(least), most: print(most), meant: print(inches / 12) })
                  : t('tape.fault-range', { least: print(least), most: print(most) })
              : null;

    const take = () => {
        if (typed === null || fault !== null || inches === null) return;
        setTyped(null);
        if (value === null || Math.abs(inches - value) > 1e-9) onChange(inches, typed.trim());
    };
    return (
        <TextField
            label={label}
            value={typed ?? (value === null ? '' : print(value))}
            disabled={disabled}
            autoFocus={autoFocus}
            error={fault !== null && typed !== ''}
            helperText={
                typed === null
                    ? undefined
                    : (fault ??
                      (inches === null
                          ? undefined
                          : t('tape.understood', { length: print(inches), inches: print(inches, 'nearest', true) })))
            }
            onFocus={(event) => event.target.select()}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={() => (typed?.trim() === '' ? setTyped(null) : take())}
            onKeyDown={(event) => {
                if (event.key === 'Enter') {
                    event.preventDefault();
                    take();
                }
                if (event.key === 'Escape' && typed !== null) {
                    event.stopPropagation();
                    setTyped(null);
                }
            }}
            slotProps={{ htmlInput: { autoComplete: 'off', spellCheck: false, 'aria-label': name } }}
        />
    );
}
