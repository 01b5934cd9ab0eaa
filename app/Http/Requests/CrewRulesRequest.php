<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Imbrex\Core\Ground\Rules\RuleFault;
use Imbrex\Core\HouseRules;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Documents\RuleFaults;

final class CrewRulesRequest extends WordedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['rules' => ['present', 'array', 'max:200']];
    }

    /**
     * @return array<string, float|string>
     *
     * @throws DocumentFault naming the rule
     */
    public function houseRules(): array
    {
        $own = [];
        foreach ((array) $this->input('rules') as $key => $value) {
            $value = is_numeric($value) ? (float) $value : (is_string($value) ? $value : '');
            try {
                HouseRules::with([(string) $key => $value]);
            } catch (RuleFault $fault) {
                throw DocumentFault::of([RuleFaults::fault("rules.$key", $fault, $value)]);
            }
            $own[(string) $key] = $value;
        }

        return $own;
    }
}
