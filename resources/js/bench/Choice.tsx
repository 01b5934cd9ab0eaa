import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';

interface ChoiceProps<T extends string> {
    label: string;
    value: T | '';
    options: { value: T; name: string }[];
    /** What stands for no choice, where one need not choose. */
    none?: string;
    onChange: (value: T | undefined) => void;
}

/** One of several, under its label. */
export function Choice<T extends string>({ label, value, options, none, onChange }: ChoiceProps<T>) {
    return (
        <TextField
            select
            label={label}
            value={value}
            onChange={(event) => onChange((event.target.value || undefined) as T | undefined)}
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
            {none !== undefined && <MenuItem value="">{none}</MenuItem>}
            {options.map((one) => (
                <MenuItem key={one.value} value={one.value}>
                    {one.name}
                </MenuItem>
            ))}
        </TextField>
    );
}
