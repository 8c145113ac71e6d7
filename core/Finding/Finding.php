<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Wording\Statement;
use Lira\Wording\Units;

/**
 * One thing to know about a set: what, how much it matters, where, its number and its limit, and what to do.
 *
 * @phpstan-import-type Parameters from Statement
 */
final readonly class Finding
{
    /** @param  Parameters  $parameters  of its sentence */
    public function __construct(
        public FindingType $type,
        public Severity $severity,
        public Remedy $remedy,
        public array $parameters,
        public ?int $position = null,
        public ?string $tuning = null,
        public ?float $value = null,
        public ?float $limit = null,
        public ?Unit $unit = null,
        public ?string $reason = null,
    ) {}

    public function statement(): Statement
    {
        return new Statement($this->type->code, $this->type->sentence, $this->parameters);
    }

    public function message(Units $units): string
    {
        return $this->statement()->text($units);
    }

    public function onString(int $position): self
    {
        return $this->with(['position' => $position]);
    }

    public function inTuning(string $tuning): self
    {
        return $this->with(['tuning' => $tuning]);
    }

    /**
     * The figure it was judged by.
     *
     * @param  ?string  $reason  why there is that limit, in a sentence
     */
    public function measured(float $value, float $limit, Unit $unit, ?string $reason = null): self
    {
        return $this->with(['value' => $value, 'limit' => $limit, 'unit' => $unit, 'reason' => $reason]);
    }

    /** @param  array{position?: int, tuning?: string, value?: float, limit?: float, unit?: Unit, reason?: ?string}  $changed */
    private function with(array $changed): self
    {
        return new self(
            $this->type, $this->severity, $this->remedy, $this->parameters,
            $changed['position'] ?? $this->position,
            $changed['tuning'] ?? $this->tuning,
            $changed['value'] ?? $this->value,
            $changed['limit'] ?? $this->limit,
            $changed['unit'] ?? $this->unit,
            $changed['reason'] ?? $this->reason,
        );
    }
}
