import { TextField, type TextFieldProps } from '@mui/material';

/** A field for more than a line. It grows with what is typed by style alone: nothing is measured each time a screen is drawn. */
export function Paragraph({ most, ...more }: TextFieldProps & { most: number }) {
    return (
        <TextField
            multiline
            {...more}
            slotProps={{
                input: { inputComponent: 'textarea' },
                htmlInput: { maxLength: most, style: { fieldSizing: 'content', resize: 'none' } },
            }}
        />
    );
}
