<?php

declare(strict_types=1);

namespace Tests\Feature;

use Imbrex\Stations\Change;
use Imbrex\Stations\ChangeLine;
use Imbrex\Stations\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;

/** The line every revision carries. */
final class ChangeLineTest extends FeatureTestCase
{
    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, list<string>, string}> a change, its codes, and words that stand in the line */
    public static function changes(): iterable
    {
        $plane = static fn (array $changes): callable => static fn (array $d): array => [...$d, 'roof' => ['planes' => [[...$d['roof']['planes'][0], ...$changes]]]];
        $reading = ['id' => 'r1', 'quantity' => 'eave', 'value' => 500, 'typed' => "41' 8", 'source' => 'tape'];
        yield 'a name' => [static fn (array $d): array => [...$d, 'name' => 'Shed'], ['renamed'], 'Renamed to Shed'];
        yield 'units' => [static fn (array $d): array => [...$d, 'units' => 'metric'], ['units'], 'metric'];
        yield 'a profile' => [static fn (array $d): array => [...$d, 'system' => [...$d['system'], 'profile' => 'rib-9-36']], ['system-profile'], 'rib-9-36'];
        yield 'a metal' => [static fn (array $d): array => [...$d, 'system' => [...$d['system'], 'material' => 'zinc']], ['system-material'], 'zinc'];
        yield 'a ridge' => [static fn (array $d): array => [...$d, 'system' => [...$d['system'], 'ridge' => 'vented']], ['system-ridge'], 'vented'];
        yield 'a reading' => [$plane(['readings' => [$reading]]), ['reading-added'], "Shed plane: eave 41' 8"];
        yield 'a pitch' => [$plane(['riseIn12' => 5]), ['plane-changed'], 'Shed plane: pitch changed'];
        yield 'a covering' => [$plane(['covering' => 'roof-over']), ['plane-changed'], 'old covering changed'];
        yield 'notes' => [$plane(['notes' => 'two pipes']), ['plane-changed'], 'notes changed'];
        yield 'another plane' => [static fn (array $d): array => [...$d, 'roof' => ['planes' => [...$d['roof']['planes'], ['id' => 'P2', 'name' => 'Porch']]]], ['plane-added'], 'Porch added'];
        yield 'a plane less' => [static fn (array $d): array => [...$d, 'roof' => ['planes' => []], 'layout' => new \stdClass], ['plane-removed'], 'Shed plane removed'];
        yield 'a start' => [static fn (array $d): array => [...$d, 'layout' => ['P1' => ['start' => 'centre-pan']]], ['layout-start'], 'Shed plane'];
        yield 'a nudge' => [static fn (array $d): array => [...$d, 'layout' => ['P1' => ['start' => 'balanced', 'nudge' => 0.5]]], ['layout-nudged'], 'nudged'];
        yield 'a pin' => [static fn (array $d): array => [...$d, 'layout' => ['P1' => ['start' => 'balanced', 'pinned' => true]]], ['layout-pinned'], 'pinned'];
        yield 'a rule' => [static fn (array $d): array => [...$d, 'rules' => ['order.extra' => 3]], ['rule'], 'order.extra'];
        yield 'a rule taken back' => [static fn (array $d): array => [...$d, 'rules' => new \stdClass], ['rule-default'], 'default'];
        $block = static fn (array $changes = []): array => [...['id' => 'B1', 'name' => 'Hall', 'x' => 0, 'y' => 0, 'length' => 400, 'width' => 300, 'eaveHeight' => 100, 'sides' => array_fill_keys(['south', 'east', 'north', 'west'], ['kind' => 'sloped', 'riseIn12' => 6])], ...$changes];
        yield 'a block' => [static fn (array $d): array => [...$d, 'roof' => [...$d['roof'], 'blocks' => [$block()]]], ['block-added'], 'Hall added'];
        yield 'a check' => [static fn (array $d): array => [...$d, 'roof' => [...$d['roof'], 'checks' => [['id' => 'c1', 'quantity' => 'length', 'where' => 'ridge-P1', 'value' => 500, 'typed' => "41' 8", 'source' => 'tape']]]], ['check-added'], "ridge-P1 read: 41' 8"];
        yield 'a shape' => [$plane(['shape' => 'trapezoid']), ['plane-changed'], 'Shed plane: shape changed'];
        yield 'a layout left to the search' => [static fn (array $d): array => [...$d, 'layout' => new \stdClass], ['layout-left'], 'left to the search'];
        $pipe = ['id' => 'o1', 'face' => 'P1', 'kind' => 'pipe', 'name' => 'Vent', 'u' => 50, 'v' => 50, 'diameter' => 3];
        yield 'an opening' => [static fn (array $d): array => [...$d, 'openings' => [$pipe]], ['opening-added'], 'Vent placed on P1'];
        yield 'nothing to name' => [static fn (array $d): array => [...$d, 'note' => 'by the slip'], ['other'], 'Saved'];
        yield 'very much' => [static fn (array $d): array => [...$plane(['riseIn12' => 5, 'deck' => 'boards', 'oldLayers' => 1])($d), 'name' => 'Shed', 'units' => 'metric'], ['renamed', 'units', 'plane-changed', 'more'], 'and 2 more'];
    }

    /**
     * @param  callable(array<string, mixed>): array<string, mixed>  $change
     * @param  list<string>  $codes
     */
    #[DataProvider('changes')]
    public function test_what_changed_is_told_in_a_line(callable $change, array $codes, string $words): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $this->save($user, $job, $change(self::document()), 1)->assertOk();
        $told = $job->refresh()->newest()->change;
        $line = implode(' · ', array_map(static fn (array $one): string => app(Words::class)->say("change.{$one['code']}", $one['parameters']), $told));

        self::assertSame($codes, array_column($told, 'code'));
        self::assertStringContainsString($words, $line);
    }

    public function test_what_was_done_to_a_block(): void
    {
        $hall = ['id' => 'B1', 'name' => 'Hall', 'x' => 0, 'y' => 0, 'length' => 400, 'sides' => []];
        $with = static fn (array $blocks): \stdClass => json_decode((string) json_encode(['name' => 'x', 'roof' => ['blocks' => $blocks]]));
        $told = static fn (array $after): Change => app(ChangeLine::class)->tell($with([$hall]), $with($after))[0];

        self::assertSame('block-removed', $told([])->code);
        foreach (['moved' => ['x' => 5, 'y' => 6], 'turned' => ['rotationDegrees' => 30], 'size' => ['length' => 410], 'several' => ['length' => 410, 'name' => 'Long hall']] as $what => $changes) {
            self::assertSame($what, $told([[...$hall, ...$changes]])->parameters['what']);
        }
    }

    public function test_a_changed_and_a_removed_reading(): void
    {
        $with = static fn (array $readings): \stdClass => json_decode((string) json_encode(self::document(['roof' => ['planes' => [self::plane(['readings' => $readings])]]])));
        $reading = ['id' => 'r1', 'quantity' => 'ridge', 'value' => 500, 'source' => 'tape'];
        $line = app(ChangeLine::class);

        self::assertSame('reading-changed', $line->tell($with([$reading]), $with([[...$reading, 'value' => 501]]))[0]->code);
        self::assertSame('reading-removed', $line->tell($with([$reading]), $with([]))[0]->code);
        self::assertEquals([new Change('other')], $line->tell($with([$reading]), $with([$reading])));
    }
}
