import { useTranslation } from 'react-i18next';
import type { SurveyPlane } from '../../contracts/survey';
import { TapeStrip, type TapeMark } from '../../tape/TapeStrip';
import { hasPlace, placeName, type Name } from './quantities';

/** Readings close up. What lies inches away (a wheel, a report) is left to the bench. */
const NEAR = 1.2;

export function SurveyTape({ survey, name }: { survey: SurveyPlane | undefined; name: Name }) {
    const { t } = useTranslation();
    const adoption = survey?.adoptions[name];
    if (!adoption || name === 'pitch') {
        return (
            <section className="tape" aria-label={t('survey.tape')}>
                <div className="tape-head">
                    <b>{t('survey.tape')}</b>
                </div>
                <p className="muted">{t('survey.tape-empty')}</p>
            </section>
        );
    }
    const near = adoption.comparisons.filter((reading) => Math.abs(reading.miss) <= NEAR);
    const marks: TapeMark[] = [];
    for (const one of near) {
        const known = marks.find((mark) => Math.abs(mark.at - one.value) < 1 / 64);
        const label = hasPlace(name, survey?.shape)
            ? t(`survey.place.${placeName(one.at)}`)
            : t(`source.${one.source}`);
        if (known) {
            known.label = known.label?.includes(label) ? known.label : `${known.label}, ${label}`;
            known.strong = known.strong || one.adopted;
            known.tone = known.strong ? 'chalk' : 'ink';
        } else {
            marks.push({ at: one.value, tone: one.adopted ? 'chalk' : 'ink', strong: one.adopted, label });
        }
    }
    const values = near.map((one) => one.value);
    return (
        <TapeStrip
            title={t('survey.tape')}
            hint={t('survey.tape-hint')}
            from={Math.floor(Math.min(...values) - 0.9)}
            to={Math.ceil(Math.max(...values) + 0.9)}
            marks={marks}
            inchesOnly
            room={1}
            focus={adoption.value}
        />
    );
}
