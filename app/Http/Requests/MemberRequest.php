<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Crew;
use Illuminate\Support\Facades\Gate;

/** What is done to members of one's own crew. Asked whether one may before anything is looked at. */
class MemberRequest extends WordedRequest
{
    private ?Crew $crew = null;

    public function authorize(): bool
    {
        return Gate::allows('invite', $this->crew());
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    public function crew(): Crew
    {
        return $this->crew ??= $this->member()->crew()->firstOrFail();
    }
}
