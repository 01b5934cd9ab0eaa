import { createContext, useCallback, useContext } from 'react';
import { printTape, type Division, type Rounding } from './printTape';

export const DivisionContext = createContext<Division>('1/16');

/** Prints lengths by the tape of the job that is open. */
export function useJobTape() {
    const division = useContext(DivisionContext);
    return useCallback(
        (inches: number, round: Rounding = 'nearest', inchesOnly = false) =>
            printTape(inches, division, round, inchesOnly),
        [division],
    );
}
