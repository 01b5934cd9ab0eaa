import type { Station } from '../Station';

export const station = {
    key: 'hold-down',
    screen: () => import('./HoldDownStation'),
    keys: ['seams'],
} as const satisfies Station;
