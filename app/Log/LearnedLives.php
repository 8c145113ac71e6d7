<?php

declare(strict_types=1);

namespace App\Log;

use App\Strings\TypeColumns;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
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
        $worn = Worn::query($now);
        if ($owner !== null) {
            $worn->where('i.owner', $owner);
        }
        $rows = DB::query()->fromSub($worn, 'worn')->where('hours', '>', 0)
            ->groupBy(['owner', 'kind', 'construction', 'material', 'coated'])
            ->selectRaw('owner, kind, construction, material, coated, max(gauge_nm) as gauge_nm, sum(ended) as ended, sum(hours * hours) as squares')
            ->get();
        $sums = [];
        foreach ($rows as $row) {
            /** @var object{owner: string, kind: string, construction: string, material: string, coated: int, gauge_nm: int, ended: int, squares: float}&\stdClass $row */
            $kind = Kind::from($row->kind);
            $key = self::key($row->owner, Family::of(TypeColumns::read($row->construction, $row->material, $row->gauge_nm), $kind), (bool) $row->coated, $kind->isBass());
            $sums[$key] = ['ended' => ($sums[$key]['ended'] ?? 0) + (int) $row->ended, 'squares' => ($sums[$key]['squares'] ?? 0.0) + $row->squares];
        }

        return new self($sums);
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
