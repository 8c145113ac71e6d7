<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use Illuminate\Foundation\Http\FormRequest;

/** The colour of a lot's ball ends; nothing where they have none of their own. */
final class NoteBallRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['colour' => ['present', 'nullable', 'string', 'max:30', 'regex:/^[^\p{Cc}]*$/u']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['colour.*' => 'Say the colour in a word or two, up to 30 letters, or leave it empty.'];
    }

    public function colour(): string
    {
        return $this->string('colour')->trim()->toString();
    }
}
