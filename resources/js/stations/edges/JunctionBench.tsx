import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { JunctionView } from '../../contracts/edges';
import { Findings } from '../../bench/Findings';
import { useJob } from '../../job/JobContext';
import { orderPieces } from './buildEdits';
import { Said } from '../../tape/Len';

interface JunctionBenchProps {
    junction: JunctionView;
    on: number;
    picked: string | null;
    onPick: (piece: string) => void;
}

/** A junction: which piece goes on after which, and whether it sheds. */
export function JunctionBench({ junction, on, picked, onPick }: JunctionBenchProps) {
    const { t } = useTranslation();
    const { edit, mayChange } = useJob();
    const order = junction.pieces.map((piece) => piece.key);
    const move = (at: number, by: -1 | 1) => {
        const next = [...order];
        [next[at], next[at + by]] = [next[at + by], next[at]];
        edit((d) => orderPieces(d, junction.id, next));
    };
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h1>{junction.name}</h1>
            <p style={{ marginTop: 4 }}>
                <Said text={t(`junction.${junction.kind}.why`)} />
            </p>
            <section aria-label={t('edges.layers')} style={{ marginTop: 12 }}>
                <ol className="layers">
                    {junction.pieces.map((piece, i) => (
                        <li key={piece.key} data-row={piece.key} data-lies={piece.number <= on}>
                            <button type="button" aria-pressed={piece.key === picked} onClick={() => onPick(piece.key)}>
                                <b className="number">{piece.number}</b>
                                <b>{piece.name}</b>
                            </button>
                            {mayChange && piece.key === picked && (
                                <div className="adapt">
                                    <div className="rowed">
                                        <button
                                            type="button"
                                            className="chip"
                                            disabled={i === 0}
                                            aria-label={t('edges.up', { layer: piece.name })}
                                            onClick={() => move(i, -1)}
                                        >
                                            ↑
                                        </button>
                                        <button
                                            type="button"
                                            className="chip"
                                            disabled={i === order.length - 1}
                                            aria-label={t('edges.down', { layer: piece.name })}
                                            onClick={() => move(i, 1)}
                                        >
                                            ↓
                                        </button>
                                    </div>
                                </div>
                            )}
                        </li>
                    ))}
                </ol>
            </section>
            {junction.sheds ? (
                <div className="finding" data-severity="note">
                    {t('edges.sheds')}
                </div>
            ) : (
                <>
                    <h2>{t('edges.leaks')}</h2>
                    <Findings findings={junction.findings} />
                </>
            )}
            {mayChange && junction.adapted && (
                <Button
                    variant="outlined"
                    color="inherit"
                    onClick={() => edit((d) => orderPieces(d, junction.id, undefined))}
                >
                    {t('edges.corner-as-shipped')}
                </Button>
            )}
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.edges')}</p>
        </aside>
    );
}
