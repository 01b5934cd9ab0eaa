<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DocumentRequest;
use App\Models\CrewProfile;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Section;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Documents\Formats;
use Imbrex\Stations\Documents\ProfileBuilder;
use Imbrex\Stations\Documents\Understood;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Wire;

/** Profiles the crew entered itself. */
final class ProfileController
{
    /** The body is one profile as in the job document; it is checked as part of one. */
    public function store(DocumentRequest $request, JobReader $reader): JsonResponse
    {
        $crew = $request->member()->crew()->firstOrFail();
        Gate::authorize('keepCatalogue', $crew);
        $definition = json_decode($request->document(), false, 8);
        $document = $reader->decode((string) json_encode([
            'format' => Formats::NEWEST, 'name' => 'catalogue', 'roof' => ['planes' => []], 'catalogue' => ['profiles' => [$definition]],
        ]));
        $reader->job($document);
        $profile = $document->catalogue->profiles[0];
        if (! ProfileBuilder::saysRibs($profile)) {
            throw DocumentFault::of([new Fault('catalogue.profiles[0].ribSpacing', 'ribs', Understood::NOTHING)]);
        }
        abort_if(isset(Catalogue::shipped()->profiles[$profile->key]), 409, 'shipped');
        $kept = $crew->profiles()->updateOrCreate(['key' => $profile->key], ['definition' => (array) $profile]);

        return new JsonResponse(['key' => $kept->key], 201);
    }

    public function destroy(Request $request, int $profile): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        $crew = $user->crew()->firstOrFail();
        Gate::authorize('keepCatalogue', $crew);
        $crew->profiles()->findOrFail($profile)->delete();

        return response()->noContent();
    }

    public function index(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $crew = $user->crew()->firstOrFail();
        Gate::authorize('view', $crew);

        return new JsonResponse($crew->profiles()->orderBy('key')->get()->map(
            static function (CrewProfile $p): array {
                $profile = ProfileBuilder::build((object) $p->definition);

                return ['id' => $p->id, 'definition' => $p->definition, 'section' => Wire::line(Section::of($profile)), 'outToOut' => $profile->outToOut()];
            },
        ));
    }
}
