<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Role;
use App\Models\JobRevision;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;

final class JobDocumentTest extends FeatureTestCase
{
    public function test_every_save_is_a_revision_with_author_and_a_line(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $this->save($user, $job, self::document(['layout' => ['P1' => ['start' => 'one-end', 'from' => 'left']]]), 1)->assertOk()->assertJsonPath('revision', 2);
        $this->save($user, $job, self::document(['name' => 'Oar shed', 'layout' => ['P1' => ['start' => 'one-end', 'from' => 'left']]]), 2)->assertOk();
        $history = $this->actingAs($user)->getJson("/api/jobs/$job->id/revisions")->assertOk()->json();

        self::assertSame([3, 2, 1], array_column($history, 'number'));
        self::assertSame(['renamed', 'layout-start', 'begun'], array_map(static fn (array $r): string => $r['change'][0]['code'], $history));
        self::assertSame($user->name, $history[0]['author']);
        self::assertSame('Oar shed', $job->refresh()->name);
    }

    public function test_saving_what_stands_already_makes_no_revision(): void
    {
        $user = $this->member();
        $job = $this->job($user);

        $this->save($user, $job, self::document(), 1)->assertOk()->assertJsonPath('revision', 1);
    }

    public function test_a_stale_save_gets_both_versions_and_changes_nothing(): void
    {
        [$one, $two] = [$this->member(), null];
        $two = $this->member(Role::Foreman, $one->crew);
        $job = $this->job($one);
        $this->save($one, $job, self::document(['name' => 'Theirs']), 1)->assertOk();
        $answer = $this->save($two, $job, self::document(['name' => 'Mine']), 1)->assertConflict();

        self::assertSame([2, 'Theirs', 'Mine'], [$answer->json('theirs.revision'), $answer->json('theirs.document.name'), $answer->json('yours.name')]);
        self::assertSame($one->name, $answer->json('theirs.author'));
        self::assertSame(2, $job->refresh()->revision);
    }

    public function test_a_save_must_name_its_revision(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $this->save($user, $job, self::document(['name' => 'New']))->assertStatus(428);
        $this->save($user, $job, self::document(['name' => 'New']), 'one')->assertStatus(428);
    }

    public function test_returning_to_an_old_state_is_a_new_revision(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $this->save($user, $job, self::document(['name' => 'Second']), 1);
        $this->actingAs($user)->postJson("/api/jobs/$job->id/revisions/1/restore", [], ['If-Match' => '"2"'])->assertOk()->assertJsonPath('revision', 3)->assertJsonPath('document.name', 'Oar store');
        $this->actingAs($user)->postJson("/api/jobs/$job->id/revisions/1/restore", [], ['If-Match' => '"2"'])->assertOk();
        $this->actingAs($user)->postJson("/api/jobs/$job->id/revisions/2/restore", [], ['If-Match' => '"2"'])->assertConflict();
        $this->actingAs($user)->postJson("/api/jobs/$job->id/revisions/99/restore", [], ['If-Match' => '"3"'])->assertNotFound();
    }

    public function test_revisions_are_never_changed_nor_deleted(): void
    {
        $revision = $this->job($this->member())->newest();
        foreach ([fn () => $revision->update(['author_name' => 'x']), fn () => $revision->delete()] as $deed) {
            try {
                $deed();
                self::fail('it was done');
            } catch (LogicException) {
                self::assertSame(1, JobRevision::query()->where('job_id', $revision->job_id)->count());
            }
        }
    }

    public function test_the_smallest_document_takes_its_defaults(): void
    {
        $user = $this->member();
        $id = $this->begin($user, ['format' => 'imbrex-job/3', 'name' => 'Bare', 'roof' => ['planes' => [self::plane()]]])->assertCreated()->json('id');

        $this->actingAs($user)->getJson("/api/jobs/$id/plan/load-out")->assertOk()
            ->assertJsonPath('order.lines.0.quantity', 32)->assertJsonPath('order.lines.0.length', 218.5)->assertJsonPath('system.gauge', '24 ga');
    }

