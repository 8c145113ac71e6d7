<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use Illuminate\Foundation\Http\FormRequest;

final class KeepVersionRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give the version a name to find it by.'];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }
}
