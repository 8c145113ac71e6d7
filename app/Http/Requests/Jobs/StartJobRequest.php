<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Models\JobReason;
use Illuminate\Validation\Rule;

/** A job to begin. */
final class StartJobRequest extends PlanJobRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'owner' => ['nullable', 'string', 'max:200'],
            'reason' => ['required', Rule::enum(JobReason::class)],
            'bench' => ['nullable', 'string', 'max:60'],
            'promised_on' => ['nullable', 'date_format:Y-m-d'],
            'way' => [Rule::in(['usual', 'workshop', 'owner', 'last', 'own'])],
            'from_drawer' => ['boolean'],
            'spares' => ['integer', 'min:0', 'max:3'],
            'key' => ['nullable', 'uuid'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'reason.*' => 'Say why the strings are changed.',
            'promised_on.*' => 'Give the day it is promised for, as 2026-12-03, or leave it empty.',
            'spares.*' => 'Keep 0 to 3 spares of each string.',
            'key.*' => 'Send a UUID by which a beginning that comes twice is known, or none.',
        ];
    }

    /** By which a beginning that comes twice is known; null where none was said. */
    public function key(): ?string
    {
        $key = $this->input('key');

        return is_string($key) && $key !== '' ? strtolower($key) : null;
    }

    /** @return array{owner: string, reason: JobReason, bench: string, promised_on: ?string, way: string, from_drawer: bool, spares: int} */
    public function said(): array
    {
        $promised = $this->input('promised_on');

        return [
            'owner' => $this->string('owner')->trim()->toString(),
            'reason' => JobReason::from($this->string('reason')->toString()),
            'bench' => $this->string('bench')->trim()->toString(),
            'promised_on' => is_string($promised) && $promised !== '' ? $promised : null,
            'way' => $this->string('way', 'usual')->toString(),
            'from_drawer' => $this->boolean('from_drawer'),
            'spares' => $this->integer('spares'),
        ];
    }
}
