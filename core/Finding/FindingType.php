<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Wording\Statement;

/**
 * One type of finding: its code, its sentence, where on the instrument it is and which aspect of the fit it speaks of.
 *
 * @phpstan-import-type Parameters from Statement
 */
final readonly class FindingType
{
    /**
     * @param  string  $sentence  in a technician's words that say what to do; see {@see Statement} for its places
     * @param  ?FitAspect  $aspect  of which it says that it does not fit, if of any
     * @param  bool  $againstInstrument  whether it speaks against the instrument for this tuning, not against the gauge
     */
    public function __construct(
        public string $code,
        public Place $place,
        public string $sentence,
        public ?FitAspect $aspect = null,
        public bool $againstInstrument = false,
    ) {}

    /** @param  Parameters  $parameters  of its sentence */
    public function stop(Remedy $remedy, array $parameters): Finding
    {
        return new Finding($this, Severity::Stop, $remedy, $parameters);
    }

    /** @param  Parameters  $parameters  of its sentence */
    public function caution(Remedy $remedy, array $parameters): Finding
    {
        return new Finding($this, Severity::Caution, $remedy, $parameters);
    }

    /** @param  Parameters  $parameters  of its sentence */
    public function note(Remedy $remedy, array $parameters): Finding
    {
        return new Finding($this, Severity::Note, $remedy, $parameters);
    }
}
