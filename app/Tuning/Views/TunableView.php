<?php

declare(strict_types=1);

namespace App\Tuning\Views;

/** An instrument that can be tuned, and the set on it. */
final readonly class TunableView
{
    /**
     * @param  string  $owner  empty where nobody is named
     * @param  int  $set  that is on it, or was last designed for it
     * @param  bool  $known  whether a job put it there
     * @param  string  $last  when it was last worked on, ISO 8601
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $owner,
        public int $strings,
        public int $set,
        public string $set_name,
        public bool $known,
        public string $last,
    ) {}
}
