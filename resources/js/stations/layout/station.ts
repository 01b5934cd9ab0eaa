import { lazy } from 'react';
import type { Station } from '../Station';

export const station = {
    key: 'layout',
    Screen: lazy(() => import('./LayoutStation')),
    keys: ['nudge', 'nudge-inch', 'pin', 'marks'],
} as const satisfies Station;
