<?php

declare(strict_types=1);

namespace App\Network;

/** What only its holder knows; the workshop keeps its hash. */
final readonly class Secret
{
    /** 128 bits, for ten minutes; and 256, for as long as a device is let in. */
    public const SHORT_BYTES = 16;

    public const LONG_BYTES = 32;

    private function __construct(#[\SensitiveParameter] public string $text) {}

    /** @param  int<1, max>  $bytes */
    public static function ofBytes(int $bytes): self
    {
        return new self(rtrim(strtr(base64_encode(random_bytes($bytes)), '+/', '-_'), '='));
    }

    public function hash(): string
    {
        return self::hashOf($this->text);
    }

    /** Chance made it, so one turn of SHA-256 is enough. */
    public static function hashOf(#[\SensitiveParameter] string $text): string
    {
        return hash('sha256', $text);
    }
}
