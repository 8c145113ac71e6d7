<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use Illuminate\Foundation\Http\FormRequest;
use Lira\Pitch\InvalidPitch;
use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Typed\TypedNotes;

final class FindPitchRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'hz' => ['required_without:typed', 'numeric'],
            'a4_hz' => ['numeric'],
            'typed' => ['string', 'max:20'],
            'near' => ['required_with:typed', 'string', 'max:8'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['hz.*' => 'Type the frequency as a number of hertz, such as 110 Hz.'];
    }

    /**
     * The pitch that was typed, in the octave nearest to another one where it has none; or the one nearest to a frequency.
     *
     * @throws InvalidPitch where it is none, or none is near
     */
    public function pitch(): Pitch
    {
        if ($this->has('typed')) {
            return TypedNotes::read($this->string('typed')->toString(), [Pitch::named($this->string('near')->toString())])[0];
        }

        return Pitch::nearestTo($this->float('hz'), ReferencePitch::hertz($this->float('a4_hz', 440.0)));
    }
}
