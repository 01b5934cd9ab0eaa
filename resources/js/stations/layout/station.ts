import type { Station } from '../Station';

export const station = {
    key: 'layout',
    screen: () => import('./LayoutStation'),
    keys: ['nudge', 'nudge-inch', 'pin', 'marks'],
    parts: {
        layout: ([face]) => (face ? { query: `face=${encodeURIComponent(face)}` } : {}),
        lineChecks: ([face]) => (face ? { query: `face=${encodeURIComponent(face)}` } : {}),
        system: () => ({}),
        catalogue: () => ({}),
    },
} as const satisfies Station;
