<?php

declare(strict_types=1);

namespace App\Http\Requests\Instruments;

use Illuminate\Foundation\Http\FormRequest;

/** What a photograph shows. */
final class CaptionRequest extends FormRequest
{
    private const LONGEST = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'caption' => ['nullable', 'string', 'max:'.self::LONGEST],
            'job' => ['nullable', 'integer', 'exists:jobs,id'],
            'moment' => ['required_with:job', 'in:before,after'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'caption.*' => 'Say in up to '.self::LONGEST.' characters what it shows.',
            'job.*' => 'There is no such job.',
            'moment.*' => 'Say whether it was taken before or after.',
        ];
    }

    public function caption(): string
    {
        return $this->string('caption')->trim()->toString();
    }

    /**
     * In which job it was taken, and when in it.
     *
     * @return array{job_id: int, moment: string}|null null where it was in none
     */
    public function taken(): ?array
    {
        return $this->input('job') === null ? null : ['job_id' => $this->integer('job'), 'moment' => $this->string('moment')->toString()];
    }
}
