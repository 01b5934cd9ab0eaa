import { beside as besideEachOther } from '../../words/lists';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { usePlanSlice } from '../../api/queries';
import { Findings } from '../../bench/Findings';
import type { OpeningPiece, OpeningsSlice, OpeningView } from '../../contracts/openings';
import { useJob } from '../../job/JobContext';
import { addOpening, changeOpening, removeOpening, type Opening } from '../../job/openingEdits';
import { movedBy } from './edits';
import { KINDS, USUAL, type OpeningKind } from '../../job/openingKinds';
import { OpeningForm } from '../../bench/OpeningForm';
import { Said } from '../../tape/Len';
import { PitchField } from '../../tape/PitchField';
import { Pieces } from './Pieces';
import { TapedFrom } from './TapedFrom';
import { Uphills } from './Uphills';

interface OpeningsBenchProps {
    slice: OpeningsSlice | undefined;
    piece: OpeningPiece | null;
    onPick: (piece: string) => void;
    onOpening: (id: string) => void;
}

/** How one opening is flashed: its uphill side compared, its pieces in order, where it stands. */
export function OpeningsBench({ slice, piece, onPick, onOpening }: OpeningsBenchProps) {
    const { t } = useTranslation();
    const { document: doc, edit, mayChange } = useJob();
    const opening = slice?.opening ?? null;
    const said = (doc.openings ?? []).find((one) => one.id === opening?.id);
    const change = (what: Partial<Opening>) => opening && edit((d) => changeOpening(d, opening.id, what));
    return (
        <aside className="bench" aria-label={t('bench')}>
            <Title opening={opening} />
            {opening && said && <UphillSide opening={opening} said={said} onChange={change} />}
            {opening && opening.pieces.length > 0 && (
                <Pieces
                    opening={opening}
                    piece={piece}
                    mayChange={mayChange}
                    onPick={onPick}
                    onOrder={(order) => change({ order, pieces: undefined })}
                    onPieces={(pieces) => change({ pieces })}
                    onSpacing={(key, inches) => change({ spacings: { ...said?.spacings, [key]: inches } })}
                />
            )}
            {opening?.notes.map((note) => (
                <p key={note} className="small">
                    <Said text={note} />
                </p>
            ))}
            {opening && said && <PlaceOf key={opening.id} opening={opening} said={said} onChange={change} />}
            {mayChange && <Add onOpening={onOpening} />}
            <Findings findings={slice?.findings ?? []} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.openings')}</p>
        </aside>
    );
}

/** Which it is, and whether it sheds. */
function Title({ opening }: { opening: OpeningView | null }) {
    const { t } = useTranslation();
    return (
        <>
            <h1>{opening ? opening.name : t('openings.title')}</h1>
            {opening && (
                <p className={opening.sheds ? 'muted' : 'stop'}>
                    {opening.kind !== 'pipe' && t(opening.sheds ? 'openings.sheds' : 'openings.leaks')}
                </p>
            )}
        </>
    );
}

interface OfOpening {
    opening: OpeningView;
    said: Opening;
    onChange: (what: Partial<Opening>) => void;
}

/** What its uphill side might be, compared. */
function UphillSide({ opening, said, onChange }: OfOpening) {
    const { t } = useTranslation();
    const { mayChange } = useJob();
    if (opening.uphills.length === 0) return null;
    return (
        <section aria-label={t('openings.uphill')}>
            <h2>{t('openings.uphill')}</h2>
            <p className="muted small">{opening.advice}</p>
            <Uphills opening={opening} mayChange={mayChange} onChoose={(uphill) => onChange({ uphill })} />
            {said.uphill === 'cricket' && (
                <PitchField
                    label="openings.rise"
                    value={said.cricketRise ?? null}
                    least={0.5}
                    most={24}
                    disabled={!mayChange}
                    onChange={(cricketRise) => onChange({ cricketRise })}
                    onEmpty={() => onChange({ cricketRise: undefined })}
                />
            )}
        </section>
    );
}

/** Where it stands, how large it is, and another like it. */
function PlaceOf({ opening, said, onChange }: OfOpening) {
    const { t } = useTranslation();
    const { edit, mayChange } = useJob();
    return (
        <section aria-label={t('openings.view.place')}>
            <h2>{t('openings.view.place')}</h2>
            <TapedFrom opening={opening} said={said} onChange={onChange} />
            <OpeningForm
                opening={said}
                placed={!said.outline}
                left={Math.min(...opening.place.outline.map(([u]) => u))}
                low={Math.min(...opening.place.outline.map(([, v]) => v))}
                onChange={onChange}
                onRemove={() => edit((d) => removeOpening(d, opening.id))}
            />
            {mayChange && (
                <Button
                    variant="outlined"
                    color="inherit"
                    sx={{ mt: 1 }}
                    onClick={() =>
                        edit((d) => addOpening(d, beside(said, opening, t('openings.copied', { name: opening.name }))))
                    }
                >
                    {t('openings.copy')}
                </Button>
            )}
        </section>
    );
}

/** The same beside it, its own width to the right. */
function beside(said: Opening, opening: OpeningView, name: string): Omit<Opening, 'id'> {
    return { ...said, name: name.slice(0, 120), ...movedBy(said, opening.place.shifted + opening.size[0] * 2, 0) };
}

/** Puts a new one in the middle of a face. */
function Add({ onOpening }: { onOpening: (id: string) => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const roof = usePlanSlice(job.id, 'roof', job.revision).data;
    const add = (face: string, kind: OpeningKind) => {
        const on = roof?.faces.find((one) => one.id === face);
        if (!on) return;
        const middle = (axis: 0 | 1) => {
            const all = on.outline.map((point) => point[axis]);
            return Math.round((Math.min(...all) + Math.max(...all)) / 2);
        };
        const number = (job.document.openings ?? []).filter((one) => one.kind === kind).length + 1;
        job.edit((d) => {
            const next = addOpening(d, {
                face,
                kind,
                name: t('opening.numbered', { kind, number }),
                u: middle(0),
                v: middle(1),
                ...USUAL[kind],
            });
            onOpening((next.openings ?? []).at(-1)?.id ?? '');
            return next;
        });
    };
    const faces = (roof?.faces ?? []).filter((face) => face.behind === null);
    if (faces.length === 0) return null;
    return (
        <section aria-label={t('opening.add')} style={{ marginTop: 14 }}>
            <TextField
                select
                label={t('opening.add')}
                value=""
                onChange={(event) => {
                    const [face, kind] = event.target.value.split('|');
                    add(face, kind as OpeningKind);
                }}
            >
                {faces.flatMap((face) =>
                    KINDS.map((kind) => (
                        <MenuItem key={`${face.id}|${kind}`} value={`${face.id}|${kind}`}>
                            {besideEachOther(t, [t(`opening.${kind}`), face.name])}
                        </MenuItem>
                    )),
                )}
            </TextField>
        </section>
    );
}
