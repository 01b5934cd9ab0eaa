import type { Station } from '../Station';

export const station = {
    key: 'layout',
    screen: () => import('./LayoutStation'),
    keys: ['nudge', 'nudge-inch', 'pin', 'marks'],
} as const satisfies Station;
