import { useTranslation } from 'react-i18next';
import type { Plane, SurveyPlane } from '../../contracts/survey';
import { Len } from '../../tape/Len';
import { named, nameOf, type Name } from './quantities';

/** By how much each length misses the plane that fits them all best, the worst first. */
export function Closure({
    plane,
    survey,
    onPick,
}: {
    plane: Plane;
    survey: SurveyPlane;
    onPick: (name: Name) => void;
}) {
    const { t } = useTranslation();
    const rows = [...survey.misses]
        .sort((a, b) => Math.abs(b.inches) - Math.abs(a.inches))
        .flatMap((miss) => {
            const reading = plane.readings?.find((one) => one.id === miss.reading);
            return reading ? [{ ...miss, name: nameOf(reading), source: reading.source }] : [];
        });
    if (rows.length < 2) return null;
    return (
        <section>
            <h3>{t('closure.title')}</h3>
            <table className="plain">
                <tbody>
                    {rows.map((one) => (
                        <tr key={one.reading}>
                            <td>
                                <button type="button" className="linkish" onClick={() => onPick(one.name)}>
                                    {t('quantity', named(one.name, plane.shape))}
                                </button>{' '}
                                <span className="muted small">{t(`source.${one.source}`)}</span>
                            </td>
                            <td className={`n ${one.reading === survey.culprit ? 'stop' : ''}`}>
                                <Len inches={one.inches} signed />
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    );
}