    /** @return iterable<string, array{array<string, mixed>|string, string}> a document and the field it is refused for */
    public static function badDocuments(): iterable
    {
        $with = static fn (array $plane): array => self::document(['roof' => ['planes' => [self::plane($plane)]]]);
        $reading = static fn (array $reading): array => $with(['readings' => [[...['id' => 'r1', 'quantity' => 'eave', 'source' => 'tape', 'value' => 500], ...$reading]]]);
        yield 'no JSON' => ['{"format": ', 'document'];
        yield 'NaN' => ['{"format":"imbrex-job/3","name":"x","roof":{"planes":[{"id":"P1","name":"x","riseIn12":NaN}]}}', 'document'];
        yield 'a list' => ['[]', 'document'];
        yield 'a word' => ['"roof"', 'document'];
        yield 'nothing' => ['', 'document'];
        yield 'null' => ['null', 'document'];
        yield 'bytes that are no text' => ["{\"name\":\"\xff\xfe\"}", 'document'];
        yield 'deep nesting' => [str_repeat('[', 5000).str_repeat(']', 5000), 'document'];
        yield 'too large' => [str_repeat(' ', 1_000_001), 'document'];
        yield 'another format' => [self::document(['format' => 'imbrex-job/9']), 'format'];
        yield 'no name' => [array_diff_key(self::document(), ['name' => 1]), 'name'];
        yield 'an empty name' => [self::document(['name' => '']), 'name'];
        yield 'a name that is a number' => [self::document(['name' => 7]), 'name'];
        yield 'an unknown field' => [self::document(['colour' => 'red']), 'colour'];
        yield 'planes that are no list' => [self::document(['roof' => ['planes' => 'many']]), 'roof.planes'];
        yield 'text for a pitch' => [$with(['riseIn12' => 'NaN']), 'roof.planes[0].riseIn12'];
        yield 'a huge pitch' => [$with(['riseIn12' => 1e308]), 'roof.planes[0].riseIn12'];
        yield 'a huge corner' => [$with(['outline' => [[0, 0], [1e12, 0], [5, 5]], 'edges' => ['eave', 'rake', 'rake']]), 'roof.planes[0].outline[1][0]'];
        yield 'a number beyond numbers' => ['{"format":"imbrex-job/3","name":"x","roof":{"planes":[{"id":"P1","name":"x","riseIn12":1e999}]}}', 'roof.planes[0].riseIn12'];
        yield 'a corner of three' => [$with(['outline' => [[0, 0, 0], [5, 0], [5, 5]]]), 'roof.planes[0].outline[0]'];
        yield '10 000 corners' => [$with(['outline' => array_map(static fn (int $i): array => [$i / 10, $i % 7], range(0, 9999))]), 'roof.planes[0].outline'];
        yield 'two corners' => [$with(['outline' => [[0, 0], [5, 0]]]), 'roof.planes[0].outline'];
        yield 'a self-crossing outline' => [$with(['outline' => [[0, 0], [100, 0], [0, 100], [100, 100]]]), 'roof.planes[0].outline'];
        yield 'a clockwise outline' => [$with(['outline' => [[0, 0], [0, 100], [100, 100], [100, 0]]]), 'roof.planes[0].outline'];
        yield 'no area' => [$with(['outline' => [[0, 0], [50, 0], [100, 0]], 'edges' => ['eave', 'rake', 'rake']]), 'roof.planes[0].outline'];
        yield 'a corner twice' => [$with(['outline' => [[0, 0], [100, 0], [100, 0], [100, 50]]]), 'roof.planes[0].outline[1]'];
        yield 'an edge too few' => [$with(['edges' => ['eave', 'rake', 'ridge']]), 'roof.planes[0].edges'];
        yield 'an edge nobody knows' => [$with(['edges' => ['eave', 'rake', 'moon', 'rake']]), 'roof.planes[0].edges[2]'];
        yield 'the same plane twice' => [self::document(['roof' => ['planes' => [self::plane(), self::plane()]]]), 'roof.planes[1].id'];
        yield 'behind the ridge of nowhere' => [$with(['ridgeWith' => 'P9']), 'roof.planes[0].ridgeWith'];
        yield 'behind its own ridge' => [$with(['ridgeWith' => 'P1']), 'roof.planes[0].ridgeWith'];
        yield 'a reading of nothing' => [$reading(['quantity' => 'mood']), 'roof.planes[0].readings[0].quantity'];
        yield 'a reading without a value' => [$with(['readings' => [['id' => 'r1', 'quantity' => 'eave', 'source' => 'tape']]]), 'roof.planes[0].readings[0].value'];
        yield 'a negative reading' => [$reading(['value' => -4]), 'roof.planes[0].readings[0].value'];
        yield 'a pitch of 500' => [$reading(['quantity' => 'pitch', 'value' => 500]), 'roof.planes[0].readings[0].value'];
        yield 'a place off the eave' => [$reading(['at' => 2]), 'roof.planes[0].readings[0].at'];
        yield 'more panels than a roof has' => [$with(['readings' => [['id' => 'r1', 'quantity' => 'eave', 'source' => 'count', 'panels' => 2000, 'cover' => 100]]]), 'roof.planes[0].readings[0].panels'];
        $block = static fn (array $changes, array $south = ['kind' => 'sloped', 'riseIn12' => 6]): array => self::document(['layout' => new \stdClass, 'roof' => ['blocks' => [[...['id' => 'B1', 'name' => 'Hall', 'x' => 0, 'y' => 0, 'length' => 400, 'width' => 300, 'eaveHeight' => 100, 'sides' => ['south' => $south, 'east' => ['kind' => 'gable'], 'north' => ['kind' => 'gable'], 'west' => ['kind' => 'gable']]], ...$changes]]]]);
        yield 'four gables' => [$block([], ['kind' => 'gable']), 'roof.blocks[0].sides'];
        yield 'a slope without a pitch' => [$block([], ['kind' => 'sloped']), 'roof.blocks[0].sides.south.riseIn12'];
        yield 'a flat slope' => [$block([], ['kind' => 'sloped', 'riseIn12' => 0]), 'roof.blocks[0].sides.south.riseIn12'];
        yield 'a block without a width' => [$block(['width' => 0]), 'roof.blocks[0].width'];
        yield 'a block without sides' => [$block(['sides' => ['south' => ['kind' => 'gable']]]), 'roof.blocks[0].sides.east'];
        yield 'tied to nothing' => [$with(['ties' => [['side' => 1, 'plane' => 'P8', 'itsSide' => 3]]]), 'roof.planes[0].ties[0].plane'];
        yield 'a corner the plane has not' => [$reading(['quantity' => 'up', 'corner' => 9]), 'roof.planes[0].readings[0].corner'];
        yield 'from a corner to itself' => [$reading(['quantity' => 'between', 'corner' => 2, 'to' => 2]), 'roof.planes[0].readings[0].to'];
        yield 'free, and no edges' => [self::document(['roof' => ['planes' => [['id' => 'P1', 'name' => 'x', 'shape' => 'free']]]]), 'roof.planes[0].edges'];
        yield 'an unknown profile' => [self::document(['system' => ['profile' => 'gold-leaf']]), 'system.profile'];
        yield 'an unknown metal' => [self::document(['system' => ['material' => 'cheese']]), 'system.material'];
        yield 'a gauge the metal has not' => [self::document(['system' => ['material' => 'copper', 'gauge' => '24 ga']]), 'system.gauge'];
        yield 'a layout of no plane' => [self::document(['layout' => ['P7' => ['start' => 'balanced']]]), 'layout.P7'];
        yield 'an unknown start' => [self::document(['layout' => ['P1' => ['start' => 'luck']]]), 'layout.P1.start'];
        yield 'a rule nobody keeps' => [self::document(['rules' => ['order.luck' => 1]]), 'rules.order.luck'];
        yield 'a rule out of range' => [self::document(['rules' => ['order.extra' => -2]]), 'rules.order.extra'];
        yield 'a rule of the wrong kind' => [self::document(['rules' => ['order.extra' => 'two']]), 'rules.order.extra'];
        yield 'more panels than anybody lays' => [self::document(['roof' => ['planes' => array_map(static fn (int $i): array => self::plane(['id' => "P$i", 'outline' => [[0, 0], [12000, 0], [12000, 200], [0, 200]]]), range(1, 40))], 'system' => ['profile' => 'snap-lock-1.5-12']]), 'roof.planes'];
        yield 'a profile without a cover' => [self::document(['catalogue' => ['profiles' => [['key' => 'x', 'family' => 'ribbed', 'height' => 1, 'coil' => 40, 'leastPitch' => 3]]]]), 'catalogue.profiles[0].cover'];
    }

