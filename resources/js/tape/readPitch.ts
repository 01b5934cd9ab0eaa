import type { Units } from './readTape';

export type PitchReading = { riseIn12: number } | { fault: 'pitch-empty' | 'pitch-unreadable' | 'pitch-range' };

const STEEPEST = 48;

/** A pitch as it is read off a gauge: 8.6, 8 1/2, 8.6/12, 8.6:12, 4 in 12, or degrees with their sign. On a metric job a bare number is degrees. */
export function readPitch(typed: string, units: Units = 'imperial'): PitchReading {
    const text = typed.trim().toLowerCase().replace(/\s+/g, ' ');
    if (text === '') return { fault: 'pitch-empty' };
    const degrees = (
        units === 'metric' ? /^(\d+(?:\.\d+)?)(?: ?(?:°|deg|degrees))?$/ : /^(\d+(?:\.\d+)?) ?(?:°|deg|degrees)$/
    ).exec(text);
    if (degrees) return within(12 * Math.tan((Number(degrees[1]) * Math.PI) / 180));
    const bare = text.replace(/ ?(?:[:/]| in ) ?12$/, '');
    const fraction = /^(?:(\d+)[ -])?(\d+)\/(2|4|8)$/.exec(bare);
    if (fraction && Number(fraction[2]) < Number(fraction[3]))
        return within(Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]));
    return /^\d+(?:\.\d+)?$/.test(bare) ? within(Number(bare)) : { fault: 'pitch-unreadable' };
}

function within(riseIn12: number): PitchReading {
    return riseIn12 > 0 && riseIn12 <= STEEPEST ? { riseIn12 } : { fault: 'pitch-range' };
}
