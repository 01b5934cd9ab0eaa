import { useState } from 'react';
import type { Plane, SurveySlice } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { usePick } from '../../job/PickContext';
import { planesOf } from '../../job/roofEdits';
import { useSearchParams } from '../../parts/router';
import { hasPlace, namesFor, partsOf, type Name } from './quantities';

const cornersOf = (plane: Plane | undefined): number => plane?.edges?.length ?? 4;

/** Whether a plane has such a quantity. */
const isKnown = (plane: Plane | undefined, name: Name): boolean =>
    plane !== undefined && (/^between-\d+-\d+$/.test(name) || namesFor(plane, cornersOf(plane)).includes(name));

/** Whether a quantity is one of another plane's shape. */
function isNowhere(plane: Plane | undefined, name: Name): boolean {
    const { corner = 0, to = 0 } = partsOf(name);
    const isShapeless = plane?.shape !== undefined && ['ell', 'free'].includes(plane.shape);
    return Math.max(corner, to) >= cornersOf(plane) || (isShapeless && hasPlace(name) && name !== 'pitch');
}

/** What is measured next: a plane, and a quantity of it. */
export function useMeasuring(slice: SurveySlice | undefined) {
    const job = useJob();
    const { pick: picked, setPick } = usePick();
    const [params, setParams] = useSearchParams();
    const [wanted, setWanted] = useState<Name>('eaveToRidge');
    const planes = planesOf(job.document);
    const face = picked?.kind === 'face' ? picked.id : null;
    const at = (id: string | null) => planes.find((one) => one.id === id);
    const plane = at(params.get('plane')) ?? at(face) ?? planes[0];
    // Sent here to see one quantity.
    const asked = params.get('measure') ?? '';
    const [answered, setAnswered] = useState('');
    if (asked !== answered && isKnown(plane, asked)) {
        setAnswered(asked);
        setWanted(asked);
    }
    const pick = (id: string) => {
        setParams({ plane: id }, { replace: true });
        setPick({ kind: 'face', id });
    };
    return {
        planes,
        plane,
        survey: slice?.planes.find((one) => one.id === plane?.id),
        name: isNowhere(plane, wanted) ? ('eave' as const) : wanted,
        setWanted,
        pick,
        /** Another plane with something still to tape. */
        other: planes.find((one) => one.id !== plane?.id && slice?.progress.missing.includes(one.id)),
    };
}
