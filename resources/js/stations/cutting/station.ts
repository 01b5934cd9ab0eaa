import type { Station } from '../Station';

export const station = {
    key: 'cuts',
    screen: () => import('./CutsStation'),
    keys: ['flip', 'next'],
    searches: 'cuts',
    places: (_, slice) => (slice?.panels ?? []).map(({ id, name }) => ({ name, to: `cuts?piece=${id}` })),
    parts: { cutting: () => ({}) },
} as const satisfies Station<'cuts'>;
