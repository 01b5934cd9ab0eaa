import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import InputLabel from '@mui/material/InputLabel';
import OutlinedInput from '@mui/material/OutlinedInput';
import { useId, type ChangeEvent } from 'react';

interface TextInputProps {
    name: string;
    label: string;
    type: string;
    autoComplete: string;
    value: string;
    error: boolean;
    helperText?: string;
    onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => void;
}

/** A line one types into, under its label. Nothing else comes with it: the sign-in page is made of these. */
export function TextInput({ label, error, helperText, ...input }: TextInputProps) {
    const id = useId();
    return (
        <FormControl error={error} fullWidth size="small" variant="outlined">
            <InputLabel htmlFor={id}>{label}</InputLabel>
            <OutlinedInput {...input} id={id} label={label} aria-describedby={helperText ? `${id}-says` : undefined} />
            {helperText && <FormHelperText id={`${id}-says`}>{helperText}</FormHelperText>}
        </FormControl>
    );
}
