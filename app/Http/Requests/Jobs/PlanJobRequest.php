<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Models\StringSet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lira\Fitting\School\Schools;

/** A job as it would be: its set, what is on the instrument, and its schools. */
class PlanJobRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $schools = [];
        foreach (Schools::aspects() as $aspect => $enum) {
            $schools["schools.{$aspect}"] = ['string', Rule::enum($enum)];
        }

        return [
            'set' => ['required', 'integer', 'exists:sets,id'],
            'present' => ['required', 'string', 'max:30'],
            'schools' => ['array:'.implode(',', array_keys(Schools::aspects()))],
            ...$schools,
            'left_handed' => ['boolean'],
            'strings' => ['array'],
            'strings.*' => ['integer', 'min:1', 'distinct'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'set.*' => 'Choose the set that goes on.',
            'present.*' => 'Say what is on the instrument now.',
            'strings.*' => 'Say which strings are changed, each once.',
            'schools.*' => 'There is no such school. Choose one of those that are offered.',
        ];
    }

    public function set(): StringSet
    {
        return StringSet::query()->with('instrument')->findOrFail($this->integer('set'));
    }

    public function present(): string
    {
        return $this->string('present')->toString();
    }

    /** @return array<string, string> by aspect */
    public function schools(): array
    {
        /** @var array<string, string> $schools */
        $schools = array_filter($this->array('schools'), is_string(...));

        return $schools;
    }

    /** @return list<int> positions of the strings that are changed; none for all */
    public function positions(): array
    {
        $positions = array_values(array_map(intval(...), array_filter($this->array('strings'), is_numeric(...))));
        sort($positions);

        return $positions;
    }

    public function leftHanded(): bool
    {
        return $this->boolean('left_handed');
    }
}
