<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Models\Instrument;
use Illuminate\Foundation\Http\FormRequest;

final class StartSetRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['instrument' => ['required', 'integer'], 'name' => ['nullable', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['instrument.required' => 'Choose the instrument the set is for.'];
    }

    public function instrument(): Instrument
    {
        return Instrument::query()->findOrFail($this->integer('instrument'));
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }
}
