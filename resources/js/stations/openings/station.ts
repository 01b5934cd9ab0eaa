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
    parts: { openings: ([opening]) => (opening ? { query: `opening=${encodeURIComponent(opening)}` } : {}) },
} as const satisfies Station<'openings'>;
