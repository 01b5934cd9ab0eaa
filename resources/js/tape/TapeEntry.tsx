import DialpadIcon from './DialpadIcon';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import { useId, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useJobTape } from './JobTape';
import { KeyPad } from './KeyPad';
import { readSigned } from './readSigned';
import type { Units } from './readTape';

interface TapeEntryProps {
    label: string;
    units: Units;
    /** What the button says. */
    action: string;
    onEnter: (inches: number, typed: string) => void;
    start?: string;
    autoFocus?: boolean;
    disabled?: boolean;
    /** A running dimension may lie left of its zero. */
    signed?: boolean;
    /** Inches; more than that is none of this. */
    most?: number;
    /** Where the same button leads while nothing is typed. */
    next?: Next;
}

/** What comes after an entry. */
export interface Next {
    label: string;
    go: () => void;
}

/** A length typed as people type it, by keyboard or key pad. Shows what was understood before it is taken. */
export function TapeEntry({
    label,
    units,
    action,
    onEnter,
    start = '',
    autoFocus = false,
    disabled = false,
    signed = false,
    most = Infinity,
    next,
}: TapeEntryProps) {
    const { t } = useTranslation();
    const print = useJobTape();
    const [typed, setTyped] = useState(start);
    const [padOpen, setPadOpen] = useState(false);
    const [tried, setTried] = useState(false);
    const field = useRef<HTMLInputElement>(null);
    const id = useId();
    const { inches, fault } = readSigned(typed, units, signed);
    const tooMuch = Math.abs(inches ?? 0) > most;
    const showFault = fault !== null && (tried || (fault !== 'empty' && typed.trim() !== ''));
    const said = () => {
        if (showFault) return t(`tape.fault.${fault}`, { typed });
        if (tooMuch) return t('tape.fault-range', { least: print(0), most: print(most) });
        if (inches === null) return t('tape.hint');
        return t('tape.understood', { length: print(inches), inches: print(inches, 'nearest', true) });
    };

    const leads = typed.trim() === '' ? next : undefined;

    const enter = () => {
        if (leads) return leads.go();
        if (inches === null || tooMuch) {
            setTried(true);
            field.current?.focus();
            return;
        }
        onEnter(inches, typed.trim());
        setTyped('');
        setTried(false);
    };

    return (
        <form
            onSubmit={(event) => {
                event.preventDefault();
                enter();
            }}
        >
            <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                <TextField
                    id={id}
                    label={label}
                    value={typed}
                    disabled={disabled}
                    autoFocus={autoFocus}
                    inputRef={field}
                    error={showFault || tooMuch}
                    onChange={(event) => setTyped(event.target.value)}
                    helperText={said()}
                    slotProps={{
                        htmlInput: { autoComplete: 'off', inputMode: 'text', spellCheck: false },
                        input: {
                            endAdornment: (
                                <InputAdornment position="end">
                                    <IconButton
                                        aria-label={t('tape.keypad')}
                                        aria-expanded={padOpen}
                                        onClick={() => setPadOpen(!padOpen)}
                                        edge="end"
                                        disabled={disabled}
                                    >
                                        <DialpadIcon />
                                    </IconButton>
                                </InputAdornment>
                            ),
                        },
                    }}
                />
                <Button type="submit" variant="contained" disabled={disabled} sx={{ flex: '0 0 auto' }}>
                    {leads ? leads.label : action}
                </Button>
            </div>
            {padOpen && <KeyPad typed={typed} onChange={setTyped} />}
        </form>
    );
}
