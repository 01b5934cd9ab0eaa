import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { usePlanSlice } from '../api/queries';
import { useJob } from '../job/JobContext';
import { STATIONS, type StationKey } from '../stations/stations';

/** The stations in working order, each with where it stands. */
export function Rail({ here }: { here: StationKey }) {
    const { t } = useTranslation();
    const job = useJob();
    const overview = usePlanSlice(job.id, 'overview', job.revision);
    return (
        <nav className="rail" aria-label={t('rail.title')}>
            {STATIONS.map(({ key, tile }, i) => {
                const state = overview.data?.[tile];
                return (
                    <Link
                        key={key}
                        className="tile"
                        to={`/jobs/${job.id}/${key}`}
                        aria-current={key === here ? 'page' : undefined}
                        data-state={state?.state ?? 'not-begun'}
                        title={`${i + 1}`}
                    >
                        <b>{t(`station.${key}`)}</b>
                        <span className="state">
                            {state
                                ? t(
                                      state.state === 'done'
                                          ? `tile.${key}`
                                          : key === 'load-out' && state.state === 'to-settle'
                                            ? 'tile.state.blocked'
                                            : `tile.state.${state.state}`,
                                      { readings: 0, faces: 0, edges: 0, pieces: 0, lines: 0, ...state },
                                  )
                                : '—'}
                        </span>
                        <span className="dot" aria-hidden="true" />
                    </Link>
                );
            })}
        </nav>
    );
}
