import { readTape, type TapeFault, type Units } from './readTape';

/** What stands in a field, read; a running dimension may lie left of its zero. */
export interface Signed {
    /** Null where it is no length. */
    inches: number | null;
    fault: TapeFault | null;
}

export function readSigned(typed: string, units: Units, signed: boolean): Signed {
    const negative = signed && /^\s*[-−]/.test(typed);
    const reading = readTape(negative ? typed.replace(/^\s*[-−]\s*/, '') : typed, units);
    if ('fault' in reading) return { inches: null, fault: reading.fault };
    return { inches: negative ? -reading.inches : reading.inches, fault: null };
}
