<?php

declare(strict_types=1);

namespace Lira\Finding;

/** One thing to know about a set: what, how much it matters, where, its number and its limit, and what to do. */
final readonly class Finding
{
    private function __construct(
        public string $code,
        public Severity $severity,
        public Remedy $remedy,
        public string $message,
        public ?int $position = null,
        public ?string $tuning = null,
        public ?float $value = null,
        public ?float $limit = null,
        public ?Unit $unit = null,
        public ?string $reason = null,
    ) {}

    /** @param  string  $message  one sentence in a technician's words that says what to do */
    public static function stop(string $code, Remedy $remedy, string $message): self
    {
        return new self($code, Severity::Stop, $remedy, $message);
    }

    /** @param  string  $message  one sentence in a technician's words that says what to do */
    public static function caution(string $code, Remedy $remedy, string $message): self
    {
        return new self($code, Severity::Caution, $remedy, $message);
    }

    /** @param  string  $message  one sentence in a technician's words that says what to do */
    public static function note(string $code, Remedy $remedy, string $message): self
    {
        return new self($code, Severity::Note, $remedy, $message);
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
            $this->code, $this->severity, $this->remedy, $this->message,
            $changed['position'] ?? $this->position,
            $changed['tuning'] ?? $this->tuning,
            $changed['value'] ?? $this->value,
            $changed['limit'] ?? $this->limit,
            $changed['unit'] ?? $this->unit,
            $changed['reason'] ?? $this->reason,
        );
    }
}
