import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { useTranslation } from 'react-i18next';
import { StillWorking } from '../api/StillWorking';
import { fetchQuietly } from '../parts/later';
import { NotCome } from '../parts/NotCome';
import type { Station } from '../stations/Station';
import { useStations } from '../stations/stations';

/** The code of a station's screen, kept once it has come; it fails rather than waits where there is no connection. */
const codeOf = (station: Station) => ({
    queryKey: ['screen', station.key],
    queryFn: () => station.screen(),
    staleTime: Infinity,
    gcTime: Infinity,
    networkMode: 'always' as const,
});

/** What is not wanted yet keeps nobody waiting who has only just come. */
const REST_MS = 3000;

/** The screen of a station; without a connection it says what is missing and fetches it when that can be had. */
export function StationScreen({ station }: { station: Station }) {
    const { t } = useTranslation();
    const client = useQueryClient();
    const stations = useStations();
    const code = useQuery({ ...codeOf(station), retry: 1 });
    const waiting = useWaitingForNetwork(client);
    const working = usePlanAtWork(client);
    const ready = code.data !== undefined;
    useEffect(() => {
        if (!ready) return undefined;
        // One after the other, when nothing else is to be done and the screen has been looked at for a while: the next station opens without a connection, too.
        let gone = false;
        const idle = window.requestIdleCallback ?? ((then: () => void) => window.setTimeout(then, 300));
        const next = ([first, ...rest]: (() => Promise<unknown>)[]): void => {
            if (!first || gone) return;
            idle(() => void first().finally(() => next(rest)));
        };
        const rested = window.setTimeout(
            () =>
                next([
                    ...stations
                        .filter((one) => one.key !== station.key)
                        .map((one) => () => client.prefetchQuery(codeOf(one))),
                    ...fetchQuietly(client),
                ]),
            REST_MS,
        );
        return () => {
            gone = true;
            window.clearTimeout(rested);
        };
    }, [ready, client, stations, station]);
    if (code.isError)
        return (
            <main className="deck">
                <div className="finding" data-severity="settle" role="alert">
                    <p>{t('station.not-come', { station: t(`station.${station.key}`) })}</p>
                    <Button variant="outlined" onClick={() => void code.refetch()}>
                        {t('station.try-again')}
                    </Button>
                </div>
            </main>
        );
    if (!code.data)
        return (
            <main className="deck">
                <p className="muted" role="status">
                    {t('loading')}
                </p>
            </main>
        );
    const Screen = code.data.default;
    return (
        <>
            {waiting && (
                <div className="finding waiting" data-severity="settle" role="status">
                    {t('station.waits')}
                </div>
            )}
            {working && (
                <div className="finding waiting at-work" data-severity="note" role="status">
                    {working.waiting ? t('work.waiting') : t('work.plan', { done: working.done })}
                    <LinearProgress
                        variant={working.done === 0 ? 'indeterminate' : 'determinate'}
                        value={100 * working.done}
                        aria-hidden
                    />
                </div>
            )}
            <ErrorBoundary
                resetKeys={[station.key]}
                fallbackRender={({ resetErrorBoundary }) => (
                    <NotCome part="station" broken onAgain={resetErrorBoundary} />
                )}
            >
                <Screen />
            </ErrorBoundary>
        </>
    );
}

/** How far the plan is that something shown waits for; null where nothing does. */
function usePlanAtWork(client: QueryClient): StillWorking | null {
    const cache = client.getQueryCache();
    return useSyncExternalStore(
        (changed) => cache.subscribe(changed),
        () => {
            const reasons = cache
                .findAll({ type: 'active', fetchStatus: 'fetching' })
                .map(({ state }) => state.fetchFailureReason);
            return (reasons.find((reason) => reason instanceof StillWorking) as StillWorking | undefined) ?? null;
        },
    );
}

/** Whether something that is shown waits for a connection and was never here before. */
function useWaitingForNetwork(client: QueryClient): boolean {
    const cache = client.getQueryCache();
    return useSyncExternalStore(
        (changed) => cache.subscribe(changed),
        () =>
            cache
                .findAll({ type: 'active' })
                .some(({ state }) => state.fetchStatus === 'paused' && state.data === undefined),
    );
}
