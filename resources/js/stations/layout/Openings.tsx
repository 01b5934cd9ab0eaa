import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { PlanFace } from '../../contracts/roof';
import { useJob } from '../../job/JobContext';
import { addOpening, changeOpening, removeOpening, type Opening } from '../../job/openingEdits';
import { KINDS, USUAL, type OpeningKind } from '../../job/openingKinds';
import { OpeningForm } from '../../bench/OpeningForm';
import { Len } from '../../tape/Len';

/** What comes through this face: placed from the left end and the eave, by tape. */
export function Openings({ face }: { face: PlanFace }) {
    const { t } = useTranslation();
    const { document: doc, edit, mayChange } = useJob();
    const [open, setOpen] = useState<string | null>(null);
    const own = (doc.openings ?? []).filter((opening) => opening.face === face.id);
    const [left, right] = [Math.min(...face.outline.map(([u]) => u)), Math.max(...face.outline.map(([u]) => u))];
    const [low, high] = [Math.min(...face.outline.map(([, v]) => v)), Math.max(...face.outline.map(([, v]) => v))];
    const add = (kind: OpeningKind) => {
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
                    onChange={(event) => add(event.target.value as OpeningKind)}
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
