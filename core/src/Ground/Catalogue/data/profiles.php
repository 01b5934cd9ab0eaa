<?php

declare(strict_types=1);

/*
 * Representative profiles with typical dimensions in inches: replace them by what the panel maker prints. A series
 * with several covers makes one profile a cover, `<series>-<cover>`. `coilAdd` = flat blank width beyond the cover, which
 * is both legs' height, what they reach out by and their `returns`, left and right;
 * `formed` profiles are run to length in 1/4 steps, sheets come to length from stock.
 */
return [
    'snap-lock-1.5' => ['family' => 'snap-lock', 'covers' => [12, 14, 16, 18], 'height' => 1.5, 'left' => 3 / 8, 'right' => 1 / 4, 'coilAdd' => 4, 'returns' => [3 / 8, 0], 'hold' => 'floating-clip', 'travel' => 1.5, 'leastPitch' => 3],
    'snap-lock-1.75' => ['family' => 'snap-lock', 'covers' => [12, 16, 18], 'height' => 1.75, 'left' => 7 / 16, 'right' => 1 / 4, 'coilAdd' => 4.5, 'returns' => [5 / 16, 0], 'hold' => 'floating-clip', 'travel' => 2, 'leastPitch' => 3],
    'nail-strip-1' => ['family' => 'nail-strip', 'covers' => [12, 16], 'height' => 1, 'left' => 1 / 2, 'right' => 1, 'coilAdd' => 3.75, 'returns' => [1 / 4, 0], 'hold' => 'slots', 'travel' => 0, 'leastPitch' => 3],
    'nail-strip-1.5' => ['family' => 'nail-strip', 'covers' => [12, 16], 'height' => 1.5, 'left' => 1 / 2, 'right' => 1, 'coilAdd' => 5, 'returns' => [1 / 2, 0], 'hold' => 'slots', 'travel' => 0, 'leastPitch' => 3],
    'single-lock-1.5' => ['family' => 'single-lock', 'covers' => [12, 16, 18], 'height' => 1.5, 'left' => 3 / 8, 'right' => 3 / 8, 'coilAdd' => 4.5, 'returns' => [3 / 4, 0], 'hold' => 'floating-clip', 'travel' => 1.5, 'leastPitch' => 2],
    'double-lock-2' => ['family' => 'double-lock', 'covers' => [12, 16, 18, 24], 'height' => 2, 'left' => 1 / 2, 'right' => 3 / 8, 'coilAdd' => 6, 'returns' => [9 / 8, 0], 'hold' => 'floating-clip', 'travel' => 2, 'leastPitch' => 0.5],
    'cap-seam-1.375' => ['family' => 'cap-seam', 'covers' => [12, 16], 'height' => 1.375, 'left' => 0, 'right' => 0, 'coilAdd' => 2.75, 'returns' => [0, 0], 'hold' => 'clip', 'travel' => 0, 'leastPitch' => 0.5, 'hand' => 'either', 'turn' => true],
    'field-lock-1' => ['family' => 'double-lock', 'covers' => [17, 21], 'height' => 1, 'left' => 1 / 4, 'right' => 1 / 4, 'coilAdd' => 3, 'returns' => [1 / 2, 0], 'hold' => 'cleat', 'travel' => 0, 'leastPitch' => 3],

    'rib-9' => ['family' => 'ribbed', 'covers' => [36], 'height' => 3 / 4, 'left' => 1, 'right' => 1, 'coilAdd' => 7, 'hold' => 'screws', 'travel' => 0, 'leastPitch' => 3, 'hand' => 'either', 'turn' => true,
        'ribs' => [0, 9, 18, 27, 36], 'field' => [1, 10, 19, 28], 'end' => [1, 8, 10, 17, 19, 26, 28, 35], 'stitch' => 24],
    'rib-12' => ['family' => 'ribbed', 'covers' => [36], 'height' => 1.25, 'left' => 1.25, 'right' => 1.25, 'coilAdd' => 7.5, 'hold' => 'screws', 'travel' => 0, 'leastPitch' => 1,
        'ribs' => [0, 12, 24, 36], 'field' => [1, 13, 25], 'end' => [1, 11, 13, 23, 25, 35], 'stitch' => 20],
    'v-crimp' => ['family' => 'ribbed', 'covers' => [24], 'height' => 1 / 2, 'left' => 1, 'right' => 1, 'coilAdd' => 4, 'hold' => 'screws', 'travel' => 0, 'leastPitch' => 3, 'hand' => 'either', 'turn' => true,
        'ribs' => [0, 12, 24], 'field' => [0.75, 12.75], 'end' => [0.75, 11.25, 12.75, 23.25], 'stitch' => 24],
    'corrugated-7/8' => ['family' => 'corrugated', 'covers' => [32], 'height' => 7 / 8, 'left' => 2.6875, 'right' => 2.6875, 'coilAdd' => 11.5, 'hold' => 'screws', 'travel' => 0, 'leastPitch' => 3, 'hand' => 'either', 'turn' => true,
        'ribPitch' => 8 / 3, 'stitch' => 18],
    'corrugated-1/2' => ['family' => 'corrugated', 'covers' => [24], 'height' => 1 / 2, 'left' => 1, 'right' => 1, 'coilAdd' => 5, 'hold' => 'screws', 'travel' => 0, 'leastPitch' => 3, 'hand' => 'either', 'turn' => true,
        'ribPitch' => 8 / 3, 'stitch' => 18],
    'box-rib-1000mm' => ['family' => 'ribbed', 'covers' => [39.37], 'height' => 1.25, 'left' => 1.165, 'right' => 1.165, 'coilAdd' => 9, 'hold' => 'screws', 'travel' => 0, 'leastPitch' => 3, 'hand' => 'either', 'turn' => true,
        'ribPitch' => 7.874, 'stitch' => 19.685],
];
