<?php

declare(strict_types=1);

namespace App\Bench\Answer;

use App\Bench\Answer\Views\AnswerView;
use App\Bench\Answer\Views\PacketView;
use App\Bench\Answer\Views\PriceView;
use App\Models\Supplier;
use App\Strings\Drawer\Drawer;
use App\Strings\Lists\PackagedSets;
use App\Strings\Orders\Need;
use App\Strings\Orders\OrderPlan;
use Lira\Design\SetDesign;
use Lira\Pitch\Pitch;
use Lira\Solver\NearestBy;
use Lira\Solver\PackagedSet;
use Lira\Solver\Packet;
use Lira\Solver\Packets;
use Lira\Solver\StandardSets;
use Lira\Strings\BuiltString;
use Lira\Wording\Units;

/** What somebody takes along: the set in one line, what it costs, and the packets that come nearest. */
final readonly class SetAnswer
{
    public function __construct(private PackagedSets $packaged, private Drawer $drawer) {}

    /** @param  string  $name  of the set */
    public function of(string $name, SetDesign $design, Units $units): AnswerView
    {
        $line = GaugeLine::of(GaugeLine::types($design->strings), $units);
        $packets = $this->packets($design, $units);

        return new AnswerView($line, self::text($name, $line, $design, $packets, $units), $this->price($design, $units), $packets);
    }

    private function price(SetDesign $design, Units $units): ?PriceView
    {
        if (! Supplier::query()->exists()) {
            return null;
        }
        $plan = OrderPlan::for(Need::ofTypes(array_map(
            static fn (BuiltString $string): array => ['type' => $string->spec->type, 'count' => 1, 'name' => ''],
            $design->strings,
        )), $this->drawer);
        $taken = array_sum(array_map(static fn (array $lot): int => $lot['count'], $plan->drawer));

        return new PriceView(
            $plan->basket->totalCents(),
            $plan->currency,
            $taken,
            array_values(array_map(static fn (int $supplier): string => $plan->suppliers[$supplier]->name, array_keys($plan->basket->goodsCents))),
            array_values(array_map(static fn (string $key): string => GaugeLine::one($plan->need->strings[$key], $units), array_keys($plan->missing))),
        );
    }

    /** @return list<PacketView> */
    private function packets(SetDesign $design, Units $units): array
    {
        $prices = $this->packaged->prices();
        $packed = array_map(
            fn (\stdClass $set): ?PackagedSet => $this->packaged->built($set, $design->instrument->kind),
            $this->packaged->toCompare(count($design->strings)),
        );
        $nearest = Packets::beside($design, array_values(array_filter($packed)));
        if ($nearest === []) {
            $nearest = Packets::beside($design, StandardSets::for($design->instrument->kind, count($design->strings)));
        }

        return array_map(static function (array $each) use ($design, $units, $prices): PacketView {
            [$packet, $by] = $each;

            return self::packet($packet, $by, $design, $units, $prices[$packet->set->name] ?? null);
        }, $nearest);
    }

    /**
     * @param  array{cents: int, currency: string}|null  $price
     */
    private static function packet(Packet $packet, NearestBy $by, SetDesign $design, Units $units, ?array $price): PacketView
    {
        $types = GaugeLine::types($packet->strings);

        return new PacketView(
            $packet->set->name,
            GaugeLine::of($types, $units),
            $by,
            $packet->mostOff(),
            $packet->totalShare,
            array_map(static fn (int $position): string => sprintf(
                'string %d: %s instead of %s, %+.0f %%',
                $position,
                GaugeLine::one($types[$position - 1], $units),
                GaugeLine::one($design->strings[$position - 1]->spec->type, $units),
                100 * $packet->shares[$position - 1],
            ), $packet->differs($design->strings)),
            $price['cents'] ?? null,
            $price['currency'] ?? '',
        );
    }

    /** @param  list<PacketView>  $packets */
    private static function text(string $name, string $line, SetDesign $design, array $packets, Units $units): string
    {
        $count = count($design->strings);
        $lengths = array_unique([
            $units->length($design->instrument->scale->fullLengthM(1, $count)),
            $units->length($design->instrument->scale->fullLengthM($count, $count)),
        ]);
        $tunings = array_map(static fn ($tuning): string => implode(' ', array_map(
            static fn (Pitch $pitch): string => $pitch->label(),
            array_reverse($tuning->pitches),
        )), $design->tunings);
        $packet = $packets[0] ?? null;

        return implode("\n", array_filter([
            $name,
            $line,
            ucfirst($design->instrument->kind->label()).', '.implode(' to ', $lengths).', '.implode('; ', $tunings),
            $packet === null ? '' : "Nearest packet: {$packet->name} ({$packet->line})",
        ], static fn (string $each): bool => $each !== ''));
    }
}
