<?php

declare(strict_types=1);

namespace App\Http\Requests\Instruments;

use App\Http\SeenRevision;
use Illuminate\Foundation\Http\FormRequest;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetReader;

/** The `instrument` part of a set document, with its number of strings and the revision it was made from. */
final class SaveInstrumentRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'document' => ['required', 'array'],
            'document.name' => ['required', 'string', 'max:200'],
            'strings' => ['required', 'integer', 'min:1', 'max:'.SetReader::MOST_STRINGS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'document.name.required' => 'Give the instrument a name.',
            'strings.*' => 'Give the number of strings, 1 to '.SetReader::MOST_STRINGS.'.',
        ];
    }

    public function document(): \stdClass
    {
        $document = Json::object($this->getContent())->document ?? null;

        return $document instanceof \stdClass ? $document : throw InvalidDocument::at('', 'Describe the instrument.');
    }

    public function strings(): int
    {
        return $this->integer('strings');
    }

    public function revision(): int
    {
        return SeenRevision::in($this);
    }
}
