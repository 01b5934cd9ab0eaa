/** Notes of the crew, pinned to a step, a kind of edge or a profile. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './client';

export interface Tip {
    id: number;
    /** step:cuts, edge:valley, profile:snap-lock-1.5-16 */
    place: string;
    text: string;
    /** On printed cards, too. */
    inPrint: boolean;
    author: string;
}

export function useTips() {
    const client = useQueryClient();
    const tips = useQuery({
        queryKey: ['tips'],
        queryFn: () => call<Tip[]>('GET', 'crew/tips'),
        staleTime: 60_000,
    });
    const again = () => client.invalidateQueries({ queryKey: ['tips'] });
    return {
        tips: tips.data ?? [],
        pin: (tip: Pick<Tip, 'place' | 'text' | 'inPrint'>) => call<Tip>('POST', 'crew/tips', tip).then(again),
        takeDown: (id: number) => call<null>('DELETE', `crew/tips/${id}`).then(again),
    };
}
