import { useQueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { useFacts } from '../job/FactContext';
import { useJob } from '../job/JobContext';

/** Entries whose numbers have come, and those nobody makes. */
const FOLLOWED = ['saved', 'read-only', 'stale'];

/** Whether what is shown is of a plan before the newest entry: it is not saved yet, or its numbers have not come. */
export function useOldNumbers(): boolean {
    const cache = useQueryClient().getQueryCache();
    const isSaved = FOLLOWED.includes(useJob().state);
    const isComing = useSyncExternalStore(
        (changed) => cache.subscribe(changed),
        () =>
            cache
                .findAll({ type: 'active', queryKey: ['plan'] })
                .some(({ state }) => state.data === undefined && state.status === 'pending'),
    );
    // A piece that is cut changes no number; a mark that was taped does, until the plan knows it.
    const isTold = !useFacts().told.some((fact) => fact.kind !== 'cut');
    return !isSaved || isComing || !isTold;
}
