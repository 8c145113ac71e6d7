<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use Illuminate\Foundation\Http\FormRequest;
use Lira\Pitch\Pitch;

final class KeepTuningRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'pitches' => ['required', 'array', 'min:1', 'max:14'],
            'pitches.*' => ['required', 'string', 'max:8'],
            'revision' => ['nullable', 'integer', 'min:1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give the tuning a name to find it by.'];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }

    /** @return non-empty-list<string> as documents write them, string 1 first */
    public function pitches(): array
    {
        /** @var non-empty-list<string> $names */
        $names = array_values((array) $this->validated('pitches'));

        return array_map(static fn (string $name): string => Pitch::named($name)->name(), $names);
    }
}
