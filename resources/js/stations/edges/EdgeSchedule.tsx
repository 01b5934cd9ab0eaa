import { useTranslation } from 'react-i18next';
import type { EdgesSlice } from '../../contracts/edges';
import { Schedule } from '../../kit/Schedule';
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
            <Schedule
                label={t('edges.view.schedule')}
                rows={slice.edges}
                keyOf={(edge) => edge.id}
                picked={(edge) => edge.id === picked}
                onPick={(edge) => onPick(edge.id)}
                mark={(edge) => ({ 'data-edge-row': edge.id })}
                columns={[
                    { name: t('edges.column.edge'), cell: (edge) => edge.name },
                    { name: t('edges.column.length'), figures: true, cell: (edge) => <Len inches={edge.length} /> },
                    { name: t('edges.column.build'), cell: (edge) => edge.build },
                    { name: t('edges.column.layers'), figures: true, cell: (edge) => edge.layers },
                    {
                        name: t('edges.column.fasteners'),
                        figures: true,
                        cell: (edge) => (edge.fasteners > 0 ? edge.fasteners : t('edges.at-ribs')),
                    },
                    {
                        name: t('edges.column.water'),
                        cell: (edge) => t(edge.sheds ? 'edges.water-ok' : 'edges.water-bad'),
                        stops: (edge) => !edge.sheds,
                    },
                ]}
            />
        </div>
    );
}
