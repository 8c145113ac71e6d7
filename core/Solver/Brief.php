<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Pool\Pool;
use Lira\Strings\Construction;
use Lira\Target\Band;
use Lira\Target\Tensions;

/** What a set is to be chosen for: targets, pool and limits. */
final readonly class Brief
{
    /**
     * @param  non-empty-list<Band>  $bands  string 1 first
     * @param  ?int  $woundFrom  the lightest position that may be wound
     * @param  ?int  $plainTo  the heaviest position that may be plain
     * @param  list<int>  $plainOnly  positions that must be plain
     * @param  list<int>  $woundOnly  positions that must be wound
     * @param  list<int>  $keep  positions that keep the string they have
     * @param  float  $breakShare  the greatest share of the breaking load, in any tuning
     * @param  ?float  $mostTotalN  the greatest total, in any tuning
     * @param  list<PackagedSet>  $packaged  sets to compare
     * @param  bool  $mixed  whether a plain string may stand below a wound one, by pitch
     */
    public function __construct(
        public Tensions $tensions,
        public array $bands,
        public Serving $serving,
        public Pool $pool,
        public float $breakShare,
        public ?float $mostTotalN = null,
        public ?int $woundFrom = null,
        public ?int $plainTo = null,
        public array $plainOnly = [],
        public array $woundOnly = [],
        public array $keep = [],
        public array $packaged = [],
        public bool $mixed = false,
    ) {}

    /**
     * The same where every string is built as said, and the total is whatever it comes to.
     *
     * @param  list<int>  $plain  positions that must be plain
     * @param  list<int>  $wound  positions that must be wound
     */
    public function asBuilt(float $breakShare, array $plain, array $wound): self
    {
        return new self(
            $this->tensions,
            $this->bands,
            $this->serving,
            $this->pool,
            $breakShare,
            null,
            null,
            null,
            $plain,
            $wound,
            $this->keep,
            $this->packaged,
            $this->mixed,
        );
    }

    public function allows(int $position, Construction $construction): bool
    {
        return $construction->isWound()
            ? ($this->woundFrom === null || $position >= $this->woundFrom) && ! in_array($position, $this->plainOnly, true)
            : ($this->plainTo === null || $position <= $this->plainTo) && ! in_array($position, $this->woundOnly, true);
    }
}
