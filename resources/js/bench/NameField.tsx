import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';

interface NameFieldProps {
    label: string;
    value: string;
    disabled?: boolean;
    onChange: (name: string) => void;
}

/** A name that stands in a form: taken on leaving; one left empty says what is wanted, and the name there was stays. */
export function NameField({ label, value, disabled = false, onChange }: NameFieldProps) {
    const { t } = useTranslation();
    const [typed, setTyped] = useState<string | null>(null);
    const empty = typed !== null && typed.trim() === '';
    return (
        <TextField
            label={label}
            value={typed ?? value}
            disabled={disabled}
            error={empty}
            helperText={empty ? t('form.name') : undefined}
            slotProps={{ htmlInput: { maxLength: 120 } }}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={() => {
                if (typed === null || empty) return;
                setTyped(null);
                if (typed.trim() !== value) onChange(typed.trim());
            }}
        />
    );
}
