<?php

declare(strict_types=1);

namespace Lira\Pool;

use Lira\Length\Length;
use Lira\Strings\BuiltString;
use Lira\Strings\StringType;

/** The strings from which a set is chosen. */
final readonly class Pool
{
    /** @param  list<BuiltString>  $strings  in the order given */
    public function __construct(public array $strings) {}

    /** The thickest gauge it has of a string's family; null where it has none. */
    public function thickestOf(StringType $type): ?Length
    {
        $thickest = null;
        foreach ($this->strings as $string) {
            $own = $string->spec->type;
            if ($own->isOfFamilyOf($type) && ($thickest === null || $own->gaugeNm > $thickest->gaugeNm)) {
                $thickest = $own;
            }
        }

        return $thickest?->gauge;
    }

    /**
     * The same with one family of plain and one of wound strings: those that a set has, where there are such; else of each the one with the
     * most gauges, its cores like the set's. A set that mixes families goes on to.
     *
     * @param  list<BuiltString>  $set
     */
    public function ofOneMake(array $set): self
    {
        $own = [];
        foreach ($set as $string) {
            $own[$string->spec->type->family()] = true;
        }
        $kept = [];
        foreach ([false, true] as $wound) {
            $families = [];
            foreach ($this->strings as $string) {
                if ($string->spec->type->construction->isWound() === $wound) {
                    $families[$string->spec->type->family()][] = $string;
                }
            }
            $same = array_intersect_key($families, $own);
            if ($same === [] && $families !== []) {
                $alike = array_filter($families, static fn (array $strings): bool => $strings[0]->isPolymer() === ($set[0] ?? $strings[0])->isPolymer());
                $from = $alike === [] ? $families : $alike;
                uasort($from, static fn (array $a, array $b): int => count($b) <=> count($a));
                $same = array_slice($from, 0, 1, true);
            }
            array_push($kept, ...array_merge(...array_values($same), ...[[]]));
        }

        return new self($kept);
    }
}
