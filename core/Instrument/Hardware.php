<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** What holds and guides the strings, as far as it is known. Whatever is not known raises no finding. */
final readonly class Hardware
{
    /**
     * @param  list<float>  $nutSlotsM  width of each nut slot, string 1 first; one for all; empty if not measured
     * @param  array<int, Tree>  $trees  by the position of their string
     * @param  ?float  $nutSpreadM  from the middle of the first string to that of the last at the nut
     * @param  ?float  $nutHeightM  of the slots' floor above the headstock's face
     * @param  bool  $nutHeldByStrings  whether nothing but its strings holds the nut
     * @param  bool  $nutClamps  whether the nut clamps its strings once they are tuned
     * @param  ?float  $complianceMPerN  how far the strings' ends give, along the strings, metres per newton
     * @param  bool  $complianceIsMeasured  whether that was read from its strings
     * @param  ?float  $complianceErrorMPerN  how sure that was, one standard error, metres per newton
     */
    public function __construct(
        public ?Anchor $anchor = null,
        public ?BuiltFor $builtFor = null,
        public ?Pickup $pickup = null,
        public ?float $maxTotalN = null,
        public Posts $posts = new Posts,
        public float $tiltRad = 0.0,
        public ?float $nutHeightM = null,
        public array $nutSlotsM = [],
        public array $trees = [],
        public Saddle $saddle = new Saddle,
        public ?SpringSet $springs = null,
        public ?float $nutSpreadM = null,
        public ?BridgeHold $bridge = null,
        public bool $nutHeldByStrings = false,
        public bool $nutClamps = false,
        public ?float $complianceMPerN = null,
        public bool $complianceIsMeasured = false,
        public ?float $complianceErrorMPerN = null,
    ) {}

    public function nutSlotM(int $position): ?float
    {
        return EachString::at($this->nutSlotsM, $position);
    }
}
