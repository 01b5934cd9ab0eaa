import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { planSlice } from '../../api/queries';
import type { CutsSlice } from '../../contracts/cutting';
import { useJob } from '../../job/JobContext';

/** As many cards are fetched ahead: they open at once, and for a while also without a signal. */
const AHEAD = 6;

/** Fetches the cards that are wanted next, the nearest first. */
export function useNextCards(list: CutsSlice | undefined, at: number): void {
    const client = useQueryClient();
    const { id: job, revision } = useJob();
    const next = at < 0 ? '' : (list?.panels.slice(at + 1, at + 1 + AHEAD) ?? []).map((panel) => panel.id).join(' ');
    useEffect(() => {
        let wanted = true;
        const fetchThem = async () => {
            for (const id of next.split(' ')) {
                if (wanted && id !== '') await client.prefetchQuery({ ...planSlice(job, 'piece', revision, id) });
            }
        };
        void fetchThem();
        return () => {
            wanted = false;
        };
    }, [client, job, revision, next]);
}
