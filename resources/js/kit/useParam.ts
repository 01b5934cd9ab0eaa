import { useCallback } from 'react';
import { useSearchParams } from '../parts/router';

/** Changes one word of the address, and leaves the rest; null takes it out. */
export function useParam(): (key: string, value: string | null) => void {
    const [, setParams] = useSearchParams();
    return useCallback(
        (key, value) =>
            setParams(
                (was) => {
                    const next = new URLSearchParams(was);
                    if (value === null) next.delete(key);
                    else next.set(key, value);
                    return next;
                },
                { replace: true },
            ),
        [setParams],
    );
}
