<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Anchor;
use Lira\Kind\BuiltFor;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Kind\Pickup;

/**
 * What holds and guides the strings: as it was recorded, else as is usual of the kind where such a thing is usual. What differs from one
 * instrument to the next and was not measured is null, and raises no finding.
 */
final readonly class Hardware
{
    public Anchor $anchor;

    public BuiltFor $builtFor;

    public Pickup $pickup;

    public Posts $posts;

    /** @var list<string> what stands in for what nobody recorded, as documents name it */
    public array $assumed;

    /**
     * @param  ?Anchor  $anchor  null, as the three that follow, where nobody looked: then as is usual
     * @param  list<float>  $nutSlotsM  width of each nut slot, string 1 first; one for all; empty if not measured
     * @param  array<int, Tree>  $trees  by the position of their string
     * @param  ?float  $nutSpreadM  from the middle of the first string to that of the last at the nut
     * @param  ?float  $nutHeightM  of the slots' floor above the headstock's face
     * @param  bool  $nutHeldByStrings  whether nothing but its strings holds the nut
     * @param  bool  $nutClamps  whether the nut clamps its strings once they are tuned
     * @param  ?float  $complianceMPerN  how far the strings' ends give, along the strings, metres per newton
     * @param  bool  $complianceIsMeasured  whether that was read from its strings
     * @param  ?float  $complianceErrorMPerN  how sure that was, one standard error, metres per newton
     * @param  Kind  $kind  of the instrument, by which the usual goes
     */
    public function __construct(
        ?Anchor $anchor = null,
        ?BuiltFor $builtFor = null,
        ?Pickup $pickup = null,
        public ?float $maxTotalN = null,
        ?Posts $posts = null,
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
        Kind $kind = Kind::Other,
    ) {
        $usual = Custom::of($kind)->hardware;
        $this->anchor = $anchor ?? $usual->anchor;
        $this->builtFor = $builtFor ?? $usual->builtFor;
        $this->pickup = $pickup ?? $usual->pickup;
        $this->posts = $posts ?? new Posts(kind: $kind);
        $this->assumed = [...array_keys(array_filter(
            ['anchor' => $anchor, 'built_for' => $builtFor, 'pickup' => $pickup],
            static fn (mixed $said): bool => $said === null,
        )), ...$this->posts->assumed];
    }

    /** @return array<string, float|string> what stands in for what nobody recorded, as documents say it */
    public function assumedValues(): array
    {
        return array_intersect_key([
            'anchor' => $this->anchor->value,
            'built_for' => $this->builtFor->value,
            'pickup' => $this->pickup->value,
            'posts.type' => $this->posts->type->value,
            'posts.diameter_mm' => round(1000 * $this->posts->diameterM, 3),
            'posts.spacing_mm' => round(1000 * $this->posts->spacingM, 3),
            'posts.layout' => $this->posts->layout->value,
        ], array_flip($this->assumed));
    }

    public function nutSlotM(int $position): ?float
    {
        return EachString::at($this->nutSlotsM, $position);
    }

    /** Whether a string is wider than its nut slot, where that was measured. */
    public function pinches(int $position, float $diameterM): bool
    {
        $slotM = $this->nutSlotM($position);

        return $slotM !== null && $slotM > 0.0 && $diameterM > $slotM + 1e-12;
    }

    /** Whether strings go over their tailpiece: as recorded; where nobody said how they are held, what it lifts them by says so. */
    public function wrapsOver(): bool
    {
        return $this->anchor === Anchor::OverWrapped || ($this->saddle->overWrapRiseM > 0.0 && in_array('anchor', $this->assumed, true));
    }
}
