import type { Plane, Reading } from '../../contracts/survey';
import type { PlanOutline } from '../../contracts/plan';

export type Quantity = Reading['quantity'];
export type Shape = NonNullable<Plane['shape']>;

/** Readings of the same thing have the same name: eave, along-2, between-0-3. */
export type Name = string;

export const SHAPES: Shape[] = ['rectangle', 'trapezoid', 'triangle', 'parallelogram', 'ell', 'free'];

/** Places along the eave where a length up the slope is taken, as shares from its left end. */
export const PLACES = [0.05, 0.25, 0.5, 0.75, 0.95];

export function nameOf(reading: Pick<Reading, 'quantity' | 'corner' | 'to'>): Name {
    const { quantity, corner = 0, to } = reading;
    if (quantity === 'between') return `between-${Math.min(corner, to ?? 0)}-${Math.max(corner, to ?? 0)}`;
    return quantity === 'along' || quantity === 'up' ? `${quantity}-${corner}` : quantity;
}

export function partsOf(name: Name): { quantity: Quantity; corner?: number; to?: number } {
    const [quantity, corner, to] = name.split('-');
    return {
        quantity: quantity as Quantity,
        ...(corner === undefined ? {} : { corner: Number(corner) }),
        ...(to === undefined ? {} : { to: Number(to) }),
    };
}

export const letter = (corner: number): string => String.fromCharCode(65 + corner);

/** What the words for a name need. */
export function named(name: Name, shape: Shape = 'rectangle'): { quantity: string; corner: string } {
    const { quantity, corner, to } = partsOf(name);
    // A hip end has sides, not rakes.
    const side = (shape === 'trapezoid' || shape === 'triangle') && quantity.endsWith('Rake');
    return {
        quantity: side ? quantity.replace('Rake', 'Side') : quantity,
        corner: `${corner === undefined ? '' : letter(corner)}${to === undefined ? '' : letter(to)}`,
    };
}

export const runsByCorner = (shape: Shape): boolean => shape === 'ell' || shape === 'free';

/** What can be measured on a plane, the most telling first; lengths between corners as they are taken. */
export function namesFor(plane: Plane, corners: number): Name[] {
    const shape = plane.shape ?? 'rectangle';
    if (shape === 'triangle') return ['eaveToRidge', 'eave', 'leftRake', 'rightRake', 'pitch', 'wallHeight'];
    if (!runsByCorner(shape))
        return [
            'eaveToRidge',
            'eave',
            'ridge',
            'leftRake',
            'rightRake',
            'diagonalRight',
            'diagonalLeft',
            'pitch',
            'wallHeight',
        ];
    const running = Array.from({ length: Math.max(0, corners - 2) }, (_, i) => [
        `along-${i + 2}`,
        `up-${i + 2}`,
    ]).flat();
    const taken = (plane.readings ?? []).map(nameOf).filter((name) => name.startsWith('between'));
    return ['eave', ...running, ...new Set(taken), 'pitch', 'wallHeight'];
}

/** Read at several places along the eave. */
export function hasPlace(name: Name, shape: Shape = 'rectangle'): boolean {
    return name === 'pitch' || (name === 'eaveToRidge' && shape !== 'triangle');
}

export function placeName(at: number): string {
    if (at < 0.12) return 'far-left';
    if (at < 0.4) return 'left';
    if (at <= 0.6) return 'middle';
    return at <= 0.88 ? 'right' : 'far-right';
}

const BLANKS: Record<Exclude<Shape, 'free'>, PlanOutline> = {
    rectangle: [
        [0, 0],
        [480, 0],
        [480, 230],
        [0, 230],
    ],
    trapezoid: [
        [0, 0],
        [480, 0],
        [350, 200],
        [130, 200],
    ],
    triangle: [
        [0, 0],
        [480, 0],
        [240, 220],
    ],
    parallelogram: [
        [0, 0],
        [480, 0],
        [570, 220],
        [90, 220],
    ],
    ell: [
        [0, 0],
        [480, 0],
        [480, 120],
        [280, 120],
        [280, 240],
        [0, 240],
    ],
};

/** Until readings make a plane of it, something of its shape to hang them on. */
export function blankOf(shape: Shape, corners: number): PlanOutline {
    if (shape !== 'free') return BLANKS[shape];
    return Array.from({ length: corners }, (_, i) => {
        if (i < 2) return [i * 480, 0];
        const turn = (Math.PI * (i - 1)) / (corners - 1);
        return [240 + 240 * Math.cos(turn), 60 + 190 * Math.sin(turn)];
    }) as PlanOutline;
}
