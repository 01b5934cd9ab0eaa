import type { Station } from '../Station';

export const station = {
    key: 'water',
    screen: () => import('./WaterStation'),
    keys: ['drop'],
    parts: { water: () => ({}) },
} as const satisfies Station;
