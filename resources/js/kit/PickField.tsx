import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';

interface PickFieldProps {
    label: string;
    value: string;
    all: readonly { id: string; name: string }[];
    onPick: (id: string) => void;
}

/** Many things of which one is shown. */
export function PickField({ label, value, all, onPick }: PickFieldProps) {
    return (
        <TextField
            select
            label={label}
            value={value}
            fullWidth={false}
            sx={{ minWidth: 260, maxWidth: '100%' }}
            onChange={(event) => onPick(event.target.value)}
        >
            {all.map((one) => (
                <MenuItem key={one.id} value={one.id}>
                    {one.name}
                </MenuItem>
            ))}
        </TextField>
    );
}
