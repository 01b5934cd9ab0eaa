import { createContext, useContext, useSyncExternalStore } from 'react';
import type { JobDocument } from '../contracts/job';
import type { Division } from '../tape/printTape';
import type { Units } from '../tape/readTape';
import type { JobSession, SessionView } from './JobSession';

export const JobContext = createContext<JobSession | null>(null);

export interface JobState extends SessionView {
    id: string;
    session: JobSession;
    mayChange: boolean;
    archived: boolean;
    edit: (change: (document: JobDocument) => JobDocument) => void;
    division: Division;
    units: Units;
}

/** The job that is open: its document, how it is saved, and the one way to change it. */
export function useJob(): JobState {
    const session = useContext(JobContext);
    if (!session) throw new Error('useJob outside of a job');
    const view = useSyncExternalStore(session.subscribe, session.current);
    return {
        ...view,
        id: session.job,
        session,
        mayChange: session.mayChange,
        archived: session.archived,
        edit: (change) => session.edit(change),
        division:
            (view.document.rules?.['tape.division'] as Division | undefined) ??
            (view.document.units === 'metric' ? 'mm' : '1/16'),
        units: view.document.units ?? 'imperial',
    };
}