    /** @param  array<string, mixed>|string  $document */
    #[DataProvider('badDocuments')]
    public function test_bad_documents_are_refused_by_field(array|string $document, string $field): void
    {
        $user = $this->member();
        $answer = $this->begin($user, $document)->assertUnprocessable();

        self::assertContains($field, array_column($answer->json('faults'), 'field'));
        foreach ($answer->json('faults') as $fault) {
            self::assertStringStartsWith($fault['field'].': understood ', $fault['message']);
            self::assertNotSame('', $fault['understood']);
        }
        $job = $this->job($user);
        $this->save($user, $job, $document, 1)->assertUnprocessable();
        self::assertSame(1, $job->refresh()->revision);
    }

    /** Screens save 300 ms after the last stroke and one at a time: 200 a minute is the quickest hand. */
    public function test_saves_of_one_person_are_limited_with_room_for_the_quickest_hand(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        for ($i = 0; $i < 200; $i++) {
            $this->save($user, $job, '{}', 1)->assertUnprocessable();
        }
        $statuses = array_map(fn (): int => $this->save($user, $job, '{}', 1)->status(), range(1, 45));
        self::assertSame([422, 429], array_values(array_unique($statuses)));
        // Another person's saves are another count, and a minute later it goes on.
        $this->save($this->member(), $job, '{}', 1)->assertStatus(404);
        $this->travel(61)->seconds();
        self::assertSame(200, $this->save($user, $job, self::document(), 1)->status());
    }

    public function test_mutated_documents_never_break_the_server(): void
    {
        config(['imbrex.patience' => 10]);
        $user = $this->member();
        $whole = (string) file_get_contents(database_path('demo/clubroom.json'));
        mt_srand(20_260_309);
        for ($i = 0; $i < 150; $i++) {
            $mutant = $whole;
            for ($cuts = mt_rand(1, 3); $cuts > 0; $cuts--) {
                $at = mt_rand(0, strlen($mutant) - 2);
                $mutant = substr($mutant, 0, $at).['', '9', '-', '"', '}', 'null', '1e9', '[]'][mt_rand(0, 7)].substr($mutant, $at + mt_rand(0, 3));
            }
            self::assertContains($this->begin($user, $mutant)->status(), [201, 422], $mutant);
        }
    }
}
