import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';

export interface Pick {
    kind: 'block' | 'face' | 'edge';
    id: string;
    /** One piece of the face's metal, where it was picked and not only its face. */
    panel?: string;
}

interface Picking {
    pick: Pick | null;
    setPick: (pick: Pick | null) => void;
}

const PickContext = createContext<Picking>({ pick: null, setPick: () => undefined });

/** What is picked in an open job: one thing, the same on every drawing, table and station. */
export function PickHolder({ children }: { children: ReactNode }) {
    const [pick, setPick] = useState<Pick | null>(null);
    const value = useMemo(() => ({ pick, setPick }), [pick]);
    return <PickContext.Provider value={value}>{children}</PickContext.Provider>;
}

export function usePick(): Picking {
    return useContext(PickContext);
}
