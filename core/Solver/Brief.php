<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Pool\Pool;
use Lira\Strings\Construction;
use Lira\Target\Band;
use Lira\Target\Tensions;
use Lira\Wording\Statement;

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
     * @param  ?Cautions  $cautions  what a choice would be warned of; null where nothing is
     * @param  list<Statement>  $reasons  why strings are not plain or wound as they were
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
        public ?Cautions $cautions = null,
        public array $reasons = [],
    ) {}

    /**
     * The same up to another share of the breaking load, the total whatever it comes to.
     *
     * @param  float  $breakShare  the greatest share of the breaking load, in any tuning
     */
    public function bearing(float $breakShare): self
    {
        return new self(
            $this->tensions, $this->bands, $this->serving, $this->pool, $breakShare, null, $this->woundFrom, $this->plainTo, $this->plainOnly,
            $this->woundOnly, $this->keep, $this->packaged, $this->mixed, $this->cautions, $this->reasons,
        );
    }

    /** The same with every string plain or wound. */
    public function withoutConstructions(): self
    {
        return new self(
            $this->tensions, $this->bands, $this->serving, $this->pool, $this->breakShare, $this->mostTotalN, null, null, [], [],
            $this->keep, $this->packaged, true, $this->cautions, [],
        );
    }

    /** The same with the constructions that are kept, where nothing else was said of a string. */
    public function keeping(Constructions $kept): self
    {
        $said = [...$this->plainOnly, ...$this->woundOnly];
        $positions = static fn (bool $wound): array => array_values(array_diff(
            array_map(static fn (int $index): int => $index + 1, array_keys($kept->wound, $wound, true)),
            $said,
        ));

        return new self(
            $this->tensions, $this->bands, $this->serving, $this->pool, $this->breakShare, $this->mostTotalN, $this->woundFrom, $this->plainTo,
            [...$this->plainOnly, ...$positions(false)], [...$this->woundOnly, ...$positions(true)], $this->keep, $this->packaged,
            $this->mixed || $kept->mixed, $this->cautions, $kept->reasons(),
        );
    }

    public function allows(int $position, Construction $construction): bool
    {
        return $construction->isWound()
            ? ($this->woundFrom === null || $position >= $this->woundFrom) && ! in_array($position, $this->plainOnly, true)
            : ($this->plainTo === null || $position <= $this->plainTo) && ! in_array($position, $this->woundOnly, true);
    }
}
