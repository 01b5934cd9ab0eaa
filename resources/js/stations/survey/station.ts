import { planesOf } from '../../job/roofEdits';
import type { Station } from '../Station';

export const station = {
    key: 'survey',
    screen: () => import('./SurveyStation'),
    places: (document) => planesOf(document).map(({ id, name }) => ({ name, to: `survey?plane=${id}` })),
} as const satisfies Station;
