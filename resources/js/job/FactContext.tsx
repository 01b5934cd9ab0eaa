import { createContext, useContext, useSyncExternalStore } from 'react';
import type { FactSession, FactsView } from './FactSession';
import { corrected, type Said, type Telling } from './facts';

export const FactContext = createContext<FactSession | null>(null);

export interface Facts extends FactsView {
    /** Whoever stands on the roof may say what happened, whether or not the plan is theirs to change. */
    mayTell: boolean;
    tell: (...what: Telling[]) => void;
    /** What was told never was. */
    takeBack: (...ids: string[]) => void;
    /** Something of what was told was otherwise. */
    correct: (id: string, said: Said) => void;
    session: FactSession;
}

/** What happens on the job that is open, and the one way to tell it. */
export function useFacts(): Facts {
    const session = useContext(FactContext);
    if (!session) throw new Error('useFacts outside of a job');
    const view = useSyncExternalStore(session.subscribe, session.current);
    return {
        ...view,
        mayTell: session.mayTell,
        tell: (...what) => session.tell(...what),
        takeBack: (...ids) => session.tell(...ids.map((id) => corrected(id))),
        correct: (id, said) => session.tell(corrected(id, said)),
        session,
    };
}
