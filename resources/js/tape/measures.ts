/**
 * Areas, weights, runs of metal and water in a job's own units: the twin of the core's Measures, held to the same cases (contracts/measure-cases.json).
 */
import { useJob } from '../job/JobContext';
import type { Units } from './readTape';

const METRIC = { area: 0.09290304, weight: 0.45359237, run: 0.3048, water: 3.785411784 };
const NAMES = {
    imperial: { area: 'sq ft', weight: 'lb', run: 'ft', water: 'gal' },
    metric: { area: 'm²', weight: 'kg', run: 'm', water: 'L' },
};

export type Measured = keyof typeof METRIC;

/** So many digits are told of square feet and feet; of square metres and metres one more. */
export function printMeasure(what: Measured, value: number, units: Units, digits = 0): string {
    const metric = units === 'metric';
    const finer = metric && (what === 'area' || what === 'run') ? digits + 1 : digits;
    const said = (metric ? value * METRIC[what] : value).toLocaleString('en-US', { maximumFractionDigits: finer });
    return `${said} ${NAMES[units][what]}`;
}

export function useMeasures() {
    const { units } = useJob();
    return (what: Measured, value: number, digits = 0) => printMeasure(what, value, units, digits);
}
