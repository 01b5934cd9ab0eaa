import { lazy } from 'react';
import type { Station } from '../Station';

export const station = {
    key: 'layout',
    tile: 'layout',
    Screen: lazy(() => import('./LayoutStation')),
} as const satisfies Station;
