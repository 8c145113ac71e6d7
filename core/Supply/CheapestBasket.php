<?php

declare(strict_types=1);

namespace Lira\Supply;

/**
 * The cheapest mix of single strings, boxes and packaged sets that has everything that is needed, parcels included: for every
 * choice of suppliers a branch and bound ({@see BasketSearch}), the most promising choice first. Exact as long as its budget
 * lasts; after that the best that was found is given with the least that any basket can cost.
 */
final class CheapestBasket
{
    public const MOST_SUPPLIERS = 8;

    private const USUAL_STEPS = 2_000_000;

    /** Every choice of suppliers gets some steps before any gets many, since a good basket from one shortens the search in all others. */
    private const ROUNDS = [500, 5000, 50_000, PHP_INT_MAX];

    /**
     * @param  array<string, int>  $need  how many of each string, at least 1
     * @param  list<Offer>  $offers
     * @param  array<int, Shipping>  $shipping  by supplier, at most {@see self::MOST_SUPPLIERS}
     * @return ?Basket null where some string is offered by nobody
     */
    public static function of(array $need, array $offers, array $shipping, ?Budget $budget = null): ?Basket
    {
        if ($need === []) {
            return Basket::nothing();
        }
        $budget ??= Budget::ofSteps(self::USUAL_STEPS);
        $market = Market::of($need, $offers, $shipping);
        if ($market === null) {
            return null;
        }
        $best = new Incumbent;
        $searches = [];
        // What is not even looked at costs at least as much as the cheapest of everything does.
        $unseen = null;
        foreach (self::choices(array_keys($shipping)) as $suppliers) {
            if ($best->basket() !== null && $budget->isOver()) {
                $unseen = $market->leastOfAll();
                break;
            }
            $search = BasketSearch::among($market, $suppliers, $best, $budget);
            if ($search !== null) {
                $search->simple();
                $searches[] = $search;
            }
        }
        foreach (self::ROUNDS as $steps) {
            $bounds = array_map(static fn (BasketSearch $search): int => $search->atLeast(), $searches);
            array_multisort($bounds, array_keys($searches), $searches);
            $searches = array_values(array_filter($searches, static fn (BasketSearch $search): bool => ! $search->exhaust($steps)));
        }
        $known = array_map(static fn (BasketSearch $search): int => $search->atLeast(), $searches);

        return $best->basket()?->knowing(min([PHP_INT_MAX, ...$known, ...($unseen === null ? [] : [$unseen])]));
    }

    /**
     * Every choice of suppliers, the smallest first.
     *
     * @param  list<int>  $suppliers
     * @return list<non-empty-list<int>>
     */
    private static function choices(array $suppliers): array
    {
        $choices = [];
        for ($choice = 1; $choice < 1 << count($suppliers); $choice++) {
            $chosen = array_values(array_filter($suppliers, static fn (int $at): bool => ($choice >> $at & 1) === 1, ARRAY_FILTER_USE_KEY));
            if ($chosen !== []) {
                $choices[] = $chosen;
            }
        }
        usort($choices, static fn (array $a, array $b): int => count($a) <=> count($b));

        return $choices;
    }
}
