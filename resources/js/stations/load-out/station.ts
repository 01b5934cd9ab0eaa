import { lazy } from 'react';
import type { Station } from '../Station';

export const station = { key: 'load-out', Screen: lazy(() => import('./LoadOutStation')) } as const satisfies Station;
