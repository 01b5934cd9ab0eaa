import { blocksOf } from '../../job/roofEdits';
import type { Station } from '../Station';

export const station = {
    key: 'roof',
    screen: () => import('./RoofStation'),
    keys: ['block', 'view', 'handles'],
    places: (document) => blocksOf(document).map(({ id, name }) => ({ name, to: `roof?block=${id}` })),
    parts: {
        roof: ([list, block]) => (list === 'blocks' && block ? { pick: { kind: 'block', id: block } } : {}),
        decks: ([face]) => (face ? { pick: { kind: 'face', id: face } } : {}),
    },
} as const satisfies Station;
