<?php

declare(strict_types=1);

namespace App\Log;

use App\Hours\Worn;
use App\Models\TypeColumns;
use Illuminate\Support\Carbon;
use Lira\Kind\Kind;
use Lira\Life\Family;
use Lira\Life\Life;
use Lira\Life\Seen;
use Lira\Life\Together;

/**
 * How long strings of a family last with each owner, learned from all that these had on. Those that are nobody's are learned together.
 * Strings of a family that went on one instrument on one day share what wears them.
 *
 * @phpstan-type Played list<array{hours: float, ended: int, running: int}>
 */
final class LearnedLives
{
    /** @var array<string, Seen> by owner and family */
    private array $seen = [];

    /** @param  array<string, array<string, Played>>  $changes  by owner and family, then by instrument and day */
    private function __construct(private readonly array $changes) {}

    /** @param  ?string  $owner  null for all of them */
    public static function of(?string $owner, ?Carbon $now = null): self
    {
        $on = Worn::query($now)->whereNull('f.removed_at');

        return self::from(($owner === null ? $on : $on->where('i.owner', $owner))->get(), $owner);
    }

    /**
     * @param  iterable<\stdClass>  $on  what is on, as `Worn` gives it
     * @param  ?string  $owner  whose that is; null for all of them
     */
    public static function from(iterable $on, ?string $owner): self
    {
        $changes = [];
        $add = static function (\stdClass $row, string $change, float $hours, int $ended, int $running) use (&$changes): void {
            /** @var object{owner: string, kind: string, construction: string, material: string, coated: int, gauge_nm: int}&\stdClass $row */
            $kind = Kind::from($row->kind);
            $key = self::key($row->owner, self::family($row->construction, $row->material, $row->gauge_nm, $kind), (bool) $row->coated, $kind->isBass());
            $changes[$key][$change][] = ['hours' => $hours, 'ended' => $ended, 'running' => $running];
        };
        foreach ($on as $row) {
            /** @var object{instrument_id: int, fitted_at: string, hours: ?float}&\stdClass $row */
            $add($row, self::change($row->instrument_id, $row->fitted_at), $row->hours ?? 0.0, 0, 1);
        }
        foreach (Worn::off($owner)->get() as $row) {
            /** @var object{instrument_id: int, day: string, hours: float, ended: int, strings: int}&\stdClass $row */
            $add($row, self::change($row->instrument_id, $row->day), $row->hours, (int) $row->ended, $row->strings - (int) $row->ended);
        }

        return new self($changes);
    }

    /** @param  int  $gaugeNm  of any of them; it decides nothing */
    public static function family(string $construction, string $material, int $gaugeNm, Kind $kind): Family
    {
        /** @var array<string, Family> $known */
        static $known = [];

        return $known["{$construction} {$material} {$kind->value}"] ??= Family::of(TypeColumns::read($construction, $material, $gaugeNm), $kind);
    }

    /** Strings of one instrument that went on on one day. @param  string  $fitted  ISO 8601 */
    public static function change(int $instrument, string $fitted): string
    {
        return $instrument.' '.substr($fitted, 0, 10);
    }

    /**
     * @param  string  $asked  the change whose strings are asked about: those of it that are still on do not vouch for themselves, or the
     *     day they are due would move away as fast as they are played
     */
    public function life(string $owner, Family $family, bool $coated, bool $bass, string $asked = ''): Life
    {
        $key = self::key($owner, $family, $coated, $bass);
        $changes = $this->changes[$key] ?? [];
        $seen = $this->seen[$key] ??= Seen::of(
            $family->usualMedianH($coated),
            array_map(static fn (array $strings): Together => new Together($strings), array_values($changes)),
        );
        if (isset($changes[$asked])) {
            $own = new Together($changes[$asked]);
            $seen = $seen->narrowed($own, $own->ended());
        }

        return Life::from($seen);
    }

    private static function key(string $owner, Family $family, bool $coated, bool $bass): string
    {
        return implode("\n", [$family->value, $coated ? 'coated' : 'bare', $bass ? 'bass' : '', $owner]);
    }
}
