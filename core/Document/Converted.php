<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Finding\Assessment;
use Lira\Wording\Statement;

/** A set that was converted: its document, why it is as it is, and what speaks against it. */
final readonly class Converted
{
    /**
     * @param  list<Statement>  $reasons
     * @param  list<Statement>  $doubts  nothing where the instrument is a good candidate
     */
    public function __construct(
        public SetDocument $document,
        public Assessment $assessment,
        public array $reasons,
        public array $doubts,
    ) {}
}
