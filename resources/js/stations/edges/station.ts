import type { Station } from '../Station';

export const station = {
    key: 'edges',
    screen: () => import('./EdgesStation'),
    keys: ['layers', 'turn'],
    parts: {
        edges: ([edge]) => (edge ? { query: `edge=${encodeURIComponent(edge)}` } : {}),
        builds: () => ({}),
        junctions: ([corner]) => ({ query: `view=corners${corner ? `&corner=${encodeURIComponent(corner)}` : ''}` }),
        metals: () => ({}),
        trims: () => ({ query: 'view=sticks' }),
    },
} as const satisfies Station;
