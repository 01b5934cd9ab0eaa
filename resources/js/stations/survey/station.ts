import { lazy } from 'react';
import type { Station } from '../Station';

export const station = {
    key: 'survey',
    tile: 'survey',
    Screen: lazy(() => import('./SurveyStation')),
} as const satisfies Station;
