<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Instrument;
use Lira\Care\Look;
use Lira\Care\Place;
use Lira\Instrument\Fingerboard;
use Lira\Kind\Anchor;
use Lira\Kind\Kind;

/** What care rules ask of an instrument, read from what was measured on it. */
final class Looks
{
    public static function at(Instrument $instrument): Look
    {
        // Read once: each look at the model's own decodes it anew.
        $document = $instrument->document;
        $said = static function (string $part, string $key) use ($document): mixed {
            $of = $document->{$part} ?? null;

            return $of instanceof \stdClass ? $of->{$key} ?? null : null;
        };
        $kind = Kind::from($instrument->kind);
        $word = static fn (mixed $value): string => is_string($value) ? $value : '';

        return new Look(
            $kind,
            Fingerboard::tryFrom($word($said('neck', 'fingerboard'))),
            Anchor::tryFrom($word($said('hardware', 'anchor'))),
            $said('hardware', 'springs') !== null || $said('hardware', 'bridge') === 'floating',
            ! in_array($said('neck', 'truss_rod'), ['none', 'fixed'], true) && $kind->usuallyHasRod(),
            $said('neck', 'frets') === 0,
            Place::tryFrom($instrument->place) ?? Place::Unsaid,
            $instrument->owner,
        );
    }
}
