<?php

declare(strict_types=1);

namespace App\Http\Controllers\Frame;

use App\Http\ReaderUnits;
use App\Http\Said;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\ListString;
use App\Models\Order;
use App\Models\Pool;
use App\Models\Show;
use App\Models\StringSet;
use App\Models\Supplier;
use App\Paper\PacketCode;
use App\Strings\StringWords;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lira\Strings\StringType;
use Lira\Typed\Quantity;
use Lira\Typed\TypedGauge;
use Lira\Typed\Unreadable;
use Lira\Wording\Dates;
use Lira\Wording\Glossary;
use Lira\Wording\Units;

/** Anything by its name, and strings by their gauge. */
final class SearchController
{
    /** So many of each kind are given, the last changed first. */
    public const MOST = 20;

    /** Of what is found beside sets and instruments. */
    private const MOST_OTHERS = 6;

    /**
     * Whatever has every word of `for` in its name, strings in their code, name, supplier or material, or of that gauge; without a word
     * the sets and instruments that were last changed.
     */
    public function __invoke(Request $request): JsonResponse
    {
        $typed = mb_substr(Said::words($request, 'for'), 0, 200);
        $words = preg_split('/\s+/', $typed, flags: PREG_SPLIT_NO_EMPTY);

        // Words that are no text at all find nothing in particular.
        $words = $words === false ? [] : $words;

        return new JsonResponse([
            'sets' => $this->named(StringSet::query(), $words)->with('instrument:id,strings')->get(['id', 'name', 'instrument_id'])
                ->map(static fn (StringSet $set): array => ['id' => $set->id, 'name' => $set->name, 'strings' => $set->instrument->strings])
                ->values(),
            'instruments' => $this->named(Instrument::query(), $words)->get(['id', 'name', 'strings'])
                ->map(static fn (Instrument $instrument): array => [
                    'id' => $instrument->id,
                    'name' => $instrument->name,
                    'strings' => $instrument->strings,
                ])->values(),
            'others' => $words === [] ? [] : $this->others($typed, $words, ReaderUnits::of($request)),
        ]);
    }

    /**
     * @param  list<string>  $words
     * @return list<array{heading: string, found: list<array{name: string, address: string}>}>
     */
    private function others(string $typed, array $words, Units $units): array
    {
        $groups = [
            'Jobs' => $this->jobs($words),
            'Strings' => $this->strings($typed, $words, $units),
            'Orders' => $this->links(Order::query(), $words, static fn (int $id): string => "/strings/orders#order-{$id}"),
            'Pools' => $this->links(Pool::query(), $words, static fn (int $id): string => "/strings/pools#pool-{$id}"),
            'Suppliers' => $this->links(Supplier::query(), $words, static fn (int $id): string => "/strings/suppliers#supplier-{$id}"),
            'Shows' => $this->links(Show::query(), $words, static fn (int $id): string => "/log/shows#show-{$id}"),
            'Owners' => self::owners($words),
            'Packets' => self::packets($typed),
            'Words explained' => self::explained($typed),
        ];

        return array_map(
            static fn (string $heading, array $found): array => ['heading' => $heading, 'found' => $found],
            array_keys(array_filter($groups)),
            array_values(array_filter($groups)),
        );
    }

    /**
     * Jobs are called after their sets: when each was finished tells them apart.
     *
     * @param  list<string>  $words
     * @return list<array{name: string, address: string}>
     */
    private function jobs(array $words): array
    {
        return array_values($this->named(Job::query(), $words)->limit(self::MOST_OTHERS)->get(['id', 'name', 'finished_at'])
            ->map(static fn (Job $job): array => [
                'name' => $job->name.($job->finished_at === null ? ', not finished' : ', finished '.app(Dates::class)->date($job->finished_at)),
                'address' => "/jobs/{$job->id}",
            ])->all());
    }

