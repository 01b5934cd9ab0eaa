import type { Station } from '../Station';

export const station = {
    key: 'water',
    screen: () => import('./WaterStation'),
    keys: ['drop'],
} as const satisfies Station;
