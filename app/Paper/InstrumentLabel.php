<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Instrument;
use Lira\Kind\Kind;

/** A label for an instrument or its case: what it is, whose, and a square that leads to it. */
final class InstrumentLabel
{
    /**
     * @param  int  $skip  labels of the sheet that are used already
     * @param  string  $address  of the instrument, as whoever scans the square reaches it
     */
    public static function on(Instrument $instrument, LabelStock $stock, int $skip, string $address): string
    {
        return Sheet::of('sheets.instrument-label', "Label, {$instrument->name}", [
            ...$stock->place($skip),
            'name' => $instrument->name, 'owner' => $instrument->owner,
            'what' => Kind::from($instrument->kind)->label().", {$instrument->strings} strings",
            'square' => QrCode::picture($address),
        ], Leaf::from($stock->paper()));
    }
}
