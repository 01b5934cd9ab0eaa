import { useCallback } from 'react';
import { usePick } from '../job/PickContext';
import { useSearchParams } from '../parts/router';

/** The face that is worked on, by the address or by what was picked last; null where none was. */
export function usePickedFace(): string | null {
    const [params] = useSearchParams();
    const { pick } = usePick();
    return params.get('face') ?? (pick?.kind === 'face' ? pick.id : null);
}

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
