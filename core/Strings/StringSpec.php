<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Kind\StringEnd;
use Lira\Length\Length;
use Lira\Material\Material;

/** A string as somebody describes it: at least its construction, material and gauge; more where more is known. */
final readonly class StringSpec
{
    /**
     * @param  StringType  $type  its construction, material and gauge
     * @param  ?Core  $core  if known; otherwise the core table's
     * @param  list<Wrap>  $wraps  inside out, if known
     * @param  ?GivenDensity  $density  supplied or measured, if known
     * @param  ?StringEnd  $end  what it is held by behind the saddle, if known
     * @param  ?Length  $length  how long the string is made, from its ball or loop to the end of its winding, if known
     *
     * @throws InvalidString if a plain string is given layers
     */
    public function __construct(
        public StringType $type,
        public ?Core $core = null,
        public array $wraps = [],
        public ?GivenDensity $density = null,
        public ?Length $length = null,
        public ?StringEnd $end = null,
    ) {
        if (! $type->construction->isWound() && ($core !== null || $wraps !== [])) {
            throw InvalidString::plainWithLayers();
        }
    }

    /**
     * The same with its core or its density known.
     *
     * @throws InvalidString if a plain one is given a core
     */
    public function with(?Core $core = null, ?GivenDensity $density = null): self
    {
        return new self($this->type, $core ?? $this->core, $this->wraps, $density ?? $this->density, $this->length, $this->end);
    }

    /** @throws InvalidString if the gauge is out of range */
    public static function plain(Material $material, Length $gauge): self
    {
        return new self(StringType::of(Construction::Plain, $material, $gauge));
    }

    /** @throws InvalidString if the gauge is out of range */
    public static function wound(Construction $construction, Material $wrap, Length $gauge): self
    {
        return new self(StringType::of($construction, $wrap, $gauge));
    }
}
