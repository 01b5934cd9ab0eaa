import { useIsFetching, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from '../parts/router';
import { tileOf } from '../api/queries';
import { useJob } from '../job/JobContext';
import { later } from '../parts/later';
import { useStations, type StationKey } from '../stations/stations';
import { withTerms } from '../words/i18n';

const Glossary = later(
    'glossary',
    withTerms(() => import('./Glossary')),
);

/** The stations in working order, each with where it stands. */
export function Rail({ here }: { here: StationKey }) {
    const { t } = useTranslation();
    const stations = useStations();
    const isOnTurn = useTurns();
    const [looking, setLooking] = useState(false);
    return (
        <nav className="rail" aria-label={t('rail.title')}>
            {stations.map(({ key }, i) => (
                <Tile
                    key={key}
                    station={key}
                    number={i + 1}
                    here={key === here}
                    onTurn={isOnTurn(stations[i - 1]?.key)}
                />
            ))}
            <button type="button" className="linkish small words" onClick={() => setLooking(true)}>
                {t('glossary.open')}
            </button>
            {looking && <Glossary onClose={() => setLooking(false)} />}
        </nav>
    );
}

/**
 * What the screen itself waits for comes first, then tile after tile: a plan is worked once and read from then on, and
 * the cheap ones, which come first, wait for no dear one.
 */
function useTurns(): (before: StationKey | undefined) => boolean {
    const job = useJob();
    const client = useQueryClient();
    const screenWaits = useIsFetching({ queryKey: ['plan', job.id] }) > 0;
    // Looked at anew whenever a tile has come.
    useIsFetching({ queryKey: ['tile', job.id] });
    return (before) => {
        if (screenWaits) return false;
        if (before === undefined) return true;
        const state = client.getQueryState(tileOf(job.id, before, job.revision).queryKey);
        return state !== undefined && state.status !== 'pending';
    };
}

function Tile({
    station,
    number,
    here,
    onTurn,
}: {
    station: StationKey;
    number: number;
    here: boolean;
    onTurn: boolean;
}) {
    const { t } = useTranslation();
    const job = useJob();
    const link = useRef<HTMLAnchorElement>(null);
    const tile = useQuery({ ...tileOf(job.id, station, job.revision), enabled: onTurn }).data;
    useEffect(() => {
        // Anew when its words have come, and with them its width.
        if (here) link.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
    }, [here, tile]);
    return (
        <Link
            ref={link}
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
