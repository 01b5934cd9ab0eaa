import { useEffect, useRef } from 'react';
import { useLocation } from '../parts/router';

/** How long a new page's heading is waited for, and looked after until its numbers are here. */
const PATIENCE_MS = 6000;
const LOOK_MS = 60;

/**
 * Where a page or a station was opened, the keyboard and the screen reader go on at its heading. Whoever has moved on by
 * themselves in the meantime is left where they are.
 */
export function HeadingFocus() {
    const { pathname } = useLocation();
    const before = useRef(pathname);
    useEffect(() => {
        if (before.current === pathname) return undefined;
        before.current = pathname;
        const from = document.activeElement;
        let focused: HTMLElement | null = null;
        const look = () => {
            const at = document.activeElement;
            const heading = document.querySelector<HTMLElement>('h1');
            // A heading that gave way to another while the plan came takes its place.
            if (at !== from && at !== document.body && at !== focused) return stop();
            if (!heading || heading === at) return;
            heading.tabIndex = -1;
            heading.focus({ preventScroll: true });
            focused = heading;
        };
        const timer = window.setInterval(look, LOOK_MS);
        const end = window.setTimeout(() => stop(), PATIENCE_MS);
        const stop = () => {
            window.clearInterval(timer);
            window.clearTimeout(end);
        };
        look();
        return stop;
    }, [pathname]);
    return null;
}
