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
    ],
    'allow' => ['plywood' => [2 => 150.0, 3 => 200.0], 'strandboard' => [2 => 90.0, 3 => 120.0]],
    'slot' => ['plywood' => 110.0, 'strandboard' => 66.0],
    'screw' => ['plywood' => 110.0, 'strandboard' => 66.0],
];
