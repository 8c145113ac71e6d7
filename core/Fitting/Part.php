<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Wording\Statement;

/** A part of a step, as much as is done without looking up: the packet in hand, the string held, the string on its post. */
final readonly class Part
{
    /**
     * @param  string  $key  of its own; the last part of a step has the step's
     * @param  ?string  $lead  what its figure is of, in a few words; null where none stands out
     * @param  ?Figure  $figure  the one to read from afar
     */
    public function __construct(
        public string $key,
        public ?string $lead,
        public Clauses $do,
        public ?Statement $doneWhen = null,
        public ?Figure $figure = null,
    ) {}
}
