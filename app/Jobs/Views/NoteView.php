<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** Something that was noted, or went wrong. */
final readonly class NoteView
{
    /**
     * @param  string  $at  the moment, ISO 8601
     * @param  ?int  $position  the string it is about
     */
    public function __construct(public string $text, public string $at, public ?int $position) {}
}
