import { useEffect, useState, type RefObject } from 'react';

/** How wide a box is, px, as long as it is shown. */
export function useWidth(box: RefObject<HTMLElement | null>, first: number, shown: boolean) {
    const [wide, setWide] = useState(first);
    useEffect(() => {
        const element = box.current;
        if (!element) return undefined;
        const watch = new ResizeObserver(() => setWide(element.clientWidth));
        watch.observe(element);
        return () => watch.disconnect();
    }, [box, shown]);
    return wide;
}
