import type { ReactNode } from 'react';

interface SchoolCardProps {
    school: string;
    name: ReactNode;
    /** What it comes to, beside its name. */
    beside?: ReactNode;
    chosen: boolean;
    disabled: boolean;
    onChoose: () => void;
    children?: ReactNode;
}

/** One way of working among others, with what it takes, to be chosen. */
export function SchoolCard({ school, name, beside, chosen, disabled, onChoose, children }: SchoolCardProps) {
    return (
        <button
            type="button"
            className="card"
            data-school={school}
            aria-pressed={chosen}
            disabled={disabled}
            onClick={onChoose}
        >
            <span className="row">
                <span>{name}</span>
                {beside}
            </span>
            {children}
        </button>
    );
}
