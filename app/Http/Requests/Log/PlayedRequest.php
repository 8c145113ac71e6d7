<?php

declare(strict_types=1);

namespace App\Http\Requests\Log;

use Illuminate\Foundation\Http\FormRequest;

/** That an instrument was played. */
final class PlayedRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'hours' => ['required', 'numeric', 'gt:0', 'max:24'],
            'on' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after_or_equal:1950-01-01', 'before_or_equal:tomorrow'],
            'heat' => ['boolean'],
            'salt' => ['boolean'],
            'sweat' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'hours.*' => 'Give the hours it was played, up to 24.',
            'on.*' => 'Give the day it was played, as 2026-12-03, from 1950 on and not one to come.',
            'heat.*' => 'Say whether it was hot, true or false.',
            'salt.*' => 'Say whether there was salt in the air, true or false.',
            'sweat.*' => 'Say whether hands were wet, true or false.',
        ];
    }

    /** @return array{played_on: string, hours: float, heat: bool, salt: bool, sweat: bool} */
    public function played(): array
    {
        return [
            'played_on' => $this->string('on')->toString(), 'hours' => $this->float('hours'),
            'heat' => $this->boolean('heat'), 'salt' => $this->boolean('salt'), 'sweat' => $this->boolean('sweat'),
        ];
    }
}
