import { useTranslation } from 'react-i18next';
import type { EdgesSlice } from '../../contracts/edges';
import { Findings } from '../../bench/Findings';
import { Len } from '../../tape/Len';

interface EdgeScheduleProps {
    slice: EdgesSlice;
    picked: string | null;
    onPick: (edge: string) => void;
}

/** Every edge with its build, in a table. */
export function EdgeSchedule({ slice, picked, onPick }: EdgeScheduleProps) {
    const { t } = useTranslation();
    return (
        <div className="wide" style={{ overflowY: 'auto', marginTop: 10 }}>
            <Findings findings={slice.findings} />
            <table className="plain" aria-label={t('edges.view.schedule')}>
                <thead>
                    <tr>
                        <th>{t('edges.column.edge')}</th>
                        <th className="n">{t('edges.column.length')}</th>
                        <th>{t('edges.column.build')}</th>
                        <th className="n">{t('edges.column.layers')}</th>
                        <th className="n">{t('edges.column.fasteners')}</th>
                        <th>{t('edges.column.water')}</th>
                    </tr>
                </thead>
                <tbody>
                    {slice.edges.map((edge) => (
                        <tr
                            key={edge.id}
                            className="pick"
                            data-edge-row={edge.id}
                            aria-selected={edge.id === picked}
                            onClick={() => onPick(edge.id)}
                        >
                            <th scope="row">
                                <button type="button" className="linkish" style={{ color: 'inherit' }}>
                                    {edge.name}
                                </button>
                            </th>
                            <td className="n">
                                <Len inches={edge.length} />
                            </td>
                            <td>{edge.build}</td>
                            <td className="n">{edge.layers}</td>
                            <td className="n">{edge.fasteners > 0 ? edge.fasteners : t('edges.at-ribs')}</td>
                            <td className={edge.sheds ? undefined : 'stop'}>
                                {t(edge.sheds ? 'edges.water-ok' : 'edges.water-bad')}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
