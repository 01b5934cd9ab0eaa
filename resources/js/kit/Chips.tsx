import type { ReactNode } from 'react';

interface ChipsProps<K extends string> {
    all: readonly { key: K; name: ReactNode }[];
    picked: K | null | undefined;
    onPick: (key: K) => void;
}

/** A few things of which one is shown. */
export function Chips<K extends string>({ all, picked, onPick }: ChipsProps<K>) {
    return all.map(({ key, name }) => (
        <button key={key} type="button" className="chip" aria-pressed={key === picked} onClick={() => onPick(key)}>
            {name}
        </button>
    ));
}
