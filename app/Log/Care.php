<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Instrument;
use App\Models\OwnCareRule;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Lira\Care\CareRule;
use Lira\Care\CareRules;

/** Which care instruments want, and when. */
final readonly class Care
{
    /** @param  array<int, array<string, array{done?: CareSaid, off?: CareSaid}>>  $entries  the last of each, by instrument and rule */
    private function __construct(private array $entries) {}

    /** As it was said until now. */
    public static function now(): self
    {
        return new self(self::lastEntries());
    }

    /** @return list<CareRule> those that Lira knows, then the workshop's own */
    public static function rules(): array
    {
        return [...CareRules::shipped(), ...array_values(OwnCareRule::query()->orderBy('id')->get()->map(static fn (OwnCareRule $own): CareRule => $own->rule())->all())];
    }

    /**
     * @param  iterable<Instrument>  $instruments
     * @param  Carbon  $last  what is due later is left out
     * @return list<CareDue> of each instrument, every rule that suits it
     */
    public function due(iterable $instruments, Carbon $last): array
    {
        $rules = self::rules();
        $entries = $this->entries;
        [$due, $lastDay] = [[], $last->toDateString()];
        foreach ($instruments as $instrument) {
            [$look, $id, $came] = [Looks::at($instrument), $instrument->id, $instrument->created_at->toDateTimeImmutable()];
            foreach ($rules as $rule) {
                if (! $rule->suits($look)) {
                    continue;
                }
                $of = $entries[$id][$rule->key()] ?? [];
                $done = $of['done'] ?? null;
                $since = $done === null ? $came : new \DateTimeImmutable($done->on);
                $off = $of['off'] ?? null;
                // Seeing to it ends what was put off before.
                $off = $off !== null && ($done === null || $off->id > $done->id) ? $off : null;
                $on = $rule->rhythm()->next($since);
                $on = $off?->until === null ? $on : max($on, new \DateTimeImmutable($off->until));
                if ($on->format('Y-m-d') <= $lastDay) {
                    $due[] = new CareDue($instrument, $rule, $since, $done !== null, $on, $off);
                }
            }
        }

        return $due;
    }

    /** @return array<int, array<string, CareSaid>> what was put off, by instrument and key */
    public function putOff(): array
    {
        return array_map(static fn (array $rules): array => array_filter(array_map(static fn (array $of): ?CareSaid => $of['off'] ?? null, $rules)), $this->entries);
    }

    /** @return array<int, array<string, array{done?: CareSaid, off?: CareSaid}>> the last of each, by instrument and rule */
    private static function lastEntries(): array
    {
        $last = [];
        foreach (DB::table('care_entries')->joinSub(DB::table('care_entries')->groupBy(['instrument_id', 'rule', 'done'])->selectRaw('max(id) as last'), 'lasts', 'lasts.last', '=', 'care_entries.id')->selectRaw('id, instrument_id, rule, done, date(happened_on) as happened_on, date(until) as until, note')->get() as $row) {
            /** @var object{id: int, instrument_id: int, rule: string, done: int, happened_on: string, until: ?string, note: string}&\stdClass $row */
            $last[$row->instrument_id][$row->rule][(bool) $row->done ? 'done' : 'off'] = new CareSaid($row->id, $row->happened_on, $row->until, $row->note);
        }

        return $last;
    }
}
