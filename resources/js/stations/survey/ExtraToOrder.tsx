import { useTranslation } from 'react-i18next';
import type { SurveyPlane } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { setRule } from '../../job/edits';
import { Len, Said } from '../../tape/Len';

/** The schools of how much longer to order, side by side with the money at stake. */
export function ExtraToOrder({ survey }: { survey: SurveyPlane }) {
    const { t } = useTranslation();
    const { edit, mayChange } = useJob();
    if (survey.extras.length === 0) return null;
    return (
        <section>
            <h2>{t('extra.title')}</h2>
            {survey.extras.map((extra) => (
                <button
                    key={extra.school}
                    type="button"
                    className="card"
                    aria-pressed={extra.chosen}
                    disabled={!mayChange}
                    onClick={() => edit((d) => setRule(d, 'order.school', extra.school))}
                >
                    <span className="row">
                        <span>{t(`extra.${extra.school}`)}</span>
                        <span className="nowrap">
                            + <Len inches={extra.extra} round="up" />
                        </span>
                    </span>
                    {extra.inAll && (
                        <p>
                            <Said text={extra.inAll} />
                        </p>
                    )}
                    <p>{t('extra.stake', { metal: extra.metalMoney, risk: extra.riskMoney })}</p>
                </button>
            ))}
        </section>
    );
}
