import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';

interface NumberFieldProps {
    label: string;
    /** Null where it stands for several that differ. */
    value: number | null;
    least: number;
    most: number;
    onChange: (value: number) => void;
    disabled?: boolean;
    /** Its whole name, where the label alone could be another field's too. */
    name?: string;
    /** What is done where it is emptied; where left out, it stands as it was. */
    onEmpty?: () => void;
    /** Reads what is typed; a plain number where left out. */
    read?: (typed: string) => number | null;
    /** Prints what stands in it, as `read` takes it. */
    print?: (value: number) => string;
}

/** A number that stands in a form: taken on Enter or on leaving, a slip kept until it is put right. */
export function NumberField({
    label,
    value,
    least,
    most,
    onChange,
    disabled = false,
    read,
    print = (value) => String(Math.round(value * 100) / 100),
    name,
    onEmpty,
}: NumberFieldProps) {
    const { t } = useTranslation();
    const [typed, setTyped] = useState<string | null>(null);
    const number =
        typed === null
            ? value
            : read
              ? read(typed)
              : /^\s*[-−]?\d+(?:\.\d+)?\s*$/.test(typed)
                ? Number(typed.replace('−', '-'))
                : null;
    const bad = number === null || number < least || number > most;
    const take = () => {
        if (typed === null || bad || number === null) return;
        setTyped(null);
        if (number !== value) onChange(number);
    };
    const empty = () => {
        setTyped(null);
        if (value !== null) onEmpty?.();
    };
    return (
        <TextField
            label={label}
            value={typed ?? (value === null ? '' : print(value))}
            disabled={disabled}
            error={typed !== null && typed.trim() !== '' && bad}
            helperText={
                typed !== null && typed.trim() !== '' && bad
                    ? t('number-fault', { least: print(least), most: print(most) })
                    : undefined
            }
            onFocus={(event) => event.target.select()}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={() => (typed?.trim() === '' ? empty() : take())}
            onKeyDown={(event) => {
                if (event.key === 'Enter') {
                    event.preventDefault();
                    if (typed?.trim() === '') empty();
                    else take();
                }
            }}
            slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off', 'aria-label': name } }}
        />
    );
}
