<?php

declare(strict_types=1);

use Imbrex\Core\HoldDown\ClipKind;

/* Representative clips. `allow`: example allowable lb in plywood of 5/8 and in sheathing of 7/16, with two screws and with three: to be replaced by the product's test report. */
return [
    'clips' => [
        new ClipKind('flat', 0.0, 1.5, 'pancake', true),
        new ClipKind('raised', 0.375, 1.5, 'hex', false),
        new ClipKind('long-travel', 0.375, 3.0, 'hex', false),
        new ClipKind('recover', 0.5, 1.5, 'hex-long', false),
        new ClipKind('gable', 0.0, 1.5, 'pancake', true, 3),
    ],
    'allow' => ['plywood' => [2 => 150.0, 3 => 200.0], 'strandboard' => [2 => 90.0, 3 => 120.0]],
    // By what carries it; sheathing holds less than plywood, and steel does not care.
    'carry' => [
        'slot' => ['plywood' => 110.0, 'strandboard' => 66.0],
        'screw' => ['plywood' => 110.0, 'strandboard' => 66.0],
        'pullOver' => ['plywood' => 300.0, 'strandboard' => 300.0],
        'fixedScrew' => ['plywood' => 150.0, 'strandboard' => 90.0],
        'rivet' => ['plywood' => 200.0, 'strandboard' => 200.0],
        'pad' => ['plywood' => 250.0, 'strandboard' => 250.0],
        'clamp' => ['plywood' => 600.0, 'strandboard' => 600.0],
    ],
];
