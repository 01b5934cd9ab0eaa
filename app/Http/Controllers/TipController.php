<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TipRequest;
use App\Models\CrewTip;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Imbrex\Stations\Words\Words;

/** Notes of the crew, pinned to a step, a kind of edge or a profile. */
final class TipController
{
    public function index(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $crew = $user->crew()->firstOrFail();
        Gate::authorize('view', $crew);

        return new JsonResponse($crew->tips()->orderBy('id')->get()->map(self::wire(...)));
    }

    public function store(TipRequest $request, Words $words): JsonResponse
    {
        $crew = $request->crew();
        abort_if($crew->tips()->count() >= CrewTip::MOST, 409, $words->say('tip.too-many', ['most' => CrewTip::MOST]));
        $tip = $crew->tips()->create([
            'place' => $request->string('place')->toString(),
            'text' => trim($request->string('text')->toString()),
            'in_print' => $request->boolean('inPrint'),
            'author_name' => $request->member()->name,
        ]);

        return new JsonResponse(self::wire($tip), 201);
    }

    public function destroy(Request $request, int $tip): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        $crew = $user->crew()->firstOrFail();
        Gate::authorize('keepTips', $crew);
        $crew->tips()->findOrFail($tip)->delete();

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private static function wire(CrewTip $tip): array
    {
        return ['id' => $tip->id, 'place' => $tip->place, 'text' => $tip->text, 'inPrint' => $tip->in_print, 'author' => $tip->author_name];
    }
}
