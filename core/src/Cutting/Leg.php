<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

/** What a panel's side is formed to: the female snaps over the male that was clipped before it. */
enum Leg: string
{
    case Female = 'female';
    case Male = 'male';
}
