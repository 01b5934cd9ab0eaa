import { lazy } from 'react';
import type { Station } from '../Station';

export const station = {
    key: 'load-out',
    tile: 'loadOut',
    Screen: lazy(() => import('./LoadOutStation')),
} as const satisfies Station;
