import type { BenchSlice } from './BenchSlice';
import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import type { CardMark, CardView, CutPanel } from '../../contracts/cutting';
import { useOrders } from '../../api/orders';
import { Findings } from '../../bench/Findings';
import { Tips } from '../../bench/Tips';
import { OrderServes } from '../../bench/OrderServes';
import { useJob } from '../../job/JobContext';
import { useJobTape } from '../../tape/JobTape';
import { Len, Said } from '../../tape/Len';
import { Astray } from './Astray';
import { FirstFit } from './FirstFit';
import { PairLine } from './PairLine';

interface CutsBenchProps {
    slice: BenchSlice;
    view: CardView;
    panel: CutPanel;
    onPick: (id: string) => void;
    /** What one does with the piece, where that does not stand elsewhere. */
    steps: ReactNode;
    taping: boolean;
    onTaping: (open: boolean) => void;
}

/** The steps of marking out, in running distances. */
export function CutsBench({ slice, view, panel, onPick, steps, taping, onTaping }: CutsBenchProps) {
    const { t } = useTranslation();
    const { concealed, findings } = slice;
    const print = useJobTape();
    const job = useJob();
    const order = useOrders(job.id, job.revision).data?.[0];
    const two = view.lengths?.differ ? view.lengths : null;
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h1>{t('cuts.mark-out', { piece: panel.name })}</h1>
            <p className="muted">{t(`cuts.how.${slice.card.how}`)}</p>
            <p style={{ marginTop: 8 }}>
                {t('cuts.length')}{' '}
                <b style={{ fontSize: 22 }}>
                    <Len inches={panel.blank.long} inchesOnly />
                </b>{' '}
                ·{' '}
                {panel.pairedWith ? (
                    t('cuts.shared', { other: panel.pairedName })
                ) : (
                    <>
                        {t('cuts.ordered-at')}{' '}
                        <b>
                            <Len inches={panel.orderLength} inchesOnly round="up" />
                        </b>
                    </>
                )}
            </p>
            {panel.corrected && (
                <p className="chalk-text" style={{ marginTop: 4 }}>
                    {t('cuts.corrected')}
                </p>
            )}
            {two && (
                <p style={{ marginTop: 4 }}>
                    <Said
                        text={t('cuts.long-short', {
                            long: print(two.long, 'nearest', true),
                            short: print(two.short, 'nearest', true),
                            width: print(two.between, 'nearest', true),
                            how: two.insideToOutside ? 'inside' : 'out',
                        })}
                    />
                </p>
            )}
            {view.runs.map((run) => (
                <section key={run.line}>
                    <h2>{t(`mark.line.${run.heading}`)}</h2>
                    <table className="plain" data-line={run.line}>
                        <tbody>
                            {run.marks.map((mark, i) => (
                                <tr key={i}>
                                    <th scope="row">
                                        {i + 1} <MarkName mark={mark} />
                                    </th>
                                    <td className="n" style={{ fontSize: 17, fontWeight: 650 }}>
                                        <Len inches={mark.distance} inchesOnly />
                                    </td>
                                    <td className={`n small ${mark.kind === 'bend' ? '' : 'chalk-text'}`}>
                                        {t(`mark.kind.${mark.kind}`)}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </section>
            ))}
            {slice.card.notes.map((note, i) => (
                <div key={i} className="finding" data-severity={note.severity} style={{ marginTop: 12 }}>
                    <Said text={note.text} />
                </div>
            ))}
            {slice.card.chalk.length > 0 && (
                <p style={{ marginTop: 8 }}>
                    <Said text={t('layout.cleat')} />{' '}
                    <b>
                        <Len inches={slice.card.chalk[0].offset} inchesOnly />
                    </b>
                </p>
            )}
            <div style={{ marginTop: 12 }}>
                <PairLine slice={slice} panel={panel} onPick={onPick} />
            </div>
            {concealed && panel.rip !== null && (
                <div className="finding" data-severity="note" style={{ marginTop: 12 }}>
                    {t('cuts.leg-goes')}
                </div>
            )}
            {steps && <div style={{ marginTop: 14 }}>{steps}</div>}
            {order && <OrderServes order={order} piece={panel.id} />}
            <FirstFit slice={slice} panel={panel} view={slice.card.face} taping={taping} onTaping={onTaping} />
            <Astray slice={slice} />
            {!slice.blanksLieFlat && <p className="muted small">{t('blanks.as-formed-here')}</p>}
            <Findings findings={findings.filter((finding) => finding.where === panel.face)} />
            <Tips places={slice.card.places} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.cutting')}</p>
        </aside>
    );
}

/** What a mark is, and where across the sheet it lies if that is not at an edge. */
function MarkName({ mark }: { mark: CardMark }) {
    const { t } = useTranslation();
    const print = useJobTape();
    const name = t(`mark.${mark.name}`);
    if (mark.from === null) return name;
    return (
        <Said
            text={t(`mark.from.${mark.from}`, {
                mark: name,
                x: mark.across === null ? '' : print(mark.across, 'nearest', true),
            })}
        />
    );
}
