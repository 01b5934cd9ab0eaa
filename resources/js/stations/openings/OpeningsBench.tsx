import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { usePlanSlice } from '../../api/queries';
import { Findings } from '../../bench/Findings';
import type { OpeningPiece, OpeningsSlice, OpeningView } from '../../contracts/openings';
import { useJob } from '../../job/JobContext';
import { addOpening, changeOpening, movedBy, removeOpening, type Opening } from '../../job/layoutEdits';
import { KINDS, USUAL, type OpeningKind } from '../../job/openingKinds';
import { OpeningForm } from '../../bench/OpeningForm';
import { Said } from '../../tape/Len';
import { NumberField } from '../../tape/NumberField';
import { TapedFrom } from './TapedFrom';

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
            <h1>{opening ? opening.name : t('openings.title')}</h1>
            {opening && (
                <p className={opening.sheds ? 'muted' : 'stop'}>
                    {opening.kind !== 'pipe' && t(opening.sheds ? 'openings.sheds' : 'openings.leaks')}
                </p>
            )}
            {opening && said && opening.uphills.length > 0 && (
                <section aria-label={t('openings.uphill')}>
                    <h2>{t('openings.uphill')}</h2>
                    <p className="muted small">{opening.advice}</p>
                    <Uphills opening={opening} mayChange={mayChange} onChoose={(uphill) => change({ uphill })} />
                    {said.uphill === 'cricket' && (
                        <NumberField
                            label={t('openings.rise')}
                            value={said.cricketRise ?? null}
                            least={0.5}
                            most={24}
                            disabled={!mayChange}
                            onChange={(cricketRise) => change({ cricketRise })}
                            onEmpty={() => change({ cricketRise: undefined })}
                        />
                    )}
                </section>
            )}
            {opening && opening.pieces.length > 0 && (
                <Pieces
                    opening={opening}
                    piece={piece}
                    mayChange={mayChange}
                    onPick={onPick}
                    onOrder={(order) => change({ order, pieces: undefined })}
                    onPieces={(pieces) => change({ pieces })}
                />
            )}
            {opening?.notes.map((note) => (
                <p key={note} className="small">
                    <Said text={note} />
                </p>
            ))}
            {opening && said && (
                <section aria-label={t('openings.view.place')} key={opening.id}>
                    <h2>{t('openings.view.place')}</h2>
                    <TapedFrom opening={opening} said={said} onChange={change} />
                    <OpeningForm
                        opening={said}
                        left={Math.min(...opening.place.outline.map(([u]) => u))}
                        low={Math.min(...opening.place.outline.map(([, v]) => v))}
                        onChange={change}
                        onRemove={() => edit((d) => removeOpening(d, opening.id))}
                    />
                    {mayChange && (
                        <Button
                            variant="outlined"
                            color="inherit"
                            sx={{ mt: 1 }}
                            onClick={() =>
                                edit((d) =>
                                    addOpening(d, beside(said, opening, t('openings.copied', { name: opening.name }))),
                                )
                            }
                        >
                            {t('openings.copy')}
                        </Button>
                    )}
                </section>
            )}
            {mayChange && <Add onOpening={onOpening} />}
            <Findings findings={slice?.findings ?? []} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.openings')}</p>
        </aside>
    );
}

/** The same beside it, its own width to the right. */
function beside(said: Opening, opening: OpeningView, name: string): Omit<Opening, 'id'> {
    return { ...said, name: name.slice(0, 120), ...movedBy(said, opening.place.shifted + opening.size[0] * 2, 0) };
}

interface UphillsProps {
    opening: OpeningView;
    mayChange: boolean;
    onChoose: (school: OpeningView['uphill']) => void;
}

function Uphills({ opening, mayChange, onChoose }: UphillsProps) {
    const { t } = useTranslation();
    return (
        <>
            {opening.uphills.map((one) => (
                <button
                    key={one.school}
                    type="button"
                    className="card"
                    data-uphill={one.school}
                    aria-pressed={one.chosen}
                    disabled={!mayChange}
                    onClick={() => onChoose(one.school)}
                >
                    <span className="row">
                        <b>{one.name}</b>
                        {one.advised && <span className="muted">{t('openings.advised')}</span>}
                    </span>
                    <span className="small muted" style={{ display: 'block' }}>
                        {one.why}
                    </span>
                    {one.fits ? (
                        <span className="small">
                            {t('openings.takes', { pieces: one.pieces, hours: one.hours, held: one.held })}
                        </span>
                    ) : (
                        <span className="small stop">{t('openings.does-not-fit')}</span>
                    )}
                    {one.asked && (
                        <span className="small" style={{ display: 'block' }}>
                            {t('openings.asked')}
                        </span>
                    )}
                </button>
            ))}
        </>
    );
}

