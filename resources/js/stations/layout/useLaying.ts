import { useHotkeys } from 'react-hotkeys-hook';
import type { Layout, LayoutSlice } from '../../contracts/layout';
import { useJob } from '../../job/JobContext';
import { markOf } from '../../tape/printTape';
import { asChoice, layOut, setLayout } from './edits';

/** How one face is laid out, and what a hand does to it: chosen, nudged, pinned. */
export function useLaying(laid: NonNullable<LayoutSlice['face']>, hasWays: boolean) {
    const job = useJob();
    const kept: Layout = job.document.layout?.[laid.id] ?? {};
    const now = laid.alternatives.find((way) => way.chosen);
    const pinned = kept.pinned ?? false;
    // Panels laid sideways have one way to lie.
    const mayLay = job.mayChange && hasWays;
    const free = mayLay && !pinned;
    const tied = laid.group?.faces ?? [];
    // What nobody has decided is where the search put it: from there one nudges and there one pins.
    const decided = (entry: Layout | undefined): Layout =>
        entry && (entry.start !== 'found' || entry.at !== undefined) ? entry : now ? asChoice(now) : {};
    const pin = () => {
        if (mayLay) job.edit((d) => setLayout(d, laid.id, { ...decided(d.layout?.[laid.id]), pinned: !pinned }));
    };
    const nudge = (inches: number) => {
        if (!free) return;
        job.edit((d) => {
            const entry = decided(d.layout?.[laid.id]);
            return layOut(d, laid.id, { ...entry, nudge: Math.round(((entry.nudge ?? 0) + inches) * 1e6) / 1e6 }, tied);
        });
    };
    const mark = markOf(job.division);
    useHotkeys('[', () => nudge(-mark), { useKey: true, ignoreModifiers: true });
    useHotkeys(']', () => nudge(mark), { useKey: true, ignoreModifiers: true });
    useHotkeys('{', () => nudge(-1), { useKey: true, ignoreModifiers: true });
    useHotkeys('}', () => nudge(1), { useKey: true, ignoreModifiers: true });
    useHotkeys('p', pin);
    const isShown = (kept.start ?? laid.layout.start) === laid.layout.start;
    return {
        choice: decided(job.document.layout?.[laid.id]),
        free,
        pinned,
        pin,
        nudge,
        put: (layout: Layout) => job.edit((d) => layOut(d, laid.id, layout, tied)),
        /** What the document says already and the plan does not yet: drawn ahead, printed only when the plan is here. */
        ahead: isShown ? (kept.nudge ?? 0) - laid.layout.nudge : 0,
    };
}
