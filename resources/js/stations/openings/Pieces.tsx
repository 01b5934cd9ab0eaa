import { listed } from '../../words/lists';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { OpeningPiece, OpeningView } from '../../contracts/openings';
import { useJob } from '../../job/JobContext';
import { Said } from '../../tape/Len';
import { TapeField } from '../../tape/TapeField';

interface PiecesProps {
    opening: OpeningView;
    piece: OpeningPiece | null;
    mayChange: boolean;
    onPick: (piece: string) => void;
    onOrder: (order: OpeningView['order']) => void;
    onPieces: (pieces: string[]) => void;
    onSpacing: (piece: string, inches: number) => void;
}

/** The pieces in the order they go on; put in another order, they are judged by their finished laps. */
export function Pieces({ opening, piece, mayChange, onPick, onOrder, onPieces, onSpacing }: PiecesProps) {
    const { t } = useTranslation();
    const { units } = useJob();
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
                                {mayChange && opening.pieces.length > 1 && (
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
                            {chosen && one.spacing !== null && opening.kind !== 'pipe' && (
                                <TapeField
                                    key={one.key}
                                    units={units}
                                    label={t('openings.spacing')}
                                    value={one.spacing}
                                    least={0.5}
                                    most={48}
                                    disabled={!mayChange}
                                    onChange={(inches) => onSpacing(one.key, inches)}
                                />
                            )}
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
            {piece.over.length > 0 && <p className="small">{t('openings.over', { names: listed(t, piece.over) })}</p>}
            {piece.of.length > 0 && <p className="small">{t('openings.of', { names: listed(t, piece.of) })}</p>}
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
