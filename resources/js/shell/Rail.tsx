import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { useTile } from '../api/queries';
import { useJob } from '../job/JobContext';
import { useStations, type StationKey } from '../stations/stations';

/** The stations in working order, each with where it stands. */
export function Rail({ here }: { here: StationKey }) {
    const { t } = useTranslation();
    return (
        <nav className="rail" aria-label={t('rail.title')}>
            {useStations().map(({ key }, i) => (
                <Tile key={key} station={key} number={i + 1} here={key === here} />
            ))}
        </nav>
    );
}

/** Each asks for its own: a cheap one does not wait for a dear one. */
function Tile({ station, number, here }: { station: StationKey; number: number; here: boolean }) {
    const { t } = useTranslation();
    const job = useJob();
    const tile = useTile(job.id, station, job.revision).data;
    return (
        <Link
            className="tile"
            to={`/jobs/${job.id}/${station}`}
            aria-current={here ? 'page' : undefined}
            data-state={tile?.state ?? 'not-begun'}
            title={`${number}`}
        >
            <b>{t(`station.${station}`)}</b>
            <span className="state">
                {tile ? t(tile.state === 'done' ? `tile.${station}` : `tile.state.${tile.state}`, { ...tile }) : '—'}
            </span>
            <span className="dot" aria-hidden="true" />
        </Link>
    );
}
