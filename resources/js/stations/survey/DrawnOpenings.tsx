import { useTranslation } from 'react-i18next';
import type { Plane } from '../../contracts/survey';
import { Choice } from '../../bench/Choice';
import type { Opening } from '../../job/openingEdits';
import { Len } from '../../tape/Len';
import { OneOf } from './bringing';

interface DrawnOpeningsProps {
    openings: Opening[];
    planes: Plane[];
    without: string[];
    onWithout: (ids: string[]) => void;
    onKind: (id: string, kind: Opening['kind']) => void;
}

/** What an outline may be; a circle is a pipe. */
const KINDS: Opening['kind'][] = ['curb', 'chimney', 'skylight', 'vent'];

/** What comes through the drawn faces, to be ticked. */
export function DrawnOpenings({ openings, planes, without, onWithout, onKind }: DrawnOpeningsProps) {
    const { t } = useTranslation();
    if (openings.length === 0) return null;
    return (
        <section>
            <h2>{t('bring.through')}</h2>
            <table className="plain">
                <tbody>
                    {openings.map((one) => {
                        return (
                            <tr key={one.id} data-brought={one.id}>
                                <th scope="row">
                                    <OneOf
                                        id={one.id}
                                        name={one.name ?? one.id}
                                        without={without}
                                        onWithout={onWithout}
                                    />
                                </th>
                                <td>
                                    {KINDS.includes(one.kind) && (
                                        <Choice
                                            label={t('bring.kind', { name: one.name ?? one.id })}
                                            value={one.kind}
                                            options={KINDS.map((value) => ({
                                                value,
                                                name: t('bring.kind-name', { kind: value }),
                                            }))}
                                            onChange={(kind) => kind && onKind(one.id, kind)}
                                        />
                                    )}
                                </td>
                                <td className="muted">{planes.find((plane) => plane.id === one.face)?.name}</td>
                                <td className="n muted">
                                    {one.diameter !== undefined ? (
                                        <>
                                            ⌀ <Len inches={one.diameter} />
                                        </>
                                    ) : one.width !== undefined && one.height !== undefined ? (
                                        <>
                                            <Len inches={one.width} /> × <Len inches={one.height} />
                                        </>
                                    ) : (
                                        t('bring.corners', { corners: one.outline?.length ?? 0 })
                                    )}
                                </td>
                            </tr>
                        );
                    })}
                </tbody>
            </table>
            <p className="muted small">{t('bring.dormer')}</p>
        </section>
    );
}
