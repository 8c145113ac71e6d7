<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Playing\NeckFigures;
use Lira\Playing\WholeNeck;
use Lira\Wording\Listed;

/** A nut whose moving would take so much off the first frets that it is worth the work. */
final class NutToMove implements NeckRule
{
    public static function type(): FindingType
    {
        return new FindingType(
            'nut-to-move',
            Place::Nut,
            'Open chords: string {string} stands {cents:1} cents [way=sharp|sharp][way=flat|flat] over its first three frets[likewise=others|, and {strings} too far as well][likewise=none|]. With its nut {nut_mm:2} nearer to the [to=saddle|saddle][to=head|headstock] it would be {left:1}: a repairer moves or compensates it, and looks first whether its slots are too high.',
        );
    }

    public function find(SetDesign $design, WholeNeck $neck, Limits $limits): array
    {
        $limit = $limits->of(Limit::NutGainCents);
        $gains = array_filter(array_map(self::gainCents(...), $neck->strings), static fn (float $gain): bool => $gain >= $limit);
        if ($gains === []) {
            return [];
        }
        $worst = $neck->strings[(int) array_search(max($gains), $gains, true)];
        $others = array_values(array_diff(array_map(static fn (int $index): int => $index + 1, array_keys($gains)), [$worst->position]));
        [$mean, $nutM, $left] = [$worst->meanCents() ?? 0.0, $worst->bestWithNut->place->nutM ?? 0.0, $worst->firstFretsWithNut ?? 0.0];

        return [self::type()->note(Remedy::Repairer, [
            'string' => $worst->position,
            'cents' => abs($mean),
            'way' => $mean < 0.0 ? 'flat' : 'sharp',
            'likewise' => $others === [] ? 'none' : 'others',
            'strings' => Listed::strings($others),
            'nut_mm' => 1000 * abs($nutM),
            'to' => $nutM >= 0.0 ? 'saddle' : 'head',
            'left' => abs($left),
        ])->onString($worst->position)->inTuning($design->tunings[$neck->tuning]->name)
            ->measured(max($gains), $limit, Unit::Cents, Limit::NutGainCents->reason())];
    }

    /** What moving its nut takes off the mean of its first three frets; 0 where nobody knows, or it begins further up. */
    private static function gainCents(NeckFigures $string): float
    {
        $mean = $string->meanCents();

        return $mean === null || $string->firstFretsWithNut === null || $string->line->startFret > 0 ? 0.0 : abs($mean) - abs($string->firstFretsWithNut);
    }
}
