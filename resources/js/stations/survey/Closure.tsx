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
            const reading = plane.readings?.find((reading) => reading.id === miss.reading);
            return reading ? [{ ...miss, name: nameOf(reading), source: reading.source }] : [];
        });
    if (rows.length < 2) return null;
    return (
        <section>
            <h2>{t('closure.title')}</h2>
            <table className="plain">
                <tbody>
                    {rows.map((row) => (
                        <tr key={row.reading}>
                            <th scope="row">
                                <button type="button" className="linkish" onClick={() => onPick(row.name)}>
                                    {t('quantity', named(row.name, plane.shape))}
                                </button>{' '}
                                <span className="muted small">{t(`source.${row.source}`)}</span>
                            </th>
                            <td className={`n ${row.reading === survey.culprit ? 'stop' : ''}`}>
                                <Len inches={row.inches} signed />
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    );
}
