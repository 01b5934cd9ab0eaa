import { useEffect, useMemo, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Navigate, useParams } from '../parts/router';
import { call, ApiError } from '../api/client';
import { useCatalogue } from '../api/queries';
import { hasEnded, onSession, thePerson } from '../api/person';
import type { KeptJob } from '../api/types';
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
    useEffect(() => {
        open?.begin();
        return () => open?.close();
    }, [open]);
    useEffect(() => onSession(() => void (hasEnded() || open?.resume())), [open]);
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
    if (!open || !catalogue.data)
        return (
            <p className="narrow muted" role="status">
                {t('loading')}
            </p>
        );
    return (
        <JobContext.Provider value={open}>
            <PickHolder>
                <GaugeHolder>
                    <OpenJob />
                </GaugeHolder>
            </PickHolder>
        </JobContext.Provider>
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
    const pending = !['saved', 'read-only', 'stale'].includes(state.state);
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
                <title>{`${t(`station.${here.key}`)} · ${state.document.name} · Imbrex`}</title>
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
