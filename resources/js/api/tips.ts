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

/** Where notes that act on a step are pinned: the step, its profile, each kind of edge in it once. */
export function tipPlaces(step: string, edges: string[] = [], profile?: string) {
    return [
        `step:${step}`,
        ...(profile === undefined ? [] : [`profile:${profile}`]),
        ...[...new Set(edges)].map((edge) => `edge:${edge}`),
    ];
}

/** What a place is, and which. */
export function readTipPlace(place: string) {
    const colon = place.indexOf(':');
    return { on: place.slice(0, colon), which: place.slice(colon + 1) };
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
