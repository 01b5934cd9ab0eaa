import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import type { CardView } from '../../contracts/cutting';
import { Len } from '../../tape/Len';

interface ArmsLengthProps {
    view: CardView;
    back: boolean;
    piece: string;
    steps: ReactNode;
}

/** On a phone: the two lengths of a piece, left and right as the back lies, to be read at arm's length, and the way to the next. */
export function ArmsLength({ view, back, piece, steps }: ArmsLengthProps) {
    const { t } = useTranslation();
    const from = t(view.fromHead ? 'cuts.from-top' : 'cuts.from-bottom');
    return (
        <section className="arms-length" aria-label={t('cuts.two-lengths')}>
            <div>
                <b>{piece}</b>{' '}
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
            {steps}
        </section>
    );
}
