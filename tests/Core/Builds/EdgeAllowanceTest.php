<?php

declare(strict_types=1);

namespace Tests\Core\Builds;

use Imbrex\Core\Builds\EdgeAllowance;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Rules\RuleFault;
use Imbrex\Core\HouseRules;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each edge asks of the metal, as the trade does it. */
final class EdgeAllowanceTest extends TestCase
{
    /** @return array<string, array{EdgeKind, bool, array{float, float}, array{float, float}}> kind, vented, concealed and screw-down as offset and hem */
    public static function edges(): array
    {
        return [
            'eave' => [EdgeKind::Eave, false, [1.0, 1.0], [1.0, 0.0]],
            'closed ridge' => [EdgeKind::Ridge, false, [0.0, 0.0], [-1.0, 0.0]],
            'vented ridge' => [EdgeKind::Ridge, true, [-2.0, 0.0], [-2.0, 0.0]],
            'peak' => [EdgeKind::Peak, false, [0.0, 1.0], [0.0, 0.0]],
            'peak, where only ridges are vented' => [EdgeKind::Peak, true, [0.0, 1.0], [0.0, 0.0]],
            'rake' => [EdgeKind::Rake, false, [0.0, 1.5], [-0.25, 0.0]],
            'headwall' => [EdgeKind::Headwall, false, [-1.0, 0.0], [-0.5, 0.0]],
            'sidewall' => [EdgeKind::Sidewall, false, [-0.5, 1.5], [-0.5, 0.0]],
        ];
    }

    /**
     * @param  array{float, float}  $concealed
     * @param  array{float, float}  $exposed
     */
    #[DataProvider('edges')]
    public function test_defaults(EdgeKind $kind, bool $vented, array $concealed, array $exposed): void
    {
        $rules = HouseRules::with([]);
        foreach (Family::cases() as $family) {
            $allowance = EdgeAllowance::of($kind, $family, $vented, $rules);
            self::assertSame($family->isConcealed() ? $concealed : $exposed, [$allowance->offset, $allowance->hem], $family->value);
        }
    }

    public function test_a_company_may_do_it_otherwise_within_reason(): void
    {
        $rules = HouseRules::with(['edge.eave.concealed.offset' => 1.5, 'edge.eave.concealed.hem' => 0.75]);
        $allowance = EdgeAllowance::of(EdgeKind::Eave, Family::SnapLock, false, $rules);

        self::assertSame([1.5, 0.75], [$allowance->offset, $allowance->hem]);
        $this->expectException(RuleFault::class);
        HouseRules::with(['edge.eave.exposed.offset' => 2.5]);
    }
}
