import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './client';
import { setPerson } from './person';
import type { Profile } from '../contracts/job';
import type { JobCard } from '../contracts/plan';
import type { Slices, Tiles } from '../contracts/slices';
import type { CatalogueState, JobSummary, Revision, SessionState } from './types';

export function useSession() {
    return useQuery({
        queryKey: ['session'],
        queryFn: async () => {
            const session = await call<SessionState>('GET', 'session');
            setPerson(session.user?.id ?? null);
            return session;
        },
        staleTime: Infinity,
    });
}

/** Ends the session here or everywhere, and forgets all that was read in it. */
export function useSignOut() {
    const client = useQueryClient();
    return useMutation({
        mutationFn: (everywhere: boolean) => call<null>('DELETE', everywhere ? 'sessions' : 'session'),
        onSuccess: () => {
            client.clear();
            // Nothing on this page is anybody's any more.
            setPerson(null);
            window.location.assign('/sign-in');
        },
    });
}

export function useJobs() {
    return useQuery({ queryKey: ['jobs'], queryFn: () => call<JobSummary[]>('GET', 'jobs') });
}

let cardBefore: Promise<unknown> = Promise.resolve();

/** A job at a glance. One after the other: each is a whole plan, and whoever leaves the page waits for none of them. */
export function useJobCard({ id: job, revision, card }: JobSummary, wanted: boolean) {
    return useQuery({
        queryKey: ['card', job, revision],
        queryFn: ({ signal }) => {
            const mine = cardBefore.then(() => {
                signal.throwIfAborted();
                return call<JobCard>('GET', `jobs/${job}/card?revision=${revision}`);
            });
            cardBefore = mine.catch(() => undefined);
            return mine;
        },
        enabled: wanted,
        staleTime: Infinity,
        placeholderData: card ?? undefined,
    });
}

export function useCatalogue() {
    return useQuery({
        queryKey: ['catalogue'],
        queryFn: () => call<CatalogueState>('GET', 'catalogue'),
        staleTime: Infinity,
    });
}

export function useCrewProfiles() {
    return useQuery({
        queryKey: ['crew-profiles'],
        queryFn: () =>
            call<{ id: number; definition: Profile; section: [number, number][]; outToOut: number }[]>(
                'GET',
                'crew/profiles',
            ),
    });
}

export function useRevisions(job: string, newest: number, open: boolean) {
    return useQuery({
        queryKey: ['revisions', job, newest],
        queryFn: () => call<Revision[]>('GET', `jobs/${job}/revisions`),
        enabled: open,
    });
}

/** Which plan is the newest, asked again every few seconds while the page is looked at. */
export function useNewest(job: string, wanted: boolean) {
    return useQuery({
        queryKey: ['newest', job],
        queryFn: () => call<Revision>('GET', `jobs/${job}/newest`),
        enabled: wanted,
        refetchInterval: 3000,
        refetchOnWindowFocus: true,
        staleTime: 0,
        retry: false,
    });
}

/** What holds today and is not in the job. */
export interface Today {
    /** How warm the metal is, °F; null where nobody has measured it. */
    metalF: number | null;
}

/** One station's slice of the plan of a saved revision. The slice before stays on screen until the new one is here. */
export function usePlanSlice<K extends keyof Slices>(
    job: string,
    station: K,
    revision: number,
    pick?: string | null,
    enabled = true,
    today?: Today,
) {
    return useQuery({ ...planSlice(job, station, revision, pick, today), placeholderData: keepPreviousData, enabled });
}

/** The same, for whoever asks for several at once. */
export function planSlice<K extends keyof Slices>(
    job: string,
    station: K,
    revision: number,
    pick?: string | null,
    today?: Today,
) {
    const metal = today?.metalF ?? null;
    const query = (pick ? `&pick=${encodeURIComponent(pick)}` : '') + (metal === null ? '' : `&metal=${metal}`);
    return {
        queryKey: ['plan', job, station, revision, pick ?? null, ...(metal === null ? [] : [metal])],
        queryFn: () => call<Slices[K]>('GET', `jobs/${job}/plan/${station}?revision=${revision}${query}`),
        staleTime: Infinity,
        gcTime: 60_000,
    };
}

/** How far each station is in a saved revision. Those before stay until the new ones are here. */
export function useTiles(job: string, revision: number | null) {
    return useQuery({
        queryKey: ['tiles', job, revision],
        queryFn: () => call<Partial<Tiles>>('GET', `jobs/${job}/tiles?revision=${revision}`),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
        gcTime: 60_000,
        enabled: revision !== null,
    });
}

/** The files a job can be had in, by name, in the order of work; asked for when somebody wants to see them. */
export function useFiles(job: string, revision: number, wanted: boolean) {
    return useQuery({
        queryKey: ['files', job, revision],
        queryFn: () => call<string[]>('GET', `jobs/${job}/files`),
        staleTime: Infinity,
        enabled: wanted,
        placeholderData: keepPreviousData,
    });
}
