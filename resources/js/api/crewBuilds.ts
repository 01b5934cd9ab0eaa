/** Builds the crew made of those that ship, kept for all jobs. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { OwnBuild } from '../contracts/builds';
import { call } from './client';

export interface CrewBuild {
    id: number;
    /** Kind of edge it is for, and what panels it can hold. */
    edge: string;
    fixings: string[];
    definition: OwnBuild;
}

export function useCrewBuilds() {
    const client = useQueryClient();
    const builds = useQuery({
        queryKey: ['crew-builds'],
        queryFn: () => call<CrewBuild[]>('GET', 'crew/builds'),
        staleTime: 60_000,
    });
    const again = () => client.invalidateQueries({ queryKey: ['crew-builds'] });
    return {
        builds: builds.data ?? [],
        /** Kept under its title; once more is its next version. */
        keep: async (build: Partial<OwnBuild>) => {
            const kept = await call<CrewBuild>('POST', 'crew/builds', build);
            await again();
            return kept.definition;
        },
        takeDown: (id: number) => call<null>('DELETE', `crew/builds/${id}`).then(again),
    };
}
