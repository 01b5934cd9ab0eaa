import { useState } from 'react';
import type { EdgesSlice } from '../../contracts/edges';

type Section = NonNullable<EdgesSlice['section']>;

/** Of the edge that is shown: how many layers lie, and which of them is picked. */
export function useShownLayers(section: Section | null) {
    const [shown, setShown] = useState<{ edge: string; on?: number; layer?: string }>({ edge: '' });
    const edge = section?.edge ?? '';
    const own = shown.edge === edge ? shown : { edge };
    const layers = section?.layers ?? [];
    const on = Math.min(own.on ?? Infinity, layers.length);
    // The newest on, or, before anything was laid by hand, the last that is fastened.
    const newest = own.on ? layers[on - 1] : layers.filter((one) => one.fastenerLine.length > 0).pop();
    return {
        on,
        layer: layers.find((one) => one.key === own.layer) ?? newest ?? null,
        pick: (layer: string) => setShown({ ...own, layer }),
        lay: (next: number) => setShown({ edge, on: next }),
    };
}
