import type { Reading } from '../../api/contract';

export type Quantity = Reading['quantity'];
export type Source = Reading['source'];

export const QUANTITIES: Quantity[] = ['eaveToRidge', 'eave', 'ridge', 'leftRake', 'rightRake', 'diagonalRight', 'diagonalLeft', 'pitch'];
export const SOURCES: Source[] = ['tape', 'laser', 'count', 'report', 'wheel'];

/** Places along the eave where a length up the slope is taken, as shares from its left end. */
export const PLACES = [0.05, 0.25, 0.5, 0.75, 0.95];

/** Read at several places along the eave. */
export function hasPlace(quantity: Quantity): boolean {
    return quantity === 'eaveToRidge' || quantity === 'pitch';
}

export function placeName(at: number): string {
    if (at < 0.12) return 'far-left';
    if (at < 0.4) return 'left';
    if (at <= 0.6) return 'middle';
    return at <= 0.88 ? 'right' : 'far-right';
}
