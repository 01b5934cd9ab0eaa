import { lazy } from 'react';
import { planesOf } from '../../job/roofEdits';
import type { Station } from '../Station';

export const station = {
    key: 'survey',
    Screen: lazy(() => import('./SurveyStation')),
    places: (document) => planesOf(document).map(({ id, name }) => ({ name, to: `survey?plane=${id}` })),
} as const satisfies Station;