    /**
     * @template M of Order|Pool|Supplier|Show
     *
     * @param  Builder<M>  $query
     * @param  list<string>  $words
     * @param  \Closure(int): string  $address
     * @return list<array{name: string, address: string}>
     */
    private function links(Builder $query, array $words, \Closure $address): array
    {
        return array_values($this->named($query, $words)->limit(self::MOST_OTHERS)->get(['id', 'name'])
            ->map(static fn (Model $found): array => [
                'name' => is_string($found->getAttribute('name')) ? $found->getAttribute('name') : '',
                'address' => $address(is_int($found->getKey()) ? $found->getKey() : 0),
            ])->all());
    }

    /**
     * Strings that can be ordered: by their gauge where one was typed, else by their words.
     *
     * @param  list<string>  $words
     * @return list<array{name: string, address: string}>
     */
    private function strings(string $typed, array $words, Units $units): array
    {
        $gauge = self::gauge($typed, $units);
        $query = ListString::query()->with('supplier:id,name');
        if ($gauge !== null) {
            $nanometres = (int) round($gauge->gauge->inMetres() * 1e9);
            $near = intdiv(StringType::NANOMETRES_PER_THOUSANDTH, 4);
            $query->whereBetween('gauge_nm', [$nanometres - $near, $nanometres + $near]);
            $query->when($gauge->made === 'plain', static fn (Builder $plain): Builder => $plain->where('construction', 'plain'));
            $query->when($gauge->made !== null && $gauge->made !== 'plain', static fn (Builder $wound): Builder => $wound->where('construction', '!=', 'plain'));
        } else {
            self::having($query, 'words', array_map(mb_strtolower(...), $words));
        }

        return array_values($query->orderBy('gauge_nm')->orderBy('id')->limit(self::MOST_OTHERS)->get()
            ->map(static fn (ListString $string): array => [
                'name' => StringWords::of($string->type(), $units).", {$string->code}, {$string->supplier->name}",
                'address' => "/strings?string={$string->id}",
            ])->all());
    }

    /**
     * @param  list<string>  $words
     * @return list<array{name: string, address: string}>
     */
    private static function owners(array $words): array
    {
        $query = self::having(Instrument::query()->where('owner', '!=', ''), 'owner', $words);

        $found = [];
        foreach ($query->distinct()->orderBy('owner')->limit(self::MOST_OTHERS)->get(['owner']) as $instrument) {
            $found[] = ['name' => $instrument->owner, 'address' => '/workshop/owners?'.http_build_query(['owner' => $instrument->owner])];
        }

        return $found;
    }

    /** @return list<array{name: string, address: string}> the packet whose label says this */
    private static function packets(string $typed): array
    {
        $code = PacketCode::read($typed);
        $set = $code === null ? null : StringSet::query()->find($code->set);

        return $code === null || $set === null ? [] : [[
            'name' => PacketCode::of($code->set, $code->position).": string {$code->position} of {$set->name}",
            'address' => '/packets/'.PacketCode::of($code->set, $code->position),
        ]];
    }

    /**
     * Words of the trade.
     *
     * @return list<array{name: string, address: string}>
     */
    private static function explained(string $typed): array
    {
        return array_map(
            static fn (string $word): array => ['name' => "What “{$word}” means", 'address' => '/words#word-'.str_replace(' ', '-', $word)],
            array_slice(Glossary::about($typed), 0, self::MOST_OTHERS),
        );
    }

    private static function gauge(string $typed, Units $units): ?TypedGauge
    {
        try {
            return Quantity::gauge($typed, $units->gauge);
        } catch (Unreadable) {
            return null;
        }
    }

    /**
     * @template M of StringSet|Instrument|Job|Order|Pool|Supplier|Show
     *
     * @param  Builder<M>  $query
     * @param  list<string>  $words
     * @return Builder<M>
     */
    private function named(Builder $query, array $words): Builder
    {
        return self::having($query, 'name', $words)->latest('updated_at')->latest('id')->limit(self::MOST);
    }

    /**
     * @template M of Model
     *
     * @param  Builder<M>  $query
     * @param  'name'|'owner'|'words'  $column
     * @param  list<string>  $words
     * @return Builder<M> those that have every word there
     */
    private static function having(Builder $query, string $column, array $words): Builder
    {
        foreach ($words as $word) {
            $query->whereRaw("{$column} like ? escape '\\'", ['%'.addcslashes($word, '\\%_').'%']);
        }

        return $query;
    }
}
