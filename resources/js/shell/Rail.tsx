import { useIsFetching } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from '../parts/router';
import { useTiles } from '../api/queries';
import type { Tiles } from '../contracts/slices';
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
    const job = useJob();
    const tiles = useTiles(job.id, useTurn(job)).data;
    const [looking, setLooking] = useState(false);
    return (
        <nav className="rail" aria-label={t('rail.title')}>
            {stations.map(({ key }, i) => (
                <Tile key={key} station={key} number={i + 1} here={key === here} tile={tiles?.[key]} />
            ))}
            <button type="button" className="linkish small words" onClick={() => setLooking(true)}>
                {t('glossary.open')}
            </button>
            {looking && <Glossary onClose={() => setLooking(false)} />}
        </nav>
    );
}

/** The revision it is the tiles' turn for: what the screen itself waits for comes first, a plan is worked once and read from then on. */
function useTurn({ id, revision }: { id: string; revision: number }): number | null {
    const screenWaits = useIsFetching({ queryKey: ['plan', id] }) > 0;
    const [turn, setTurn] = useState<number | null>(null);
    useEffect(() => {
        if (screenWaits) return undefined;
        // The screen asks in the same breath: a moment later one sees whether it has.
        const moment = window.setTimeout(() => setTurn(revision));
        return () => window.clearTimeout(moment);
    }, [screenWaits, revision]);
    return turn;
}

function Tile({
    station,
    number,
    here,
    tile,
}: {
    station: StationKey;
    number: number;
    here: boolean;
    tile: Tiles[StationKey] | undefined;
}) {
    const { t } = useTranslation();
    const job = useJob();
    const link = useRef<HTMLAnchorElement>(null);
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
