import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { PlanFace } from '../../contracts/roof';
import { useJob } from '../../job/JobContext';
import { addOpening, changeOpening, removeOpening, type Opening } from '../../job/layoutEdits';
import { Len } from '../../tape/Len';
import { TapeField } from '../../tape/TapeField';

const KINDS = ['pipe', 'skylight', 'chimney', 'curb'] as const;

/** What a first one of a kind is like, inches, until it is taped. */
const USUAL = {
    pipe: { diameter: 3 },
    skylight: { width: 24, height: 46 },
    chimney: { width: 32, height: 24 },
    curb: { width: 36, height: 36 },
};

/** What comes through this face: placed from the left end and the eave, by tape. */
export function Openings({ face }: { face: PlanFace }) {
    const { t } = useTranslation();
    const { document: doc, edit, mayChange } = useJob();
    const [open, setOpen] = useState<string | null>(null);
    const own = (doc.openings ?? []).filter((opening) => opening.face === face.id);
    const [left, right] = [Math.min(...face.outline.map(([u]) => u)), Math.max(...face.outline.map(([u]) => u))];
    const [low, high] = [Math.min(...face.outline.map(([, v]) => v)), Math.max(...face.outline.map(([, v]) => v))];
    const add = (kind: (typeof KINDS)[number]) => {
        const number = (doc.openings ?? []).filter((opening) => opening.kind === kind).length + 1;
        edit((d) =>
            addOpening(d, {
                face: face.id,
                kind,
                name: t('opening.numbered', { kind, number }),
                u: Math.round((left + right) / 2),
                v: Math.round((low + high) / 2),
                ...USUAL[kind],
            }),
        );
        setOpen(null);
    };
    if (own.length === 0 && !mayChange) return null;
    return (
        <section aria-label={t('opening.title')}>
            <h2>{t('opening.title')}</h2>
            {own.map((one) => (
                <div key={one.id} className="card" data-opening={one.id}>
                    <div className="row">
                        <button
                            type="button"
                            className="linkish"
                            aria-expanded={open === one.id}
                            onClick={() => setOpen(open === one.id ? null : one.id)}
                        >
                            {one.name ?? t(`opening.${one.kind}`)}
                        </button>
                        <Size opening={one} />
                    </div>
                    {open === one.id && (
                        <OpeningForm
                            opening={one}
                            left={left}
                            low={low}
                            onChange={(change) => edit((d) => changeOpening(d, one.id, change))}
                            onRemove={() => edit((d) => removeOpening(d, one.id))}
                        />
                    )}
                </div>
            ))}
            {mayChange && (
                <TextField
                    select
                    label={t('opening.add')}
                    value=""
                    onChange={(event) => add(event.target.value as (typeof KINDS)[number])}
                >
                    {KINDS.map((kind) => (
                        <MenuItem key={kind} value={kind}>
                            {t(`opening.${kind}`)}
                        </MenuItem>
                    ))}
                </TextField>
            )}
        </section>
    );
}

function Size({ opening }: { opening: Opening }) {
    const { t } = useTranslation();
    if (opening.kind === 'pipe')
        return (
            <span className="nowrap">
                <Len inches={opening.diameter ?? 0} inchesOnly />
            </span>
        );
    if (opening.outline)
        return <span className="nowrap">{t('opening.outlined', { corners: opening.outline.length })}</span>;
    return (
        <span className="nowrap">
            <Len inches={opening.width ?? 0} inchesOnly /> × <Len inches={opening.height ?? 0} inchesOnly />
        </span>
    );
}

interface OpeningFormProps {
    opening: Opening;
    left: number;
    low: number;
    onChange: (change: Partial<Opening>) => void;
    onRemove: () => void;
}

function OpeningForm({ opening, left, low, onChange, onRemove }: OpeningFormProps) {
    const { t } = useTranslation();
    const { mayChange, units } = useJob();
    const shared = { units, disabled: !mayChange };
    const pipe = opening.kind === 'pipe';
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
            {!opening.outline && (
                <>
                    <div className="pair">
                        <TapeField
                            {...shared}
                            signed
                            label={t(pipe ? 'opening.centre-along' : 'opening.side-along')}
                            value={(opening.u ?? 0) - left}
                            onChange={(inches) => onChange({ u: left + inches })}
                        />
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
                            most={120}
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
            )}
            {mayChange && (
                <Button variant="outlined" color="inherit" onClick={onRemove}>
                    {t('opening.remove')}
                </Button>
            )}
        </div>
    );
}
