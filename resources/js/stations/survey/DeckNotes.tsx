import Button from '@mui/material/Button';
import { Paragraph } from '../../kit/Paragraph';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { Plane } from '../../contracts/survey';
import { DeckField } from '../../bench/DeckField';
import { NameField } from '../../bench/NameField';
import { useJob } from '../../job/JobContext';
import { editPlane, putBehind, removePlane } from './edits';
import { planesOf } from '../../job/roofEdits';
import { Said } from '../../tape/Len';
import { TapeField } from '../../tape/TapeField';

interface DeckNotesProps {
    plane: Plane;
    disabled: boolean;
    /** What is replaced in kind, in words. */
    old: string | null;
}

/** What else was seen: name, roof-over or tear-off, old panels, deck, layers, the plane behind the ridge, notes. */
export function DeckNotes({ plane, disabled, old }: DeckNotesProps) {
    const { t } = useTranslation();
    const { document: doc, edit, units } = useJob();
    const change = (part: Partial<Plane>) => edit((d) => editPlane(d, plane.id, (plane) => ({ ...plane, ...part })));
    const others = planesOf(doc).filter((one) => one.id !== plane.id);
    return (
        <section className="stack" style={{ gap: 10 }}>
            <h2 style={{ marginBottom: 0 }}>{t('notes.title')}</h2>
            <NameField
                label={t('notes.name')}
                value={plane.name}
                disabled={disabled}
                onChange={(name) => change({ name })}
            />
            <div className="rowed" style={{ flexWrap: 'nowrap' }}>
                <TextField
                    select
                    label={t('notes.covering')}
                    value={plane.covering ?? 'tear-off'}
                    disabled={disabled}
                    onChange={(event) => change({ covering: event.target.value as Plane['covering'] })}
                >
                    <MenuItem value="tear-off">{t('notes.tear-off')}</MenuItem>
                    <MenuItem value="roof-over">{t('notes.roof-over')}</MenuItem>
                </TextField>
                <TextField
                    select
                    label={t('notes.layers')}
                    value={plane.oldLayers ?? 0}
                    disabled={disabled}
                    onChange={(event) => change({ oldLayers: Number(event.target.value) })}
                >
                    {[0, 1, 2, 3, 4].map((n) => (
                        <MenuItem key={n} value={n}>
                            {n}
                        </MenuItem>
                    ))}
                </TextField>
            </div>
            <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                <TapeField
                    label={t('notes.old-cover')}
                    value={plane.old?.cover ?? null}
                    units={units}
                    most={120}
                    disabled={disabled}
                    onChange={(cover) => change({ old: cover > 0 ? { ...plane.old, cover } : undefined })}
                />
                <TapeField
                    label={t('notes.old-seam')}
                    value={plane.old?.seamHeight ?? null}
                    units={units}
                    most={12}
                    disabled={disabled || !plane.old}
                    onChange={(seamHeight) => plane.old && change({ old: { ...plane.old, seamHeight } })}
                />
            </div>
            {old && (
                <p className="muted">
                    <Said text={old} />
                </p>
            )}
            <DeckField face={plane.id} />
            {plane.deck && <p className="muted small">{t('notes.deck-written', { deck: plane.deck })}</p>}
            {others.length > 0 && (
                <TextField
                    select
                    label={t('notes.behind')}
                    value={plane.ridgeWith ?? ''}
                    disabled={disabled}
                    onChange={(event) => edit((d) => putBehind(d, plane.id, event.target.value || null))}
                >
                    <MenuItem value="">{t('notes.nothing-behind')}</MenuItem>
                    {others.map((plane) => (
                        <MenuItem key={plane.id} value={plane.id}>
                            {plane.name}
                        </MenuItem>
                    ))}
                </TextField>
            )}
            <Paragraph
                label={t('notes.notes')}
                defaultValue={plane.notes ?? ''}
                disabled={disabled}
                most={2000}
                onBlur={(event) => {
                    if (event.target.value !== (plane.notes ?? '')) change({ notes: event.target.value });
                }}
            />
            {!disabled && (
                <Button color="error" onClick={() => edit((d) => removePlane(d, plane.id))}>
                    {t('notes.remove-plane')}
                </Button>
            )}
        </section>
    );
}
