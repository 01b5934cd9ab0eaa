import { figure } from '../../words/figures';
import { useTranslation } from 'react-i18next';
import type { Plane, SurveyPlane } from '../../contracts/survey';
import { Len } from '../../tape/Len';

/** Skew, run-out and where it can hide; and a 3-4-5 as large as the plane allows. */
export function Squareness({ survey, plane }: { survey: SurveyPlane; plane: Plane }) {
    const { t } = useTranslation();
    const { squareness, triangle } = survey;
    return (
        <section>
            <h2>{t('square.title')}</h2>
            {squareness ? (
                <table className="plain">
                    <tbody>
                        <tr>
                            <th scope="row">{t('square.skew')}</th>
                            <td className="n">
                                {t('square.degrees', { degrees: figure(Math.abs(squareness.skewDegrees), 2) })}
                            </td>
                        </tr>
                        <tr>
                            <th scope="row">{t('square.run-out')}</th>
                            <td className="n">
                                <Len inches={Math.abs(squareness.runOut)} />
                            </td>
                        </tr>
                        <tr>
                            <th scope="row">{t('square.per-foot')}</th>
                            <td className="n">
                                {t('square.thousandths', { inches: figure(Math.abs(squareness.perFoot), 3) })}
                            </td>
                        </tr>
                        <tr>
                            <th scope="row">{t('square.left')}</th>
                            <td className="n">
                                <Len inches={Math.abs(squareness.left)} />{' '}
                                {t(squareness.left >= 0 ? 'square.to-right' : 'square.to-left')}
                            </td>
                        </tr>
                        <tr>
                            <th scope="row">{t('square.right')}</th>
                            <td className="n">
                                <Len inches={Math.abs(squareness.right)} />{' '}
                                {t(squareness.right >= 0 ? 'square.to-right' : 'square.to-left')}
                            </td>
                        </tr>
                        <tr>
                            <th scope="row">{t('square.hidden')}</th>
                            <td className={`n ${squareness.hidden ? 'good' : 'stop'}`}>
                                {t(squareness.hidden ? 'square.under-rake' : 'square.tapered')}
                            </td>
                        </tr>
                    </tbody>
                </table>
            ) : (
                <p className="muted">{t('square.unknown')}</p>
            )}
            {survey.misses.length > 1 && <Closure survey={survey} plane={plane} />}
            {triangle && (
                <p className="muted" style={{ marginTop: 8 }}>
                    {t('square.triangle')} <Len inches={triangle.alongEave} /> {t('square.along')},{' '}
                    <Len inches={triangle.upRake} /> {t('square.up')}, <Len inches={triangle.across} />{' '}
                    {t('square.across')}
                </p>
            )}
        </section>
    );
}

/** By how much every length misses the plane the best readings close to. */
function Closure({ survey, plane }: { survey: SurveyPlane; plane: Plane }) {
    const { t } = useTranslation();
    const readings = new Map((plane.readings ?? []).map((reading) => [reading.id, reading]));
    return (
        <details style={{ marginTop: 8 }}>
            <summary className="linkish">{t('square.closure')}</summary>
            <table className="plain">
                <tbody>
                    {survey.misses.map(({ reading: id, inches }) => {
                        const reading = readings.get(id);
                        return (
                            reading && (
                                <tr key={id}>
                                    <th scope="row">
                                        {t('quantity', { quantity: reading.quantity })}{' '}
                                        <span className="muted small">{t(`source.${reading.source}`)}</span>
                                    </th>
                                    <td className={`n ${id === survey.culprit ? 'stop' : ''}`}>
                                        <Len inches={inches} signed />
                                    </td>
                                </tr>
                            )
                        );
                    })}
                </tbody>
            </table>
        </details>
    );
}
