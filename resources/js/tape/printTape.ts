/** The twin of the core's TapePrinter: prints inches as they are read off a tape. contracts/tape-cases.json holds for both. */
export type Division = '1/16' | '1/8' | '1/32' | 'mm';
export type Rounding = 'up' | 'nearest' | 'down';

const SLACK = 1e-7;
const MARKS_PER_INCH: Record<Exclude<Division, 'mm'>, number> = { '1/8': 8, '1/16': 16, '1/32': 32 };

/** One mark of the tape, in inches. */
export function markOf(division: Division): number {
    return division === 'mm' ? 1 / 25.4 : 1 / MARKS_PER_INCH[division];
}

function steps(value: number, step: number, rounding: Rounding): number {
    const exact = value / step;
    if (rounding === 'up') return Math.ceil(exact - SLACK);
    return rounding === 'down' ? Math.floor(exact + SLACK) : Math.floor(exact + 0.5 + SLACK);
}

function fraction(numerator: number, denominator: number): string {
    if (numerator === 0) return '';
    while (numerator % 2 === 0) {
        numerator /= 2;
        denominator /= 2;
    }
    return `${numerator}/${denominator}`;
}

export function printTape(
    inches: number,
    division: Division = '1/16',
    rounding: Rounding = 'nearest',
    inchesOnly = false,
): string {
    if (division === 'mm') {
        const millimetres = steps(inches * 25.4, 1, rounding);
        return `${millimetres < 0 ? '\u2212' : ''}${Math.abs(millimetres)} mm`;
    }
    const perInch = MARKS_PER_INCH[division];
    const signed = steps(inches, 1 / perInch, rounding);
    const marks = Math.abs(signed);
    const feet = inchesOnly ? 0 : Math.floor(marks / (12 * perInch));
    const rest = marks - feet * 12 * perInch;
    const whole = Math.floor(rest / perInch);
    const part = fraction(rest % perInch, perInch);
    const inchText = part === '' ? `${whole}` : whole === 0 ? part : `${whole} ${part}`;
    return `${signed < 0 ? '\u2212' : ''}${feet > 0 ? `${feet}\u2032 ` : ''}${inchText}\u2033`;
}
