import DialpadIcon from '../../tape/DialpadIcon';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { CardView, PieceLine } from '../../contracts/cutting';
import { useJob } from '../../job/JobContext';
import { useJobTape } from '../../tape/JobTape';
import { KeyPad } from '../../tape/KeyPad';
import { readTape } from '../../tape/readTape';
import { PieceOnRoof } from './PieceOnRoof';

type Side = 'long' | 'short';

export interface Taped {
    side: Side;
    from: 'T' | 'B';
    hems: 'flat' | 'folded';
    measured: number;
}

interface TwoTapesProps {
    view: CardView;
    name: string;
    line: PieceLine;
    /** On a phone the keys stand open, and all is as large as a glove needs. */
    large?: boolean;
    onTake: (taped: Taped[]) => void;
}

const SIDES: Side[] = ['long', 'short'];

/** The two lengths of a piece that is set, taped along its ribs. */
export function TwoTapes({ view, name, line, large = false, onTake }: TwoTapesProps) {
    const { t } = useTranslation();
    const { units } = useJob();
    const print = useJobTape();
    const [from, setFrom] = useState(line.from);
    const [hems, setHems] = useState<'flat' | 'folded'>('folded');
    const [typed, setTyped] = useState<Record<Side, string>>({ long: '', short: '' });
    const [pad, setPad] = useState<Side | null>(large ? 'long' : null);
    const [tried, setTried] = useState(false);
    const readings = { long: readTape(typed.long, units), short: readTape(typed.short, units) };
    const isEmpty = (side: Side) => typed[side].trim() === '';

    const take = () => {
        setTried(true);
        const filled = SIDES.filter((side) => !isEmpty(side));
        const taped = filled.flatMap((side) => {
            const reading = readings[side];
            return 'inches' in reading ? [{ side, from, hems, measured: reading.inches }] : [];
        });
        if (taped.length === 0 || taped.length < filled.length) return;
        onTake(taped);
        setTyped({ long: '', short: '' });
        setTried(false);
    };
    const said = (side: Side) => {
        const reading = readings[side];
        if (!isEmpty(side) && 'fault' in reading) return t(`tape.fault.${reading.fault}`, { typed: typed[side] });
        if (isEmpty(side) && tried && SIDES.every(isEmpty)) return t('fit.neither');
        const card = line.reads[from][hems][side];
        if ('inches' in reading && !isEmpty(side))
            return t('tape.understood', {
                length: print(reading.inches),
                inches: print(reading.inches, 'nearest', true),
            });
        return card === null ? ' ' : t('fit.card-has', { length: print(card, 'nearest', true) });
    };
    const choices = (
        <>
            <div className="rowed" role="group" aria-label={t('fit.hook')}>
                {(['B', 'T'] as const).map((one) => (
                    <button
                        key={one}
                        type="button"
                        className="chip"
                        aria-pressed={one === from}
                        onClick={() => setFrom(one)}
                    >
                        {t(`fit.hook.${one}`)}
                    </button>
                ))}
            </div>
            <div className="rowed" role="group" aria-label={t('fit.hems')}>
                {(['folded', 'flat'] as const).map((one) => (
                    <button
                        key={one}
                        type="button"
                        className="chip"
                        aria-pressed={one === hems}
                        onClick={() => setHems(one)}
                    >
                        {t(`fit.hems.${one}`)}
                    </button>
                ))}
            </div>
        </>
    );
    return (
        <form
            className="stack"
            style={{ gap: large ? 6 : 10, gridTemplateColumns: 'minmax(0, 1fr)' }}
            onSubmit={(event) => {
                event.preventDefault();
                take();
            }}
        >
            <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start', gap: 14 }}>
                <PieceOnRoof view={view} name={name} hooks={from} />
                <div className="stack" style={{ gap: 8 }}>
                    {choices}
                </div>
            </div>
            {SIDES.map((side) => (
                <TextField
                    key={side}
                    label={t(`fit.tape.${side}`)}
                    value={typed[side]}
                    error={
                        (!isEmpty(side) && 'fault' in readings[side] && (tried || pad !== side)) ||
                        (tried && SIDES.every(isEmpty))
                    }
                    helperText={said(side)}
                    onFocus={() => large && setPad(side)}
                    onChange={(event) => setTyped({ ...typed, [side]: event.target.value })}
                    slotProps={{
                        htmlInput: {
                            autoComplete: 'off',
                            spellCheck: false,
                            // The pad's own keys are larger than a phone's.
                            inputMode: large ? 'none' : 'text',
                            style: large ? { fontSize: 30, fontWeight: 700 } : undefined,
                        },
                        input: large
                            ? undefined
                            : {
                                  endAdornment: (
                                      <InputAdornment position="end">
                                          <IconButton
                                              aria-label={t('fit.keys', { side })}
                                              aria-expanded={pad === side}
                                              onClick={() => setPad(pad === side ? null : side)}
                                              edge="end"
                                          >
                                              <DialpadIcon />
                                          </IconButton>
                                      </InputAdornment>
                                  ),
                              },
                    }}
                />
            ))}
            {pad && <KeyPad key={pad} typed={typed[pad]} onChange={(text) => setTyped({ ...typed, [pad]: text })} />}
            <Button type="submit" variant="contained" size={large ? 'large' : 'medium'}>
                {t('fit.take')}
            </Button>
        </form>
    );
}
