import type { CutPanel } from '../../contracts/cutting';
import { useFacts } from '../../job/FactContext';
import { standing } from '../../job/facts';
import { panelCut } from './edits';

interface Cutting {
    isCut: (panel: CutPanel) => boolean;
    setCut: (panel: CutPanel, isCut: boolean) => void;
    mayTell: boolean;
}

/** Which panels are cut: what the plan knows of, and what was told here since. */
export function useCut(): Cutting {
    const { told, tell, takeBack, mayTell } = useFacts();
    const facts = (panel: CutPanel) => standing(told, 'cut', panel.id, panel.told);
    return {
        isCut: (panel) => facts(panel).length > 0,
        setCut: (panel, isCut) => (isCut ? tell(panelCut(panel)) : takeBack(...facts(panel))),
        mayTell,
    };
}
