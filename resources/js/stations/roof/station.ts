import { lazy } from 'react';
import type { Station } from '../Station';

export const station = {
    key: 'roof',
    tile: 'roof',
    Screen: lazy(() => import('./RoofStation')),
} as const satisfies Station;
