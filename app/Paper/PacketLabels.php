<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\StringSet;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Wording\Dates;
use Lira\Wording\Units;

/** A label for each string's packet, and a card that lists them in the order in which they are fitted. */
final readonly class PacketLabels
{
    /**
     * @param  SetDocument  $document  the set's own
     * @param  int  $skip  labels of the first sheet that are used already
     * @param  string  $root  the address under which whoever scans them reaches this workshop
     */
    public static function labels(StringSet $set, SetDocument $document, Units $units, LabelStock $stock, int $skip, string $root): string
    {
        $sheets = [];
        foreach (self::strings($set, $document, $units, $root) as $index => $string) {
            $at = $index + $skip;
            $sheets[intdiv($at, $stock->perSheet())][] = $string + $stock->place($at);
        }

        return Sheet::of('sheets.labels', "Labels, {$set->name}", self::about($set, $root) + [
            'sheets' => array_values($sheets), ...$stock->place(0),
        ], Leaf::from($stock->paper()));
    }

    /**
     * @param  SetDocument  $document  the set's own
     * @param  string  $root  the address under which whoever scans it reaches this workshop
     */
    public static function card(StringSet $set, SetDocument $document, Units $units, Leaf $leaf, string $root): string
    {
        $strings = self::strings($set, $document, $units, $root);

        return Sheet::of('sheets.card', "Packet card, {$set->name}", self::about($set, $root) + [
            'strings' => array_map(static fn (int $position): array => $strings[$position - 1], self::fittingOrder(count($strings))),
        ], $leaf);
    }

    /**
     * One at a time from the outside in, which keeps tension on the neck and a pitch to tune from.
     *
     * @return list<int> positions
     */
    public static function fittingOrder(int $strings): array
    {
        $order = [];
        for ($first = 1, $last = $strings; $first <= $last; $first++, $last--) {
            $order[] = $first;
            if ($last > $first) {
                $order[] = $last;
            }
        }

        return $order;
    }

    /** @return array{name: string, instrument: string, date: string, qr: string} */
    private static function about(StringSet $set, string $root): array
    {
        return [
            'name' => $set->name,
            'instrument' => $set->instrument->name,
            'date' => app(Dates::class)->date(now()),
            'qr' => QrCode::picture($root.route('bench.show', $set, absolute: false)),
        ];
    }

    /**
     * @return list<array{position: int, note: string, gauge: string, construction: string, material: string, turns: string,
     *     leave: ?string, cut: ?string, code: string, packet: string}> string 1 first
     */
    private static function strings(StringSet $set, SetDocument $document, Units $units, string $root): array
    {
        return array_map(static fn (EvaluatedString $string): array => [
            'position' => $string->position,
            'note' => $string->tunings[0]->pitch->label(),
            'gauge' => $units->gaugeOnPaper($string->string->spec->type->gauge),
            'construction' => $string->string->spec->type->construction->label(),
            'material' => $string->string->spec->type->material->label(),
            ...LeaveWords::of($string->fit, $document->design->instrument->kind, $units),
            'code' => PacketCode::of($set->id, $string->position),
            'packet' => QrCode::picture($root.route('packets.show', PacketCode::of($set->id, $string->position), absolute: false)),
        ], $document->evaluation()->strings);
    }
}
