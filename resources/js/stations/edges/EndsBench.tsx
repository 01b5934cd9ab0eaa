import { beside } from '../../words/lists';
import { useTranslation } from 'react-i18next';
import type { EndCard, EndsSlice } from '../../contracts/edges';
import { Findings } from '../../bench/Findings';
import { CutTick } from './CutTick';
import { useJobTape } from '../../tape/JobTape';
import { Len, Said } from '../../tape/Len';
import { EndFit } from './EndFit';
import { TrimSketch } from './TrimSketch';

interface EndsBenchProps {
    slice: EndsSlice;
    card: EndCard | null;
}

/** An end of a trim in words: its marks, how it is made, which pieces are cut so. */
export function EndsBench({ slice, card }: EndsBenchProps) {
    const { t } = useTranslation();
    const print = useJobTape();
    const { run } = slice;
    if (!run) return null;
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h1>{card?.title ?? run.name}</h1>
            <p className="muted">
                {run.edgeName}
                {card && ` · ${card.side}`}
            </p>
            {!card && <p style={{ marginTop: 6 }}>{t('ends.none')}</p>}
            {card && (
                <>
                    <p style={{ marginTop: 6 }}>{card.how}</p>
                    {card.angles && <p className="muted">{card.angles}</p>}
                    <table className="plain" style={{ marginTop: 10 }}>
                        <thead>
                            <tr>
                                <th scope="col">{t('ends.marks')}</th>
                                <th scope="col" className="n">
                                    {t('ends.from')}
                                </th>
                                <td />
                            </tr>
                        </thead>
                        <tbody>
                            {card.marks.map((mark) => (
                                <tr key={mark.number} data-mark={mark.number}>
                                    <th scope="row">
                                        {mark.number}{' '}
                                        <span className="muted">
                                            <Said
                                                text={t('ends.across', { at: print(mark.across, 'nearest', true) })}
                                            />
                                        </span>
                                    </th>
                                    <td className="n" style={{ fontSize: 17, fontWeight: 650 }}>
                                        <Len inches={mark.at} inchesOnly />
                                    </td>
                                    <td className="n small">{mark.kind}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                    <h2>{t('ends.done')}</h2>
                    <ul className="layers" aria-label={t('ends.done')}>
                        {card.pieces.map((piece) => (
                            <li
                                key={piece.id}
                                style={{ display: 'flex', gap: 12, padding: '2px 4px', alignItems: 'center' }}
                            >
                                <span style={{ flex: '1 1 auto' }}>
                                    {t('sticks.piece', { number: piece.name })} · <Len inches={piece.length} />
                                </span>
                                <CutTick piece={piece} name={piece.name} />
                            </li>
                        ))}
                    </ul>
                    <p className="muted small">
                        {t('ends.count', { count: card.count })} {beside(t, card.where)}
                    </p>
                    <EndFit key={card.key} card={card} />
                </>
            )}
            <TrimSketch run={run} />
            <Findings findings={slice.findings} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.edges')}</p>
        </aside>
    );
}