interface PiecesProps {
    opening: OpeningView;
    piece: OpeningPiece | null;
    mayChange: boolean;
    onPick: (piece: string) => void;
    onOrder: (order: OpeningView['order']) => void;
    onPieces: (pieces: string[]) => void;
}

/** The pieces in the order they go on; put in another order, they are judged by their finished laps. */
function Pieces({ opening, piece, mayChange, onPick, onOrder, onPieces }: PiecesProps) {
    const { t } = useTranslation();
    const move = (from: number, by: number) => {
        const keys = opening.pieces.map((one) => one.key);
        [keys[from], keys[from + by]] = [keys[from + by], keys[from]];
        onPieces(keys);
    };
    return (
        <section aria-label={t('openings.in-order')}>
            <h2>{t('openings.in-order')}</h2>
            {opening.orders.length > 0 && (
                <TextField
                    select
                    label={t('openings.order')}
                    value={opening.adapted ? 'own' : opening.order}
                    disabled={!mayChange}
                    helperText={opening.orders.find((one) => one.key === opening.order)?.why}
                    onChange={(event) => onOrder(event.target.value as OpeningView['order'])}
                >
                    {opening.adapted && <MenuItem value="own">{t('openings.own-order')}</MenuItem>}
                    {opening.orders.map((one) => (
                        <MenuItem key={one.key} value={one.key}>
                            {one.name}
                        </MenuItem>
                    ))}
                </TextField>
            )}
            <ol data-testid="pieces" style={{ listStyle: 'none', padding: 0, margin: '10px 0' }}>
                {opening.pieces.map((one, i) => {
                    const chosen = one.key === piece?.key;
                    return (
                        <li key={one.key} className="card" data-piece={one.key}>
                            <span className="row">
                                <button
                                    type="button"
                                    className="linkish"
                                    aria-expanded={chosen}
                                    onClick={() => onPick(one.key)}
                                >
                                    {one.number} {one.name}
                                </button>
                                {mayChange && (
                                    <span className="nowrap">
                                        <button
                                            type="button"
                                            className="chip"
                                            disabled={i === 0}
                                            aria-label={t('openings.up', { piece: one.name })}
                                            onClick={() => move(i, -1)}
                                        >
                                            ↑
                                        </button>
                                        <button
                                            type="button"
                                            className="chip"
                                            disabled={i === opening.pieces.length - 1}
                                            aria-label={t('openings.down', { piece: one.name })}
                                            onClick={() => move(i, 1)}
                                        >
                                            ↓
                                        </button>
                                    </span>
                                )}
                            </span>
                            {chosen && <PieceTold piece={one} />}
                        </li>
                    );
                })}
            </ol>
        </section>
    );
}

function PieceTold({ piece }: { piece: OpeningPiece }) {
    const { t } = useTranslation();
    return (
        <>
            {[piece.size, piece.held].filter(Boolean).map((said) => (
                <p key={said} className="small">
                    <Said text={said} />
                </p>
            ))}
            <p className="small muted">
                <Said text={piece.how} />
            </p>
            {piece.over.length > 0 && <p className="small">{t('openings.over', { names: piece.over.join(', ') })}</p>}
            {piece.of.length > 0 && <p className="small">{t('openings.of', { names: piece.of.join(', ') })}</p>}
            {piece.marks.length > 0 && (
                <ol className="small" data-testid="piece-marks" style={{ listStyle: 'none', padding: 0 }}>
                    {piece.marks.map((mark) => (
                        <li key={mark.number}>
                            {mark.number} · <Said text={mark.said} />
                        </li>
                    ))}
                </ol>
            )}
        </>
    );
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
                            {`${t(`opening.${kind}`)} · ${face.name}`}
                        </MenuItem>
                    )),
                )}
            </TextField>
        </section>
    );
}
