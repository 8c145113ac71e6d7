<?php

declare(strict_types=1);

namespace App\Log;

use App\Hours\Worn;
use App\Models\TypeColumns;
use Illuminate\Support\Carbon;
use Lira\Kind\Kind;
use Lira\Life\Family;
use Lira\Life\Life;

/** How long strings of a family last with each owner, learned from all that these had on. Those that are nobody's are learned together. */
final class LearnedLives
{
    /** @param  array<string, array{ended: int, squares: float}>  $sums  by owner and family */
    private function __construct(private readonly array $sums) {}

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
        $off = Worn::offInSums($owner);
        $sums = [];
        $add = static function (\stdClass $row, int $ended, float $squares) use (&$sums): void {
            /** @var object{owner: string, kind: string, construction: string, material: string, coated: int, gauge_nm: int}&\stdClass $row */
            $kind = Kind::from($row->kind);
            $key = self::key($row->owner, self::family($row->construction, $row->material, $row->gauge_nm, $kind), (bool) $row->coated, $kind->isBass());
            $sums[$key] = ['ended' => ($sums[$key]['ended'] ?? 0) + $ended, 'squares' => ($sums[$key]['squares'] ?? 0.0) + $squares];
        };
        foreach ($on as $row) {
            /** @var object{hours: ?float}&\stdClass $row */
            $add($row, 0, ($row->hours ?? 0.0) ** 2);
        }
        foreach ($off->get() as $row) {
            /** @var object{ended: int, squares: float}&\stdClass $row */
            $add($row, (int) $row->ended, $row->squares);
        }

        return new self($sums);
    }

    /** @param  int  $gaugeNm  of any of them; it decides nothing */
    public static function family(string $construction, string $material, int $gaugeNm, Kind $kind): Family
    {
        /** @var array<string, Family> $known */
        static $known = [];

        return $known["{$construction} {$material} {$kind->value}"] ??= Family::of(TypeColumns::read($construction, $material, $gaugeNm), $kind);
    }

    /**
     * @param  float  $ownH2  hours² of the strings that are asked about, where they are among those learned from: they do not vouch for
     *                        themselves, or the day they are due would move away as fast as they are played
     */
    public function life(string $owner, Family $family, bool $coated, bool $bass, float $ownH2 = 0.0): Life
    {
        $sum = $this->sums[self::key($owner, $family, $coated, $bass)] ?? ['ended' => 0, 'squares' => 0.0];

        return Life::ofSums($family->usualMedianH($coated), $sum['ended'], max(0.0, $sum['squares'] - $ownH2));
    }

    private static function key(string $owner, Family $family, bool $coated, bool $bass): string
    {
        return implode("\n", [$family->value, $coated ? 'coated' : 'bare', $bass ? 'bass' : '', $owner]);
    }
}
