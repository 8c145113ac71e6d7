<?php

declare(strict_types=1);

namespace App\Bench\Start;

use Lira\Document\InvalidDocument;
use Lira\Document\Problem;
use Lira\Instrument\Instrument;
use Lira\Typed\TypedPresent;
use Lira\Typed\TypedWish;

/** What three answers were read as, as far as they could be. */
final readonly class Reading
{
    /**
     * @param  ?\stdClass  $json  the instrument as set documents say it
     * @param  ?\stdClass  $baseline  what is on it as documents say a baseline, where that is known already
     * @param  array<'instrument'|'present'|'wish', string>  $problems  the sentence for each answer that cannot be read
     * @param  array<'instrument'|'present'|'wish', list<string>>  $offers  what to take instead of each that cannot be read
     * @param  list<array{id: int, name: string}>  $kept  instruments of the workshop that may be meant
     * @param  ?string  $ownName  which of them it is, where it is one
     */
    public function __construct(
        public ?\stdClass $json,
        public ?Instrument $instrument,
        public int $strings,
        public ?TypedPresent $present,
        public ?\stdClass $baseline,
        public ?TypedWish $wish,
        public array $problems,
        public array $offers = [],
        public array $kept = [],
        public ?string $ownName = null,
    ) {}

    /**
     * Where nobody knows which instrument is meant.
     *
     * @param  array<'instrument'|'present'|'wish', list<string>>  $offers
     * @param  list<array{id: int, name: string}>  $kept
     */
    public static function refused(string $problem, array $offers, array $kept): self
    {
        return new self(null, null, 0, null, null, null, ['instrument' => $problem], $offers, $kept);
    }

    /**
     * @return array{\stdClass, TypedPresent, TypedWish}
     *
     * @throws InvalidDocument with the place of every answer that cannot be read
     */
    public function whole(): array
    {
        if ($this->json === null || $this->present === null || $this->wish === null) {
            $problems = array_map(
                static fn (string $answer, string $message): Problem => new Problem("/{$answer}", $message),
                array_keys($this->problems),
                array_values($this->problems),
            );
            throw $problems === [] ? InvalidDocument::at('', 'Answer again.') : InvalidDocument::because($problems);
        }

        return [$this->json, $this->present, $this->wish];
    }
}
