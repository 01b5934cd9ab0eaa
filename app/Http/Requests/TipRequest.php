<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Crew;
use Closure;
use Illuminate\Support\Facades\Gate;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Stations\Station;
use Imbrex\Stations\Stations;

/** A note to pin, by whoever changes plans. */
final class TipRequest extends WordedRequest
{
    public function authorize(): bool
    {
        return Gate::allows('keepTips', $this->crew());
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'place' => ['bail', 'required', 'string', 'max:80', function (string $field, mixed $place, Closure $fail): void {
                $this->isKnown((string) $place) || $fail('place');
            }],
            'text' => ['bail', 'required', 'string', 'max:280'],
            'inPrint' => ['bail', 'boolean'],
        ];
    }

    public function crew(): Crew
    {
        return $this->member()->crew()->firstOrFail();
    }

    private function isKnown(string $place): bool
    {
        [$what, $which] = [...explode(':', $place, 2), ''];

        return match ($what) {
            'step' => in_array($which, array_map(static fn (Station $station): string => $station->key(), app(Stations::class)->all()), true),
            'edge' => EdgeKind::tryFrom($which) !== null,
            'profile' => $which !== '',
            default => false,
        };
    }
}
