<?php

declare(strict_types=1);

namespace Lira\Drawing;

use Lira\Evaluation\EvaluatedString;
use Lira\Instrument\Instrument;
use Lira\Kind\PostLayout;

/** The headstock from the front: every post with its string, and an outline that holds them. Same coordinates as the neck; metres. */
final readonly class Headstock
{
    /** From the nut to the nearest post. */
    private const USUAL_NEAREST_M = 45.0e-3;

    private const USUAL_ROWS_M = 42.0e-3;

    /** A short string's post stands on the side of the neck, this far before its fret. */
    private const USUAL_SIDE_POST_M = 14.0e-3;

    private const EDGE_M = 9.0e-3;

    /**
     * @param  list<PostPlan>  $posts  string 1 first
     * @param  list<Point>  $outline
     * @param  bool  $assumed  whether the distances of its posts were not measured
     */
    private function __construct(public PostLayout $layout, public array $posts, public array $outline, public bool $assumed) {}

    /** @param  list<EvaluatedString>  $strings  string 1 first */
    public static function of(Instrument $instrument, NeckPlan $neck, array $strings): self
    {
        $posts = $instrument->hardware->posts;
        $layout = $posts->layout;
        $count = count($strings);
        $placed = [];
        foreach ($strings as $index => $string) {
            $fret = $instrument->scale->startFret($string->position);
            $placed[] = PostPlan::at(
                $neck->starts[$index],
                $posts->distanceM($string->position) ?? ($fret > 0 ? self::USUAL_SIDE_POST_M : self::usualM(
                    $layout,
                    $index,
                    $count,
                    $posts->spacingM,
                )),
                $posts->diameterM,
                $string->string->build->outerDiameterM,
                $layout === PostLayout::OneSide
                    || $fret > 0 ? null : ($posts->rowsApartM ?? self::USUAL_ROWS_M) / 2 * ($index < intdiv($count, 2) ? 1 : -1),
                ($instrument->hardware->trees[$string->position] ?? null)?->distanceM,
            );
        }
        $onIt = array_values(array_filter(
            $placed,
            static fn (PostPlan $post, int $index): bool => $instrument->scale->startFret($index + 1) === 0,
            ARRAY_FILTER_USE_BOTH,
        ));

        return new self($layout, $placed, self::around($neck, $onIt), $posts->distancesM === []);
    }

    /** On one side the last string has the nearest post; on two the outer strings have, and the middle ones the farthest. */
    private static function usualM(PostLayout $layout, int $index, int $count, float $spacingM): float
    {
        $steps = $layout === PostLayout::OneSide ? $count - 1 - $index : min($index, $count - 1 - $index);

        return self::USUAL_NEAREST_M + $steps * $spacingM;
    }

    /**
     * The smallest outline around the nut and all posts with an edge around them.
     *
     * @param  list<PostPlan>  $posts
     * @return list<Point>
     */
    private static function around(NeckPlan $neck, array $posts): array
    {
        $points = $neck->nut();
        foreach ($posts as $post) {
            for ($step = 0; $step < 12; $step++) {
                $points[] = new Point(
                    $post->centre->x + ($post->radiusM + self::EDGE_M) * cos($step * M_PI / 6),
                    $post->centre->y + ($post->radiusM + self::EDGE_M) * sin($step * M_PI / 6),
                );
            }
        }
        // What lies beyond the nut's line belongs to the neck.
        $mostX = array_reduce($neck->nut(), static fn (float $most, Point $point): float => max($most, $point->x), -INF);

        return Hull::around(array_values(array_filter($points, static fn (Point $point): bool => $point->x <= $mostX)));
    }
}
