/** The twin of the core's TapeReader: reads a length as people type it. contracts/tape-cases.json holds for both. */
export type Units = 'imperial' | 'metric';
export type TapeFault =
    'empty' | 'unreadable' | 'two-numbers' | 'comma' | 'fraction' | 'inches-over-twelve' | 'decimal-feet' | 'too-long';
export type TapeReading = { inches: number } | { fault: TapeFault };

const LONGEST_INCHES = 12_000;
const NUMBER = String.raw`(\d+(?:\.\d+)?|\.\d+)`;
const FRACTION = String.raw`(\d+)/(\d+)`;
const GLYPHS: Record<string, string> = {
    '\u2032': "'",
    '\u2019': "'",
    '\u2033': '"',
    '\u201d': '"',
    "''": '"',
    '\u2044': '/',
    '\u00bd': ' 1/2',
    '\u00bc': ' 1/4',
    '\u00be': ' 3/4',
    '\u215b': ' 1/8',
    '\u215c': ' 3/8',
    '\u215d': ' 5/8',
    '\u215e': ' 7/8',
};

class Refused extends Error {
    constructor(readonly fault: TapeFault) {
        super(fault);
    }
}

export function readTape(typed: string, units: Units): TapeReading {
    try {
        return { inches: read(normalise(typed), units) };
    } catch (refused) {
        if (refused instanceof Refused) return { fault: refused.fault };
        throw refused;
    }
}

function read(text: string, units: Units): number {
    if (text === '') throw new Refused('empty');
    if (text.includes(',')) throw new Refused('comma');
    const inches = metric(text, units) ?? feet(text) ?? plainInches(text);
    if (inches === null) throw new Refused('unreadable');
    if (inches > LONGEST_INCHES) throw new Refused('too-long');
    return inches;
}

function normalise(typed: string): string {
    return typed
        .trim()
        .toLowerCase()
        .replace(
            /''|[\u2032\u2019\u2033\u201d\u2044\u00bd\u00bc\u00be\u215b-\u215e]/g,
            (glyph) => GLYPHS[glyph] ?? glyph,
        )
        .replace(/\s*(?:feet|foot|ft)\.?(?![a-z])/g, "'")
        .replace(/\s*(?:inches|inch|in)\.?(?![a-z])/g, '"')
        .replace(/\s+/g, ' ')
        .trim();
}

function metric(text: string, units: Units): number | null {
    const marked = new RegExp(`^${NUMBER} ?(mm|cm|m)$`).exec(text);
    if (marked) return (Number(marked[1]) * { mm: 1, cm: 10, m: 1000 }[marked[2] as 'mm' | 'cm' | 'm']) / 25.4;
    return units === 'metric' && new RegExp(`^${NUMBER}$`).test(text) ? Number(text) / 25.4 : null;
}

function feet(text: string): number | null {
    const marked = new RegExp(`^${NUMBER}'[ -]*(.*)$`).exec(text);
    if (marked) {
        if (marked[2] === '') return Number(marked[1]) * 12;
        if (marked[1].includes('.')) throw new Refused('decimal-feet');
        const inches = plainInches(marked[2]);
        if (inches === null) throw new Refused('unreadable');
        return feetAndInches(Number(marked[1]), inches);
    }
    const dashed = new RegExp(String.raw`^(\d+)[ -](\d+)[ -]${FRACTION}"?$`).exec(text);
    return dashed ? feetAndInches(Number(dashed[1]), Number(dashed[2]) + fraction(dashed[3], dashed[4])) : null;
}

function feetAndInches(wholeFeet: number, inches: number): number {
    if (inches >= 12) throw new Refused('inches-over-twelve');
    return wholeFeet * 12 + inches;
}

function plainInches(text: string): number | null {
    const withFraction = new RegExp(String.raw`^(?:(\d+)[ -])?${FRACTION} ?"?$`).exec(text);
    if (withFraction) return Number(withFraction[1] ?? 0) + fraction(withFraction[2], withFraction[3]);
    const plain = new RegExp(`^${NUMBER} ?"?$`).exec(text);
    if (plain) return Number(plain[1]);
    if (/^\d+[ -]\d+"?$/.test(text)) throw new Refused('two-numbers');
    return null;
}

function fraction(numerator: string, denominator: string): number {
    if (![2, 4, 8, 16, 32, 64].includes(Number(denominator)) || Number(numerator) >= Number(denominator))
        throw new Refused('fraction');
    return Number(numerator) / Number(denominator);
}
