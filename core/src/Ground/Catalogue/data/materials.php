<?php

declare(strict_types=1);

/** Linear expansion per °F; weight of flat sheet in lb per sq ft by gauge, the usual one first. */
return [
    'steel' => ['expansion' => 6.67e-6, 'gauges' => ['24 ga' => 1.16, '22 ga' => 1.41, '26 ga' => 0.91, '29 ga' => 0.72]],
    'aluminium' => ['expansion' => 12.8e-6, 'gauges' => ['.040 in' => 0.56, '.032 in' => 0.45, '.050 in' => 0.71]],
    'copper' => ['expansion' => 9.2e-6, 'gauges' => ['16 oz' => 1.00, '20 oz' => 1.25]],
    'zinc' => ['expansion' => 12.2e-6, 'gauges' => ['0.7 mm' => 1.03, '0.8 mm' => 1.18]],
    'stainless' => ['expansion' => 9.6e-6, 'gauges' => ['26 ga' => 0.79]],
];
