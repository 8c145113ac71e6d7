<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Models\ListString;
use App\Strings\Drawer\Drawer;
use Illuminate\Foundation\Http\FormRequest;

/** Strings of a list that come into the drawer. */
final class AddToDrawerRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'string' => ['required', 'integer', 'exists:list_strings,id'],
            'quantity' => ['required', 'integer', 'min:1', 'max:'.Drawer::MOST],
            'cents' => ['nullable', 'integer', 'min:0'],
            'note' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'string.*' => 'Choose which string it is.',
            'quantity.*' => 'Give how many come in, 1 or more.',
            'cents.*' => 'Give what one cost, or leave it empty.',
        ];
    }

    public function listed(): ListString
    {
        return ListString::query()->findOrFail($this->integer('string'));
    }

    public function cents(): ?int
    {
        return $this->input('cents') === null ? null : $this->integer('cents');
    }

    public function note(): string
    {
        return $this->string('note')->trim()->toString();
    }
}
