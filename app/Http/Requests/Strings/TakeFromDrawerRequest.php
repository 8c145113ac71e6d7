<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Strings\Drawer\Drawer;
use Illuminate\Foundation\Http\FormRequest;

/** Strings that are taken out of a lot. */
final class TakeFromDrawerRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'quantity' => ['required', 'integer', 'min:1', 'max:'.Drawer::MOST],
            'note' => ['nullable', 'string', 'max:300'],
            'set' => ['nullable', 'integer', 'exists:sets,id'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'quantity.*' => 'Give how many are taken, 1 or more.',
        ];
    }

    /** The set that they are for, if for one. */
    public function setId(): ?int
    {
        return $this->input('set') === null ? null : $this->integer('set');
    }

    public function note(): string
    {
        return $this->string('note')->trim()->toString();
    }
}
