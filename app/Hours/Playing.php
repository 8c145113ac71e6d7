<?php

declare(strict_types=1);

namespace App\Hours;

use App\Models\Play;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** How much instruments are played now, by what was logged of the last weeks. */
final readonly class Playing
{
    private const WEEKS = 8;

    /**
     * @param  ?list<int>  $instruments  null for all
     * @return array<int, float> hours a week by instrument, of those that something was logged of
     */
    public function aWeek(?array $instruments, Carbon $now): array
    {
        $plays = Play::query()->where('played_on', '>', $now->copy()->subWeeks(self::WEEKS)->toDateString())
            ->where('played_on', '<', $now->copy()->addDay()->toDateString());
        if ($instruments !== null) {
            $plays->whereIn('instrument_id', $instruments);
        }
        $hours = [];
        foreach ($plays->toBase()->groupByRaw('+instrument_id')->select(['instrument_id', DB::raw('sum(hours) as hours'), DB::raw('min(played_on) as first')])->get() as $row) {
            /** @var object{instrument_id: int, hours: float, first: string}&\stdClass $row */
            $hours[$row->instrument_id] = $row->hours / max(1.0, Carbon::parse($row->first)->diffInDays($now) / 7);
        }

        return $hours;
    }
}
