<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use Illuminate\Foundation\Http\FormRequest;

/** The packaged sets of a supplier as lines of text. */
final class SavePackagedSetsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['present', 'nullable', 'string', 'max:200000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.*' => 'Give the sets as lines of text.',
        ];
    }

    public function text(): string
    {
        return $this->string('text')->toString();
    }
}
