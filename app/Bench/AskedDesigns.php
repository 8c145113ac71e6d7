<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Pool;
use App\Strings\Lists\PackagedSets;
use App\Strings\Pools\Pools;
use Illuminate\Support\Facades\DB;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\PoolReader;
use Lira\Document\SetDocument;
use Lira\Document\SetReader;
use Lira\Kind\Kind;

/**
 * Designs that the Bench asks about: what is being changed comes with the question, and the rest of the document is joined to
 * it here, the instrument, what was measured and the gauges of a pool.
 */
final readonly class AskedDesigns
{
    public function __construct(private StoredSets $sets, private Pools $pools, private PackagedSets $packaged) {}

    /**
     * @param  string  $body  JSON: `design`, a set document without its instrument; `instrument_id`; and where gauges to choose
     *                            from are wanted `pool_id`, null for what is usually sold; `lean` where the baseline's own
     *                            figures are known
     * @param  bool  $chosenFrom  whether the gauges are those of its target; `sets` that are "standard" are then what
     *                            suppliers pack, where any does
     *
     * @throws InvalidDocument with every problem and its path below `design`
     */
    public function read(string $body, bool $chosenFrom = false): AskedDesign
    {
        $asked = Json::object($body);
        $design = $asked->design ?? null;
        if (! $design instanceof \stdClass) {
            throw InvalidDocument::at('/design', 'Send the design.');
        }
        // Without a model: this is asked with every change on the Bench.
        $id = is_int($asked->instrument_id ?? null) ? $asked->instrument_id : 0;
        $instrument = DB::selectOne('select kind, document from instruments where id = ?', [$id]);
        if (! $instrument instanceof \stdClass) {
            throw InvalidDocument::at('/instrument_id', 'There is no such instrument. Open the set again.');
        }
        /** @var \stdClass&object{kind: string, document: string} $instrument */
        $design->format = SetReader::FORMAT;
        $design->version = SetReader::VERSION;
        $design->name = '';
        $json = $this->sets->on(Json::object($instrument->document), Kind::from($instrument->kind), $design);
        if ($chosenFrom && ($json->target ?? null) instanceof \stdClass && ($json->target->sets ?? null) === 'standard') {
            $sold = $this->packaged->toCompare(is_array($json->strings ?? null) ? count($json->strings) : 0);
            $json->target->sets = $sold === [] ? 'standard' : $sold;
        }
        if (property_exists($asked, 'pool_id')) {
            $pool = $this->pool($asked->pool_id, $json);
            if (($json->target ?? null) instanceof \stdClass && $chosenFrom) {
                $json->target->pool = $pool;
            } else {
                $json->pool = $pool;
            }
        }

        return new AskedDesign(SetDocument::from($json), ($asked->lean ?? false) === true);
    }

    /**
     * @return 'standard'|list<\stdClass>
     *
     * @throws InvalidDocument if there is no such pool
     */
    private function pool(mixed $id, \stdClass $design): string|array
    {
        if ($id === null) {
            return PoolReader::STANDARD;
        }
        $pool = is_int($id) ? Pool::withTrashed()->find($id) : null;
        if ($pool === null) {
            throw InvalidDocument::at('/pool_id', 'There is no such pool. Choose another.');
        }
        $count = static fn (string $key): int => is_array($design->{$key} ?? null) ? count($design->{$key}) : 0;

        return $this->pools->stringsFor($pool, $count('strings'), $count('tunings'));
    }
}
