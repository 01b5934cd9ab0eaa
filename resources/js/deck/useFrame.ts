import { useEffect, useRef, useState } from 'react';
import type { PlanOutline, PlanPoint } from '../contracts/plan';

export interface Frame {
    /** px per inch. */
    scale: number;
    at: (u: number, v: number) => PlanPoint;
    width: number;
    height: number;
}

/** Follows the size of the drawing's box. */
export function useSize() {
    const box = useRef<HTMLDivElement>(null);
    const [size, setSize] = useState<[number, number]>([780, 540]);
    useEffect(() => {
        const element = box.current;
        if (!element) return undefined;
        const watch = new ResizeObserver(() => setSize([element.clientWidth, element.clientHeight]));
        watch.observe(element);
        return () => watch.disconnect();
    }, []);
    return { box, size };
}

/** Fits an outline (inches, v up) into a box of px (y down) with room round it. */
export function frame(
    outline: PlanOutline,
    [width, height]: [number, number],
    margin: { x: number; top: number; bottom: number },
): Frame {
    const us = outline.map(([u]) => u);
    const vs = outline.map(([, v]) => v);
    const [left, right, bottom, top] = [Math.min(...us), Math.max(...us), Math.min(...vs), Math.max(...vs)];
    const scale = Math.max(
        0.02,
        Math.min(
            (width - 2 * margin.x) / Math.max(right - left, 1),
            (height - margin.top - margin.bottom) / Math.max(top - bottom, 1),
        ),
    );
    const x0 = (width - (right - left) * scale) / 2;
    const y0 = margin.top + (height - margin.top - margin.bottom - (top - bottom) * scale) / 2;
    return { scale, width, height, at: (u, v) => [x0 + (u - left) * scale, y0 + (top - v) * scale] };
}

export function pointsOf(outline: PlanOutline, to: Frame): string {
    return outline
        .map(([u, v]) =>
            to
                .at(u, v)
                .map((n) => n.toFixed(2))
                .join(','),
        )
        .join(' ');
}

/** The stretches of a line straight up the slope that lie inside an outline with holes. */
export function upTheSlope(loops: PlanOutline[], u: number): [number, number][] {
    const crossings: number[] = [];
    for (const loop of loops) {
        loop.forEach(([u1, v1], i) => {
            const [u2, v2] = loop[(i + 1) % loop.length];
            if (u1 > u !== u2 > u) crossings.push(v1 + ((u - u1) / (u2 - u1)) * (v2 - v1));
        });
    }
    crossings.sort((a, b) => a - b);
    return crossings.flatMap((low, i) =>
        i % 2 === 0 && i + 1 < crossings.length ? [[low, crossings[i + 1]] as [number, number]] : [],
    );
}
