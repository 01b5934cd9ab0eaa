import type { Station } from '../Station';

export const station = {
    key: 'openings',
    screen: () => import('./OpeningsStation'),
    searches: 'openings',
    places: (_, slice) =>
        (slice?.openings ?? []).map((one) => ({
            name: `${one.name} · ${one.faceName}`,
            to: `openings?opening=${one.id}`,
        })),
} as const satisfies Station<'openings'>;
