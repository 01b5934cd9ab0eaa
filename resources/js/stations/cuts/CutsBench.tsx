import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { CardMark, CardView, CutPanel, PlanFinding } from '../../api/contract';
import { Findings } from '../../bench/Findings';
import { Len } from '../../tape/Len';

interface CutsBenchProps {
    view: CardView;
    back: boolean;
    panel: CutPanel;
    concealed: boolean;
    findings: PlanFinding[];
    onFlip: () => void;
    onNext: (() => void) | null;
}

const LINES: CardMark['line'][] = ['left', 'right', 'across-foot', 'across-head'];

/** The steps of marking out, in running distances. */
export function CutsBench({ view, back, panel, concealed, findings, onFlip, onNext }: CutsBenchProps) {
    const { t } = useTranslation();
    const same = (a: CardMark['line'], b: CardMark['line']) => {
        const key = (line: CardMark['line']) => view.marks.filter((mark) => mark.line === line).map((mark) => `${mark.name} ${mark.distance.toFixed(4)}`).join();
        return key(a) === key(b);
    };
    const bothEdges = same('left', 'right');
    const bothEnds = same('across-foot', 'across-head');
    const lines = LINES.filter((line) => view.marks.some((mark) => mark.line === line) && !(line === 'right' && bothEdges) && !(line === 'across-head' && bothEnds));
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h2>{t('cuts.mark-out', { piece: panel.id })}</h2>
            <p className="muted">{t(panel.rip === null ? 'cuts.how-square' : 'cuts.how-rip')}</p>
            <p style={{ marginTop: 8 }}>
                {t('cuts.length')} <b style={{ fontSize: 22 }}><Len inches={panel.long} inchesOnly /></b> · {t('cuts.ordered-at')} <b><Len inches={panel.orderLength} inchesOnly round="up" /></b>
            </p>
            {lines.map((line) => (
                <section key={line}>
                    <h3>{t(line === 'left' && bothEdges ? 'cuts.both-edges' : line === 'across-foot' && bothEnds ? (view.hookedRight ? 'cuts.across-from-right' : 'cuts.across-from-left') : `mark.line.${line}`)}</h3>
                    <table className="plain" data-line={line}>
                        <tbody>
                            {view.marks.filter((mark) => mark.line === line).map((mark, i) => (
                                <tr key={i}>
                                    <td>{i + 1} {t(`mark.${mark.name}`)}</td>
                                    <td className="n" style={{ fontSize: 17, fontWeight: 650 }}><Len inches={mark.distance} inchesOnly /></td>
                                    <td className={`n small ${mark.kind === 'bend' ? '' : 'chalk-text'}`}>{t(`mark.kind.${mark.kind}`)}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </section>
            ))}
            {concealed && panel.rip !== null && <div className="finding" data-severity="note" style={{ marginTop: 12 }}>{t('cuts.leg-goes')}</div>}
            <div className="rowed" style={{ marginTop: 14 }}>
                {onNext && <Button variant="contained" onClick={onNext}>{t('cuts.next')}</Button>}
                <Button variant="outlined" color="inherit" onClick={onFlip}>{t(back ? 'cuts.flip-to-face' : 'cuts.flip-to-back')}&nbsp;<kbd>f</kbd></Button>
            </div>
            <Findings findings={findings} />
            <h3>{t('mind')}</h3>
            <p className="caution">{t('caution.cutting')}</p>
        </aside>
    );
}
