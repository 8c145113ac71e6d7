<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\SeenRevision;
use Illuminate\Foundation\Http\FormRequest;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetDocument;

/** A set document with the revision it was made from: `{"revision": 3, "document": {…}}`. Paths of errors are the document's. */
final class SaveSetRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['document' => ['required', 'array']];
    }

    public function revision(): int
    {
        return SeenRevision::in($this);
    }

    /** Read from the body itself, since PHP arrays cannot tell an empty object from an empty list. */
    public function document(): SetDocument
    {
        $document = Json::object($this->getContent())->document ?? null;

        return $document instanceof \stdClass ? SetDocument::from($document) : throw InvalidDocument::at('', 'Send a set document.');
    }
}
