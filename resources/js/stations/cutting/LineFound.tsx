import { useTranslation } from 'react-i18next';
import type { PieceLine, PieceMark } from '../../contracts/cutting';
import { useFacts } from '../../job/FactContext';
import { withdrawn } from '../../job/facts';
import { useJobTape } from '../../tape/JobTape';
import { Len, Said } from '../../tape/Len';
import { LinePicture } from './LinePicture';
import { TakenMark } from './TakenMark';

/** What the tapes say of an edge's line: the square to set, each mark and its miss, the cards that follow. */
export function LineFound({ line }: { line: PieceLine }) {
    const { t } = useTranslation();
    const print = useJobTape();
    const { told } = useFacts();
    const gone = withdrawn(told);
    const marks = line.marks.filter((mark) => !gone.includes(mark.id));
    const { square } = line;
    const inches = (value: number) => print(value, 'nearest', true);
    return (
        <>
            {square.drawn && (
                <p style={{ marginTop: 8 }} data-testid="square">
                    <Said
                        text={
                            square.taped
                                ? t('fit.square-full', {
                                      rise: inches(square.taped.rise),
                                      width: inches(square.width),
                                      degrees: square.taped.degrees,
                                      drawnRise: inches(square.drawn.rise),
                                      drawnDegrees: square.drawn.degrees,
                                  })
                                : t('fit.square-drawn', {
                                      rise: inches(square.drawn.rise),
                                      width: inches(square.width),
                                      degrees: square.drawn.degrees,
                                  })
                        }
                    />
                </p>
            )}
            {marks.length > 0 && (
                <section aria-label={t('fit.line')}>
                    <h3>{t('fit.line')}</h3>
                    {line.offset !== null && (
                        <p>
                            <Said
                                text={t('fit.offset', {
                                    off: inches(line.offset.inches),
                                    way: line.offset.way,
                                })}
                            />
                        </p>
                    )}
                    {line.farEnd !== null && (
                        <p className="finding" data-severity="settle">
                            <Said text={t('fit.far-end', { off: inches(line.farEnd) })} />
                        </p>
                    )}
                    {line.picture && <LinePicture picture={line.picture} />}
                    {marks.map((mark) => (
                        <Mark key={mark.id} mark={mark} />
                    ))}
                </section>
            )}
            {line.next.length > 0 && (
                <table className="plain" data-testid="next-cards">
                    <caption style={{ textAlign: 'left' }}>
                        <h3>{t('fit.next')}</h3>
                    </caption>
                    <thead>
                        <tr>
                            <th />
                            <th className="n">{t('fit.before')}</th>
                            <th className="n">{t('fit.after')}</th>
                        </tr>
                    </thead>
                    <tbody>
                        {line.next.flatMap((next) =>
                            (['long', 'short'] as const).map((side) => (
                                <tr key={next.id + side} data-next={next.name} data-side={side}>
                                    <th scope="row">
                                        {side === 'long' ? next.name : ''}{' '}
                                        <span className="muted">{t(`fit.${side}`)}</span>
                                    </th>
                                    <td className="n">
                                        <Len inches={next.before[side]} inchesOnly />
                                    </td>
                                    <td className="n" style={{ fontWeight: 700 }}>
                                        <Len inches={next.after[side]} inchesOnly />
                                    </td>
                                </tr>
                            )),
                        )}
                    </tbody>
                </table>
            )}
        </>
    );
}

/** One mark, how far it lies off the line, and what can be done about it. */
function Mark({ mark }: { mark: PieceMark }) {
    const { t } = useTranslation();
    const { correct } = useFacts();
    const print = useJobTape();
    const off = { off: print(Math.abs(mark.miss), 'nearest', true), way: mark.way };
    const lies = mark.apart
        ? t('fit.kept-apart', off)
        : mark.way === 'on'
          ? t('fit.on-the-line')
          : t('fit.misses', off);
    return (
        <TakenMark
            id={mark.id}
            name={
                mark.piece === null
                    ? t('fit.mark-seam')
                    : t('fit.mark-piece', { piece: mark.piece, side: mark.side, from: mark.from })
            }
            measured={mark.measured}
            severity={mark.apart || mark.wrong ? 'settle' : 'note'}
            said={
                <>
                    <Said text={lies} /> {mark.wrong && t('fit.wrong')}
                </>
            }
            also={
                mark.apart && (
                    <button type="button" className="linkish" onClick={() => correct(mark.id, { confirmed: true })}>
                        {t('fit.confirm')}
                    </button>
                )
            }
        />
    );
}
