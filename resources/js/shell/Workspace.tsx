import { beside } from '../words/lists';
import { useEffect, useMemo, useState } from 'react';
import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Navigate, useParams } from '../parts/router';
import { call, ApiError } from '../api/client';
import { useCatalogue } from '../api/queries';
import { hasEnded, onSession, thePerson } from '../api/person';
import type { KeptJob } from '../api/types';
import { FactContext, useFacts } from '../job/FactContext';
import { FactSession } from '../job/FactSession';
import { JobContext, useJob } from '../job/JobContext';
import { PickHolder } from '../job/PickContext';
import { JobSession } from '../job/JobSession';
import { GaugeHolder } from '../readings/useGauge';
import { DivisionContext } from '../tape/JobTape';
import { StaleDialog } from './StaleDialog';
import { Rail } from './Rail';
import { Shortcuts } from './Shortcuts';
import { SkipLinks } from './SkipLinks';
import { StationScreen } from './StationScreen';
import { useOldNumbers } from './useOldNumbers';
import { useStations } from '../stations/stations';
import { TopBar } from './TopBar';
import { Making } from '../bench/Making';
import { Notices } from './Notices';

/** One open job. */
export default function Workspace() {
    const { job = '' } = useParams();
    const { t } = useTranslation();
    // Together with the job: without a connection it would not come any more.
    const catalogue = useCatalogue();
    const kept = useQuery({
        queryKey: ['job', job],
        queryFn: () => call<KeptJob>('GET', `jobs/${job}`),
        staleTime: Infinity,
        gcTime: 0,
        refetchOnReconnect: false,
        retry: (n, error) => !(error instanceof ApiError) && n < 2,
    });
    const open = useMemo(
        () => (kept.data ? new JobSession(job, kept.data, kept.data.mayChange) : null),
        [job, kept.data],
    );
    const client = useQueryClient();
    const facts = useMemo(
        () => (kept.data ? new FactSession(job, kept.data.facts, kept.data.mayTell, () => askAnew(client, job)) : null),
        [job, kept.data, client],
    );
    useEffect(() => {
        open?.begin();
        facts?.begin();
        return () => {
            open?.close();
            facts?.close();
        };
    }, [open, facts]);
    useEffect(
        () =>
            onSession(() => {
                if (hasEnded()) return;
                open?.resume();
                facts?.resume();
            }),
        [open, facts],
    );
    if (kept.isError || catalogue.isError) {
        return (
            <main className="narrow stack">
                <h1>
                    {t(
                        kept.error instanceof ApiError && kept.error.status === 404
                            ? 'job.not-here'
                            : 'job.not-reached',
                    )}
                </h1>
                <a href="/jobs">{t('job.back-to-jobs')}</a>
            </main>
        );
    }
    if (!open || !facts || !catalogue.data)
        return (
            <p className="narrow muted" role="status">
                {t('loading')}
            </p>
        );
    return (
        <JobContext.Provider value={open}>
            <FactContext.Provider value={facts}>
                <PickHolder>
                    <GaugeHolder>
                        <OpenJob />
                    </GaugeHolder>
                </PickHolder>
            </FactContext.Provider>
        </JobContext.Provider>
    );
}

/** What the plan knows of by now is shown as it was until the answer is here: nothing jumps. */
function askAnew(client: QueryClient, job: string): Promise<unknown> {
    return Promise.all(
        ['plan', 'tiles', 'orders', 'card'].map((what) =>
            client.invalidateQueries({ queryKey: [what, job] }, { throwOnError: true }),
        ),
    );
}

function OpenJob() {
    const { t } = useTranslation();
    const { station, job } = useParams();
    const state = useJob();
    const [leaving] = useState(() => (event: BeforeUnloadEvent) => {
        // Whoever signed out was asked.
        if (thePerson() !== null) event.preventDefault();
    });
    const facts = useFacts();
    const pending = !['saved', 'read-only', 'stale'].includes(state.state) || facts.waiting > 0;
    useEffect(() => {
        if (!pending) return undefined;
        window.addEventListener('beforeunload', leaving);
        return () => window.removeEventListener('beforeunload', leaving);
    }, [pending, leaving]);
    const stations = useStations();
    const old = useOldNumbers();
    const here = stations.find((one) => one.key === station);
    if (!here) return <Navigate to={`/jobs/${job}/survey`} replace />;
    return (
        <DivisionContext.Provider value={state.division}>
            <div className="workspace" data-old={old || undefined}>
                <SkipLinks />
                {old && (
                    <span className="old-numbers" role="status">
                        {t('work.old')}
                    </span>
                )}
                <title>{beside(t, [t(`station.${here.key}`), state.document.name, 'Imbrex'])}</title>
                <Making>
                    <TopBar />
                    <Notices />
                    <Rail here={here.key} />
                    <StationScreen station={here} />
                </Making>
            </div>
            <Shortcuts />
            <StaleDialog />
        </DivisionContext.Provider>
    );
}
