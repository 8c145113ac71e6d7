<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Models\Pool;
use Illuminate\Foundation\Http\FormRequest;

/** The pool that a set is chosen from. */
final class ChoosePoolRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'pool' => ['present', 'nullable', 'integer', 'exists:pools,id'],
            'seen' => ['present', 'nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pool.*' => 'There is no such pool.',
            'seen.*' => 'Say which pool it was chosen from before; null for what is usual.',
        ];
    }

    public function pool(): ?Pool
    {
        return $this->input('pool') === null ? null : Pool::query()->findOrFail($this->integer('pool'));
    }

    public function seen(): ?int
    {
        return $this->input('seen') === null ? null : $this->integer('seen');
    }
}
