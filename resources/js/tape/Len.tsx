import type { ReactNode } from 'react';
import { useJobTape } from './JobTape';
import type { Rounding } from './printTape';

const FRACTION = /(?<![\d/])(\d{1,2}\/\d{1,2})(?=[″\s.,:;)]|$)/g;

/** A text with its fractions set as real ones. */
export function Said({ text }: { text: string }) {
    // Whole inches and their fraction stay on one line.
    const parts = text.replace(/(\d) (?=\d{1,2}\/\d)/g, '$1\u00a0').split(FRACTION);
    const nodes: ReactNode[] = parts.map((part, i) =>
        i % 2 === 1 ? (
            <span key={i} className="frac">
                {part}
            </span>
        ) : (
            part
        ),
    );
    return <>{nodes}</>;
}

interface LenProps {
    inches: number;
    round?: Rounding;
    /** Inches alone, as a cutter wants them. */
    inchesOnly?: boolean;
    /** A plus sign before a positive difference. */
    signed?: boolean;
}

/** A length as it is read off the tape. Every length on screen is one of these, or drawn by TapeText. */
export function Len({ inches, round = 'nearest', inchesOnly = false, signed = false }: LenProps) {
    const print = useJobTape();
    const text = print(inches, round, inchesOnly);
    return (
        <span className="len">
            <Said text={signed && inches > 0 && !/^0″|^0 mm/.test(text) ? `+${text}` : text} />
        </span>
    );
}

/** The same inside a drawing. */
export function LenText({ inches, round = 'nearest', inchesOnly = false }: LenProps) {
    const print = useJobTape();
    const text = print(inches, round, inchesOnly);
    const parts = text.split(FRACTION);
    return (
        <>
            {parts.map((part, i) =>
                i % 2 === 1 ? (
                    <tspan key={i} className="frac">
                        {part}
                    </tspan>
                ) : (
                    part
                ),
            )}
        </>
    );
}
