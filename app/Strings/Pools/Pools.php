<?php

declare(strict_types=1);

namespace App\Strings\Pools;

use App\Models\ListString;
use App\Models\Pool;
use App\Strings\Catalogue\StringCatalogue;
use App\Strings\Drawer\Drawer;
use App\Strings\Pools\Views\ListedFamilyView;
use App\Strings\Pools\Views\NamedPoolView;
use App\Strings\Pools\Views\PoolRuleView;
use App\Strings\Pools\Views\PoolView;
use App\Strings\Samples\Samples;
use Illuminate\Database\Eloquent\Builder;
use Lira\Document\PoolReader;
use Lira\Document\SetReader;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\StringType;

/**
 * Named pools: by supplier, by what lies in the drawer, by how strings are made, with half gauges or without. A pool is a rule,
 * not a list, so that it follows the lists.
 */
final readonly class Pools
{
    public function __construct(private Samples $samples) {}

    /** @return list<PoolView> by name */
    public function all(): array
    {
        return array_values(Pool::query()->orderBy('name')->get()->map(fn (Pool $pool): PoolView => new PoolView(
            $pool->id,
            $pool->revision,
            $pool->name,
            $this->rule($pool),
            count($this->strings($pool)),
        ))->all());
    }

    /** @return list<NamedPoolView> by name */
    public function names(): array
    {
        return array_values(Pool::query()->orderBy('name')->get(['id', 'name'])
            ->map(static fn (Pool $pool): NamedPoolView => new NamedPoolView($pool->id, $pool->name))->all());
    }

    public function rule(Pool $pool): PoolRuleView
    {
        $rule = $pool->rule;

        return new PoolRuleView(
            array_values(array_filter(is_array($rule['suppliers'] ?? null) ? $rule['suppliers'] : [], is_int(...))),
            array_values(array_filter(is_array($rule['families'] ?? null) ? $rule['families'] : [], is_string(...))),
            ($rule['half_gauges'] ?? true) === true,
            ($rule['drawer'] ?? false) === true,
        );
    }

    /**
     * Its strings as the pool of a set document: one of each type, with its supplied density; where several suppliers
     * have it, the cheapest.
     *
     * @return list<\stdClass>
     */
    public function strings(Pool $pool): array
    {
        $rule = $this->rule($pool);
        $query = ListString::query()->orderBy('construction')->orderBy('material')->orderBy('gauge_nm')
            ->orderByRaw('cents is null')->orderBy('cents');
        if ($rule->suppliers !== []) {
            $query->whereIn('supplier_id', $rule->suppliers);
        }
        if ($rule->families !== []) {
            $query->where(static function (Builder $families) use ($rule): void {
                foreach ($rule->families as $family) {
                    [$construction, $material] = array_pad(explode(' ', $family, 2), 2, '');
                    $families->orWhere(
                        static fn (Builder $one): Builder => $one->where('construction', $construction)->where('material', $material),
                    );
                }
            });
        }
        if ($rule->drawer) {
            $query->whereRaw(Drawer::hasAny());
        }
        if (! $rule->half_gauges) {
            $query->whereRaw('gauge_nm % ? = 0', [StringType::NANOMETRES_PER_THOUSANDTH]);
        }
        $measured = $this->samples->densities();
        $strings = [];
        foreach ($query->limit(4 * PoolReader::MOST_GAUGES)->get() as $string) {
            $json = StringCatalogue::json($string, $measured);
            unset($json->end);
            $strings[$string->type()->key()] ??= $json;
        }

        return array_slice(array_values($strings), 0, PoolReader::MOST_GAUGES);
    }

    /**
     * As many of its strings as can be worked out at once.
     *
     * @return list<\stdClass>
     */
    public function stringsFor(Pool $pool, int $strings, int $tunings): array
    {
        return array_slice($this->strings($pool), 0, intdiv(SetReader::MOST_TENSIONS, max(1, $strings * $tunings)));
    }

    /** @return list<ListedFamilyView> every family that is listed */
    public function families(): array
    {
        return array_values(ListString::query()->select(['construction', 'material'])->distinct()->orderBy('construction')
            ->orderBy('material')->get()
            ->map(static fn (ListString $string): ListedFamilyView => new ListedFamilyView(
                "{$string->construction} {$string->material}",
                Construction::from($string->construction),
                Material::from($string->material),
            ))->all());
    }
}
