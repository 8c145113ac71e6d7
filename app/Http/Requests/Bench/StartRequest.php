<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Bench\Start\Answers;
use Illuminate\Foundation\Http\FormRequest;

/** The three answers of a start. */
final class StartRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'instrument' => ['nullable', 'string', 'max:200'],
            'instrument_id' => ['nullable', 'integer', 'exists:instruments,id'],
            'present' => ['nullable', 'string', 'max:400'],
            'wish' => ['nullable', 'string', 'max:400'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'instrument_id.*' => 'There is no such instrument any more. Describe it, or choose another.',
            '*.max' => 'That is more than one line can hold. Say it shorter.',
        ];
    }

    public function answers(): Answers
    {
        $id = $this->input('instrument_id');

        return new Answers(
            trim($this->string('instrument')->toString()),
            trim($this->string('present')->toString()),
            trim($this->string('wish')->toString()),
            is_numeric($id) ? (int) $id : null,
        );
    }
}
