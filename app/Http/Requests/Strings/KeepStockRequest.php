<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Strings\Drawer\Drawer;
use Illuminate\Foundation\Http\FormRequest;
use Lira\Strings\StringType;

/** How many of a string should be in the drawer. */
final class KeepStockRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...StringTypeRules::rules(),
            'least' => ['nullable', 'integer', 'min:0', 'max:'.Drawer::MOST],
            'seen' => ['present', 'nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...StringTypeRules::MESSAGES,
            'seen.*' => 'Say how many it said there should be, before it was changed; null for no matter.',
            'least.*' => 'Give how many should be there, 0 or more.',
        ];
    }

    public function type(): StringType
    {
        return StringTypeRules::read($this);
    }

    public function least(): ?int
    {
        return $this->input('least') === null ? null : $this->integer('least');
    }

    public function seen(): ?int
    {
        return $this->input('seen') === null ? null : $this->integer('seen');
    }
}
