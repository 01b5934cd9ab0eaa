import assert from 'node:assert/strict';
import test from 'node:test';
import { palettes } from './theme';

type Colour = keyof (typeof palettes)['shop'];

const page: Colour[] = ['ground', 'card'];

/** Colour of words, and what such words stand on, drawings included. */
const pairs: Partial<Record<Colour, Colour[]>> = {
    ink: [...page, 'metal', 'tape', 'actionTint', 'settleTint', 'stopTint'],
    muted: [...page, 'metal', 'tape', 'actionTint', 'settleTint', 'stopTint'],
    chalkInk: [...page, 'metal', 'tape'],
    settleInk: [...page, 'settleTint'],
    stop: [...page, 'stopTint'],
    action: [...page, 'actionTint', 'settleTint'],
    actionText: ['action'],
    chalkText: ['chalk'],
    card: ['ink'],
};

/** Of a colour, by WCAG 2. */
function light(colour: string): number {
    const [r, g, b] = [1, 3, 5]
        .map((at) => parseInt(colour.slice(at, at + 2), 16) / 255)
        .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(one: string, other: string): number {
    const [low, high] = [light(one), light(other)].sort((a, b) => a - b);
    return (high + 0.05) / (low + 0.05);
}

test('words stand out from what they stand on, in the sun half as well again', () => {
    assert.deepEqual(Object.keys(palettes), ['shop', 'sun', 'night']);
    assert.ok(Math.abs(contrast('#000000', '#FFFFFF') - 21) < 1e-9);
    assert.ok(Math.abs(contrast('#767676', '#FFFFFF') - 4.54) < 0.01);
    const faint: string[] = [];
    for (const [name, palette] of Object.entries(palettes)) {
        for (const [words, grounds] of Object.entries(pairs)) {
            for (const ground of grounds) {
                const ratio = contrast(palette[words as Colour], palette[ground]);
                if (ratio < (name === 'sun' ? 7 : 4.5))
                    faint.push(`${name}: ${words} on ${ground} is ${ratio.toFixed(2)}`);
            }
        }
    }
    assert.deepEqual(faint, []);
});
