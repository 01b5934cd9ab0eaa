import { usePick } from '../../job/PickContext';
import { useSearchParams } from '../../parts/router';

export const VIEWS = ['section', 'sticks', 'ends', 'corners', 'roof', 'schedule'] as const;
export type View = (typeof VIEWS)[number];

/** Where at the edges one is: which view, of what. */
export interface EdgePlace {
    view: View;
    corner: string | null;
    /** Whether a corner is shown in the round. */
    inRound: boolean;
    /** The edge or corner to ask for. */
    wanted: string | null;
    go: (next: { view?: View; edge?: string; corner?: string; round?: boolean }) => void;
}

/** As the address has it, so that it can be gone back to. */
export function useEdgePlace(): EdgePlace {
    const { pick, setPick } = usePick();
    const [params, setParams] = useSearchParams();
    const view = VIEWS.find((one) => one === params.get('view')) ?? 'section';
    const corner = params.get('corner');
    const inRound = params.get('flat') === null;
    const edge = params.get('edge');
    const go: EdgePlace['go'] = (next) => {
        const to = next.view ?? view;
        if (next.edge) setPick({ kind: 'edge', id: next.edge });
        const which =
            to === 'corners'
                ? { corner: next.corner ?? corner, flat: (next.round ?? inRound) ? null : 'yes' }
                : { edge: next.edge ?? edge };
        const said = Object.entries({ ...which, view: to }).filter((one): one is [string, string] => !!one[1]);
        setParams(Object.fromEntries(said), { replace: true });
    };
    const picked = edge ?? (pick?.kind === 'edge' ? pick.id : null);
    return { view, corner, inRound, wanted: view === 'corners' ? corner : picked, go };
}
