import { useTranslation } from 'react-i18next';
import type { CardView, CutPanel } from '../../api/contract';
import { Len } from '../../tape/Len';

/** On a phone: the two lengths of a piece, left and right as the back lies, to be read at arm's length. */
export function ArmsLength({ view, back, panel }: { view: CardView; back: boolean; panel: CutPanel }) {
    const { t } = useTranslation();
    const marks = (line: 'left' | 'right') => view.marks.filter((mark) => mark.line === line && mark.kind === 'cut');
    const of = (line: 'left' | 'right', otherwise: number) => marks(line).reduce((most, mark) => Math.max(most, mark.distance), 0) || otherwise;
    const [left, right] = [of('left', view.edgeLengths[0]), of('right', view.edgeLengths[1])];
    const from = t(view.fromHead ? 'cuts.from-top' : 'cuts.from-bottom');
    return (
        <section className="arms-length" aria-label={t('cuts.two-lengths')}>
            <div><b>{panel.id}</b> <span className="muted">{t(back ? 'card.back' : 'card.face')}, {from}</span></div>
            <div className="two">
                <div><span className="muted">{t('cuts.left')}</span><b><Len inches={left} inchesOnly /></b></div>
                <div><span className="muted">{t('cuts.right')}</span><b><Len inches={right} inchesOnly /></b></div>
            </div>
        </section>
    );
}
