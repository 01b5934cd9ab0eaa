import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { useJob } from '../job/JobContext';
import type { Opening } from '../job/openingEdits';
import { TapeField } from '../tape/TapeField';

export interface OpeningFormProps {
    opening: Opening;
    /** Of the face: where its left end and its low end lie. */
    left: number;
    low: number;
    /** Where it stands across the face is typed elsewhere. */
    placed?: boolean;
    onChange: (change: Partial<Opening>) => void;
    onRemove: () => void;
}

/** What an opening is, how large, and where it was taped from the left and the eave. */
export function OpeningForm({ opening, left, low, placed = false, onChange, onRemove }: OpeningFormProps) {
    const { t } = useTranslation();
    const { mayChange } = useJob();
    return (
        <div className="stack" style={{ gap: 10, marginTop: 10 }}>
            <TextField
                label={t('opening.name')}
                defaultValue={opening.name ?? ''}
                disabled={!mayChange}
                onBlur={(event) => {
                    const name = event.target.value.trim();
                    if (name !== '' && name !== opening.name) onChange({ name: name.slice(0, 120) });
                }}
            />
            {opening.kind === 'skylight' && (
                <TextField
                    select
                    label={t('opening.flashing')}
                    value={opening.flashing ?? 'ready-made'}
                    disabled={!mayChange}
                    onChange={(event) => onChange({ flashing: event.target.value as Opening['flashing'] })}
                >
                    <MenuItem value="ready-made">{t('opening.ready-made')}</MenuItem>
                    <MenuItem value="panel-metal">{t('opening.panel-metal')}</MenuItem>
                </TextField>
            )}
            {!opening.outline && <Sizes opening={opening} left={left} low={low} placed={placed} onChange={onChange} />}
            {mayChange && (
                <Button variant="outlined" color="inherit" onClick={onRemove}>
                    {t('opening.remove')}
                </Button>
            )}
        </div>
    );
}

type SizesProps = Required<Pick<OpeningFormProps, 'opening' | 'left' | 'low' | 'placed' | 'onChange'>>;

/** Where it stands on its face, and how large it is. */
function Sizes({ opening, left, low, placed, onChange }: SizesProps) {
    const { t } = useTranslation();
    const { mayChange, units } = useJob();
    const shared = { units, disabled: !mayChange };
    const pipe = opening.kind === 'pipe';
    return (
        <>
            <div className="pair">
                {!placed && !opening.fromRake && (
                    <TapeField
                        {...shared}
                        signed
                        label={t(pipe ? 'opening.centre-along' : 'opening.side-along')}
                        value={(opening.u ?? 0) - left}
                        onChange={(inches) => onChange({ u: left + inches })}
                    />
                )}
                <TapeField
                    {...shared}
                    signed
                    label={t(pipe ? 'opening.centre-up' : 'opening.side-up')}
                    value={(opening.v ?? 0) - low}
                    onChange={(inches) => onChange({ v: low + inches })}
                />
            </div>
            {pipe ? (
                <TapeField
                    {...shared}
                    label={t('opening.diameter')}
                    value={opening.diameter ?? 0}
                    least={0.25}
                    most={36}
                    onChange={(diameter) => onChange({ diameter })}
                />
            ) : (
                <div className="pair">
                    <TapeField
                        {...shared}
                        label={t('opening.width')}
                        value={opening.width ?? 0}
                        least={0.5}
                        most={2400}
                        onChange={(width) => onChange({ width })}
                    />
                    <TapeField
                        {...shared}
                        label={t('opening.height')}
                        value={opening.height ?? 0}
                        least={0.5}
                        most={2400}
                        onChange={(height) => onChange({ height })}
                    />
                </div>
            )}
        </>
    );
}
