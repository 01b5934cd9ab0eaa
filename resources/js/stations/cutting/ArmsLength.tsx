import { useTranslation } from 'react-i18next';
import type { CardView, CutPanel } from '../../contracts/cutting';
import { Len } from '../../tape/Len';

/** On a phone: the two lengths of a piece, left and right as the back lies, to be read at arm's length. */
export function ArmsLength({ view, back, panel }: { view: CardView; back: boolean; panel: CutPanel }) {
    const { t } = useTranslation();
    const from = t(view.fromHead ? 'cuts.from-top' : 'cuts.from-bottom');
    return (
        <section className="arms-length" aria-label={t('cuts.two-lengths')}>
            <div>
                <b>{panel.id}</b>{' '}
                <span className="muted">
                    {t(back ? 'card.back' : 'card.face')}, {from}
                </span>
            </div>
            {view.lengths === null ? (
                <p>{t('cuts.not-two-lengths')}</p>
            ) : (
                <div className="two">
                    <div>
                        <span className="muted">{t('cuts.left')}</span>
                        <b>
                            <Len inches={view.lengths.left} inchesOnly />
                        </b>
                    </div>
                    <div>
                        <span className="muted">{t('cuts.right')}</span>
                        <b>
                            <Len inches={view.lengths.right} inchesOnly />
                        </b>
                    </div>
                </div>
            )}
        </section>
    );
}
