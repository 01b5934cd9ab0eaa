/** Old panels counted, as people say it: "40 × 14 + 9 1/2" is forty whole ones of 14 and a last one of 9-1/2. */
export interface Counted {
    panels: number;
    cover: number;
    rest?: number;
    typed: string;
}

export interface CountText {
    panels: string;
    cover: string;
    rest: string;
}

/** The parts of a count typed whole; null where it is none, a bare number of panels for one. */
export function readCount(typed: string): CountText | null {
    const parts = /^\s*([\d.]+)\s*[×x*]\s*([^+]*?)\s*(?:\+\s*(.*?)\s*)?$/i.exec(typed);
    return parts === null ? null : { panels: parts[1], cover: parts[2], rest: parts[3] ?? '' };
}

export function asTyped({ panels, cover, rest }: CountText): string {
    const whole = `${panels.trim()} × ${cover.trim()}`;
    return (rest.trim() === '' ? whole : `${whole} + ${rest.trim()}`).slice(0, 40);
}
