import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';

interface RunChipsProps {
    runs: { id: string; name: string }[];
    picked: string | null;
    onPick: (id: string) => void;
    /** What else stands in the row. */
    children?: ReactNode;
}

/** The trims of an edge to choose from. */
export function RunChips({ runs, picked, onPick, children }: RunChipsProps) {
    const { t } = useTranslation();
    return (
        <div className="rowed" role="group" aria-label={t('sticks.run-of')} style={{ marginTop: 10 }}>
            {runs.map((one) => (
                <button
                    key={one.id}
                    type="button"
                    className="chip"
                    aria-pressed={one.id === picked}
                    onClick={() => onPick(one.id)}
                >
                    {one.name}
                </button>
            ))}
            {children}
        </div>
    );
}
