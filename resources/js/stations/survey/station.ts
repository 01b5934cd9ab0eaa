import { planesOf } from '../../job/roofEdits';
import type { Station } from '../Station';

export const station = {
    key: 'survey',
    screen: () => import('./SurveyStation'),
    places: (document) => planesOf(document).map(({ id, name }) => ({ name, to: `survey?plane=${id}` })),
    parts: {
        'roof.planes': ([plane, list, reading], document) => {
            const taped = planesOf(document)
                .find(({ id }) => id === plane)
                ?.readings?.find(({ id }) => list === 'readings' && id === reading);
            const name = taped && [taped.quantity, taped.corner, taped.to].filter((one) => one !== undefined).join('-');
            return plane
                ? { query: `plane=${plane}${name ? `&measure=${name}` : ''}`, pick: { kind: 'face', id: plane } }
                : {};
        },
    },
} as const satisfies Station;
