<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Strings\Drawer\Drawer;
use Illuminate\Foundation\Http\FormRequest;

/** What a lot was counted to have. */
final class CountLotRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'counted' => ['required', 'integer', 'min:0', 'max:'.Drawer::MOST],
            'seen' => ['required', 'integer'],
            'reason' => ['required', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'counted.*' => 'Give how many there are, 0 or more.',
            'reason.required' => 'Say why it differs: lost, found, given away, broken.',
        ];
    }

    public function reason(): string
    {
        return $this->string('reason')->trim()->toString();
    }
}
