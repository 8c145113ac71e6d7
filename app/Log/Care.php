<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\CareEntry;
use App\Models\Instrument;
use App\Models\OwnCareRule;
use Illuminate\Support\Carbon;
use Lira\Care\CareRule;
use Lira\Care\CareRules;

/** Which care instruments want, and when. */
final class Care
{
    /** @return list<CareRule> those that Lira knows, then the workshop's own */
    public static function rules(): array
    {
        return [...CareRules::shipped(), ...array_values(OwnCareRule::query()->orderBy('id')->get()->map(static fn (OwnCareRule $own): CareRule => $own->rule())->all())];
    }

    /**
     * @param  iterable<Instrument>  $instruments
     * @return list<CareDue> of each instrument, every rule that suits it
     */
    public static function due(iterable $instruments): array
    {
        $rules = self::rules();
        $entries = self::lastEntries();
        $due = [];
        foreach ($instruments as $instrument) {
            $look = Looks::at($instrument);
            foreach ($rules as $rule) {
                if (! $rule->suits($look)) {
                    continue;
                }
                $of = $entries[$instrument->id][$rule->key()] ?? [];
                $done = $of['done'] ?? null;
                $since = Carbon::parse($done === null ? $instrument->created_at : $done->happened_on);
                $off = $of['off'] ?? null;
                // Seeing to it ends what was put off before.
                $off = $off !== null && ($done === null || $off->id > $done->id) ? $off : null;
                $on = Carbon::instance($rule->rhythm()->next($since->toDateTimeImmutable()));
                $due[] = new CareDue($instrument, $rule, $since, $done !== null, $off?->until === null ? $on : $on->max($off->until), $off);
            }
        }

        return $due;
    }

    /** @return array<int, array<string, CareEntry>> what strings or shows were put off to, by instrument and key */
    public static function putOff(): array
    {
        return array_map(static fn (array $rules): array => array_filter(array_map(static fn (array $of): ?CareEntry => $of['off'] ?? null, $rules)), self::lastEntries());
    }

    /** @return array<int, array<string, array{done?: CareEntry, off?: CareEntry}>> the last of each, by instrument and rule */
    private static function lastEntries(): array
    {
        $last = [];
        $ids = CareEntry::query()->selectRaw('max(id)')->groupBy(['instrument_id', 'rule', 'done']);
        foreach (CareEntry::query()->whereIn('id', $ids)->get() as $entry) {
            $last[$entry->instrument_id][$entry->rule][$entry->done ? 'done' : 'off'] = $entry;
        }

        return $last;
    }
}
