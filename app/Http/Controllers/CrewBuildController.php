<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DocumentRequest;
use App\Models\CrewBuild;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Imbrex\Core\Builds\BuildBook;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Stations\Documents\Formats;
use Imbrex\Stations\JobReader;
use stdClass;

/** Builds the crew made of those that ship. */
final class CrewBuildController
{
    /** More than a crew tells apart. */
    private const MOST = 200;

    public function index(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $crew = $user->crew()->firstOrFail();
        Gate::authorize('view', $crew);

        return new JsonResponse($crew->builds()->orderBy('key')->get()->map(self::told(...)));
    }

    /** The body is one build as in the job document, but for key and version; it is checked as part of one. Kept again under its title it is the next version. */
    public function store(DocumentRequest $request, JobReader $reader): JsonResponse
    {
        $crew = $request->member()->crew()->firstOrFail();
        Gate::authorize('keepBuilds', $crew);
        $said = json_decode($request->document(), false, 12);
        $definition = $said instanceof stdClass ? $said : new stdClass;
        $title = is_string($definition->title ?? null) ? trim($definition->title) : '';
        $definition->key = substr('crew-'.(Str::slug($title) ?: 'build'), 0, 40);
        $known = $crew->builds()->where('key', $definition->key)->first();
        $definition->version = 1 + ($known === null ? 0 : (int) ($known->definition['version'] ?? 1));
        $document = $reader->decode((string) json_encode([
            'format' => Formats::NEWEST, 'name' => 'catalogue', 'roof' => ['planes' => []], 'catalogue' => ['builds' => [$definition]],
        ]));
        $reader->job($document);
        abort_if($known === null && $crew->builds()->count() >= self::MOST, 409, 'full');
        $kept = $crew->builds()->updateOrCreate(['key' => $definition->key], ['definition' => json_decode((string) json_encode($document->catalogue->builds[0]), true)]);

        return new JsonResponse(self::told($kept), 201);
    }

    public function destroy(Request $request, int $build): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        $crew = $user->crew()->firstOrFail();
        Gate::authorize('keepBuilds', $crew);
        $crew->builds()->findOrFail($build)->delete();

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private static function told(CrewBuild $kept): array
    {
        $base = BuildBook::shipped()->build((string) ($kept->definition['from'] ?? ''));

        return ['id' => $kept->id, 'edge' => $base?->edge->value, 'fixings' => array_map(static fn (Fixing $fixing): string => $fixing->value, $base->fixings ?? []), 'definition' => $kept->definition];
    }
}
