<?php

declare(strict_types=1);

namespace App\Bench;

use Lira\Document\SetDocument;

/** A design that was asked about, as the whole document. */
final readonly class AskedDesign
{
    /** @param  bool  $lean  whether the baseline's own figures are known to whoever asks */
    public function __construct(public SetDocument $document, public bool $lean) {}
}
