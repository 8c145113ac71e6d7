<?php

declare(strict_types=1);

namespace App\Http\Requests\Instruments;

use Illuminate\Foundation\Http\FormRequest;

/** What a photograph shows. */
final class CaptionRequest extends FormRequest
{
    private const LONGEST = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'caption' => ['nullable', 'string', 'max:'.self::LONGEST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'caption.*' => 'Say in up to '.self::LONGEST.' characters what it shows.',
        ];
    }

    public function caption(): string
    {
        return $this->string('caption')->trim()->toString();
    }
}
