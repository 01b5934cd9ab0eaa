/**
 * Areas, weights, runs of metal, water, slopes, forces and winds in a job's own units: the twin of the stations' Measures, held to
 * the same cases (contracts/measure-cases.json).
 */
import i18next from 'i18next';
import { figure } from '../words/figures';
import { useCallback } from 'react';
import { useJob } from '../job/JobContext';
import type { Units } from './readTape';

const METRIC = {
    area: 0.09290304,
    weight: 0.45359237,
    run: 0.3048,
    water: 3.785411784,
    force: 4.4482216,
    speed: 0.44704,
};
/** How each is said. */
const CODES = {
    area: 'measure.area',
    weight: 'measure.weight',
    run: 'measure.run',
    water: 'measure.water',
    force: 'measure.force',
    speed: 'measure.speed',
};

export type Measured = keyof typeof METRIC;

/** What one of them is worth in a job's own unit. */
export const perUnit = (what: Measured, units: Units): number => (units === 'metric' ? METRIC[what] : 1);

/** So many digits are told of square feet and feet; of square metres and metres one more. */
export function printMeasure(what: Measured, value: number, units: Units, digits = 0): string {
    const finer = units === 'metric' && (what === 'area' || what === 'run') ? digits + 1 : digits;
    const said = figure(value * perUnit(what, units), finer, false);
    return i18next.t(CODES[what], { units, said });
}

/** A roof's slope as one says it: rise in 12, or degrees. */
export function printPitch(riseIn12: number, units: Units): string {
    const said = units === 'metric' ? figure(degreesOf(riseIn12), 1, false) : figure(riseIn12, 2, false);
    return i18next.t('measure.pitch', { units, said });
}

/** As it stands in a field, and is read there again. */
export function typedPitch(riseIn12: number, units: Units): string {
    return units === 'metric' ? `${rounded(degreesOf(riseIn12), 2)}°` : String(rounded(riseIn12, 2));
}

const degreesOf = (riseIn12: number): number => (Math.atan2(riseIn12, 12) * 180) / Math.PI;

const rounded = (value: number, digits: number): number => Math.round(value * 10 ** digits) / 10 ** digits;

export function useMeasures() {
    const { units } = useJob();
    return (what: Measured, value: number, digits = 0) => printMeasure(what, value, units, digits);
}

export function usePitch() {
    const { units } = useJob();
    return useCallback((riseIn12: number) => printPitch(riseIn12, units), [units]);
}
