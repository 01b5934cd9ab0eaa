import type { Station } from '../Station';

export const station = { key: 'load-out', screen: () => import('./LoadOutStation') } as const satisfies Station;
