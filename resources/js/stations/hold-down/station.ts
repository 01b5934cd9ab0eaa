import type { Station } from '../Station';

export const station = {
    key: 'hold-down',
    screen: () => import('./HoldDownStation'),
    keys: ['seams'],
    parts: {
        holdDown: ([list, face]) => (list === 'faces' && face ? { query: `face=${encodeURIComponent(face)}` } : {}),
        wind: () => ({}),
        snow: () => ({}),
        temperatures: () => ({}),
    },
} as const satisfies Station;
