import type { Station } from '../Station';

export const station = {
    key: 'edges',
    screen: () => import('./EdgesStation'),
    keys: ['layers', 'turn'],
} as const satisfies Station;
