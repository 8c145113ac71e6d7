<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use Illuminate\Foundation\Http\FormRequest;
use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;

final class FindPitchRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['hz' => ['required', 'numeric'], 'a4_hz' => ['numeric']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['hz.*' => 'Type the frequency as a number of hertz, such as 110 Hz.'];
    }

    /**
     * The nearest pitch.
     *
     * @throws \Lira\Pitch\InvalidPitch where no pitch is near
     */
    public function pitch(): Pitch
    {
        return Pitch::nearestTo($this->float('hz'), ReferencePitch::hertz($this->float('a4_hz', 440.0)));
    }
}
