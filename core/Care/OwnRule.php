<?php

declare(strict_types=1);

namespace Lira\Care;

use Lira\Instrument\Fingerboard;
use Lira\Kind\Kind;

/** A rule that somebody added. */
final readonly class OwnRule implements CareRule
{
    /**
     * @param  int  $id  1 or more
     * @param  list<Kind>  $kinds  it is for; empty for all
     * @param  ?Fingerboard  $fingerboard  null for all
     * @param  Place  $place  unsaid for all
     * @param  string  $owner  empty for all
     */
    public function __construct(
        private int $id,
        private string $label,
        private string $reason,
        private Rhythm $rhythm,
        private array $kinds = [],
        private ?Fingerboard $fingerboard = null,
        private Place $place = Place::Unsaid,
        private string $owner = '',
    ) {}

    public function key(): string
    {
        return "own-{$this->id}";
    }

    public function label(): string
    {
        return $this->label;
    }

    public function reason(): string
    {
        return $this->reason;
    }

    public function caution(): string
    {
        return '';
    }

    public function rhythm(): Rhythm
    {
        return $this->rhythm;
    }

    public function suits(Look $instrument): bool
    {
        return ($this->kinds === [] || in_array($instrument->kind, $this->kinds, true))
            && ($this->fingerboard === null || $this->fingerboard === $instrument->fingerboard)
            && ($this->place === Place::Unsaid || $this->place === $instrument->place)
            && ($this->owner === '' || $this->owner === $instrument->owner);
    }
}
