<?php

declare(strict_types=1);

namespace Lira\Finding;

/** One thing to know about a set: what, how much it matters, where, its number and its limit, and what to do. */
final readonly class Finding
{
    private function __construct(
        public string $code,
        public Severity $severity,
        public string $message,
        public ?int $position = null,
        public ?string $tuning = null,
        public ?float $value = null,
        public ?float $limit = null,
    ) {}

    /** @param  string  $message  one sentence in a technician's words that says what to do */
    public static function stop(string $code, string $message): self
    {
        return new self($code, Severity::Stop, $message);
    }

    /** @param  string  $message  one sentence in a technician's words that says what to do */
    public static function caution(string $code, string $message): self
    {
        return new self($code, Severity::Caution, $message);
    }

    /** @param  string  $message  one sentence in a technician's words that says what to do */
    public static function note(string $code, string $message): self
    {
        return new self($code, Severity::Note, $message);
    }

    public function onString(int $position): self
    {
        return new self($this->code, $this->severity, $this->message, $position, $this->tuning, $this->value, $this->limit);
    }

    public function inTuning(string $tuning): self
    {
        return new self($this->code, $this->severity, $this->message, $this->position, $tuning, $this->value, $this->limit);
    }

    public function measured(float $value, ?float $limit = null): self
    {
        return new self($this->code, $this->severity, $this->message, $this->position, $this->tuning, $value, $limit);
    }
}
