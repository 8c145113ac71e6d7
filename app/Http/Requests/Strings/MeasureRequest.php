<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Models\MeasuredSample;
use App\Strings\TypeColumns;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lira\Document\SampleReader;
use Lira\Kind\Kind;

/** A string that was weighed or sounded, with its readings. */
final class MeasureRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...StringTypeRules::rules(),
            'kind' => ['required', Rule::enum(Kind::class)],
            'readings' => ['required', 'array'],
            'readings.*' => ['numeric'],
            'note' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...StringTypeRules::MESSAGES,
            'readings.*' => 'Give what was measured as numbers.',
        ];
    }

    /** Not kept yet. */
    public function sample(): MeasuredSample
    {
        $readings = [];
        foreach (SampleReader::READINGS as $key) {
            $value = $this->input("readings.{$key}");
            if (is_int($value) || is_float($value)) {
                $readings[$key] = (float) $value;
            }
        }

        return new MeasuredSample([
            ...TypeColumns::of(StringTypeRules::read($this)), 'kind' => $this->string('kind')->toString(),
            'readings' => $readings, 'note' => $this->string('note')->trim()->toString(),
        ]);
    }
}
