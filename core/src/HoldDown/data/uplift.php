<?php

declare(strict_types=1);

/*
 * Planning estimate of uplift: the older three-zone table for 10 sq ft, enclosed. Later codes have more zones and higher
 * suction: an estimate, never a design. Kz by mean roof height in feet, linear between; coefficients by pitch in degrees up to.
 */
return [
    'label' => 'three-zone table, 10 sq ft, enclosed',
    'kd' => 0.85,
    'internal' => 0.18,
    'kz' => [
        'suburban' => [15 => 0.70, 20 => 0.70, 25 => 0.70, 30 => 0.70, 40 => 0.76],
        'open' => [15 => 0.85, 20 => 0.90, 25 => 0.94, 30 => 0.98, 40 => 1.04],
        'shore' => [15 => 1.03, 20 => 1.08, 25 => 1.12, 30 => 1.16, 40 => 1.22],
    ],
    'suction' => [
        ['upTo' => 7.0, 'field' => 1.0, 'edge' => 1.8, 'corner' => 2.8],
        ['upTo' => 27.0, 'field' => 0.9, 'edge' => 1.7, 'corner' => 2.6],
        ['upTo' => 45.0, 'field' => 1.0, 'edge' => 1.2, 'corner' => 1.2],
    ],
];
