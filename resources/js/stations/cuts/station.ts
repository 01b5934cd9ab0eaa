import { lazy } from 'react';
import type { Station } from '../Station';

export const station = {
    key: 'cuts',
    tile: 'cuts',
    Screen: lazy(() => import('./CutsStation')),
} as const satisfies Station;
