<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A named pool and its rule. */
final class SavePoolRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => [
                'required',
                'string',
                'max:120',
                Rule::unique('pools', 'name')->withoutTrashed('archived_at')->ignore($this->route('pool')),
            ],
            'rule' => ['array:suppliers,families,half_gauges,drawer'],
            'rule.suppliers' => ['array'],
            'rule.suppliers.*' => ['integer', 'exists:suppliers,id'],
            'rule.families' => ['array'],
            'rule.families.*' => ['string', 'max:60'],
            'rule.half_gauges' => ['boolean'],
            'rule.drawer' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give the pool a name.',
            'name.unique' => 'There is a pool of that name. Choose another.',
            'rule.array' => 'Say what is in the pool by suppliers, families, half_gauges and drawer.',
            'rule.suppliers.*.*' => 'There is no such supplier.',
        ];
    }

    /** @return array{name: string, rule: array<mixed>} */
    public function pool(): array
    {
        return ['name' => $this->string('name')->trim()->toString(), 'rule' => $this->array('rule')];
    }
}
