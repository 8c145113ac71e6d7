<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lira\Kind\Kind;
use Lira\Pitch\Pitch;

final class FindTuningsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(Kind::class)],
            'present' => ['required', 'string', 'max:200'],
            'typed' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => 'Say the kind of instrument; there is no other than those listed.',
            'present.*' => 'Say what it is tuned to now, as pitches from string 1.',
            'typed.*' => 'Type a tuning in 80 characters at most.',
        ];
    }

    public function kind(): Kind
    {
        return Kind::from($this->string('kind')->toString());
    }

    /** @return non-empty-list<Pitch> */
    public function present(): array
    {
        return array_map(Pitch::named(...), explode(' ', $this->string('present')->trim()->toString()));
    }

    public function typed(): string
    {
        return $this->string('typed')->trim()->toString();
    }
}
