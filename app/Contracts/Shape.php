<?php

declare(strict_types=1);

namespace App\Contracts;

use PHPStan\PhpDocParser\Ast\Type\TypeNode;

/** One shape as it stands beside its writer. */
final readonly class Shape
{
    /**
     * @param  string  $name  without the ending, its first letter small: `layoutSlice`
     * @param  string|null  $remark  what stands above it
     * @param  string  $file  where it stands, from the project's folder
     */
    public function __construct(public string $name, public TypeNode $type, public ?string $remark, public string $file)
    {
    }
}
