<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Paper\LabelStock;
use App\Paper\PacketLabels;
use App\Paper\QrCode;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Smalot\PdfParser\Document;
use Smalot\PdfParser\Parser;
use Tests\Feature\FeatureTestCase;

/** Packets that nobody can mix up. */
final class LabelsTest extends FeatureTestCase
{
    #[DataProvider('stocks')]
    public function test_each_string_has_its_label_on_the_sheet(LabelStock $stock, float $width, float $height): void
    {
        $set = self::keptSet();
        $pdf = $this->pdf("/sets/{$set->id}/labels?stock={$stock->value}");

        self::assertCount(1, $pdf->getPages());
        self::assertSame([$width, $height], self::pageSize($pdf));
        $text = preg_replace('/\s+/', ' ', $pdf->getText());
        // The smallest labels have no room for the material.
        foreach ([
            '1 C4 11',
            '6 C2 52',
            'Harbour',
            $stock === LabelStock::A4Of65 ? 'wound' : 'wound, nickel-plated steel',
            now()->format('j M Y'),
        ] as $words) {
            self::assertStringContainsString($words, (string) $text);
        }
    }

    /** @return iterable<string, array{LabelStock, float, float}> */
    public static function stocks(): iterable
    {
        yield 'A4 of 24' => [LabelStock::A4Of24, 595.28, 841.89];
        yield 'A4 of 65' => [LabelStock::A4Of65, 595.28, 841.89];
        yield 'Letter of 30' => [LabelStock::LetterOf30, 612.0, 792.0];
    }

    public function test_labels_go_on_where_a_sheet_was_left_and_over_to_the_next(): void
    {
        $set = self::keptSet();

        self::assertCount(2, $this->pdf("/sets/{$set->id}/labels?stock=a4-24&skip=20")->getPages());
        self::assertCount(1, $this->pdf("/sets/{$set->id}/labels?stock=a4-24&skip=18")->getPages());
        foreach (LabelStock::cases() as $case) {
            $paper = $case->paper() === 'a4' ? [210.0, 297.0] : [215.9, 279.4];
            $places = array_map($case->place(...), range(0, $case->perSheet() - 1));
            foreach ($places as $at => ['left' => $left, 'top' => $top, 'width' => $width, 'height' => $height]) {
                self::assertTrue($left >= 0 && $left + $width <= $paper[0] + 0.01 && $top >= 0 && $top + $height <= $paper[1] + 0.01, "{$case->value}, label {$at}");
                foreach (array_slice($places, $at + 1) as $other) {
                    self::assertTrue($other['left'] >= $left + $width - 0.01 || $other['top'] >= $top + $height - 0.01 || $left + 0.01 >= $other['left'] + $width, "{$case->value}, label {$at} lies under another");
                }
            }
            self::assertSame($places[0], $case->place($case->perSheet()), 'the next sheet begins anew');
        }
    }

    public function test_a_label_for_an_instrument_leads_to_what_is_on_it_and_its_job(): void
    {
        $instrument = self::keptSet()->instrument;
        $instrument->update(['owner' => 'Ines Marlowe']);
        foreach (LabelStock::cases() as $stock) {
            $pdf = $this->pdf("/instruments/{$instrument->id}/label?stock={$stock->value}&skip=2");
            self::assertCount(1, $pdf->getPages());
            $text = (string) preg_replace('/\s+/', ' ', $pdf->getText());
            foreach (['Harbour', 'electric guitar, 6 strings', 'Ines Marlowe'] as $words) {
                self::assertStringContainsString($words, $text);
            }
        }
        $page = $this->get("/instruments/{$instrument->id}/at-hand")->assertOk();
        $page->assertInertia(static fn (AssertableInertia $page) => $page->component('jobs/AtHandPage')->where('instrument.name', 'Harbour')
            ->where('instrument.owner', 'Ines Marlowe')->where('job', null)->where('onIt', null));
        $this->get('/instruments/999/at-hand')->assertNotFound();
    }

    public function test_the_card_lists_them_in_fitting_order(): void
    {
        self::assertSame([1, 6, 2, 5, 3, 4], PacketLabels::fittingOrder(6));
        self::assertSame([1, 5, 2, 4, 3], PacketLabels::fittingOrder(5));
        self::assertSame([1], PacketLabels::fittingOrder(1));
        $set = self::keptSet();
        $card = $this->pdf("/sets/{$set->id}/card?paper=letter");
        $text = (string) preg_replace('/\s+/', ' ', $card->getText());

        self::assertSame([612.0, 792.0], self::pageSize($card));
        self::assertStringContainsString('from the outside in', $text);
        self::assertLessThan(strpos($text, 'G3'), strpos($text, 'C2'), 'string 6 is fitted before string 2');
    }

    /** The three corner marks and the timing between them, as every reader looks for them. */
    public function test_the_code_that_opens_the_set_is_a_qr_code(): void
    {
        $modules = QrCode::modules('http://127.0.0.1:8000/bench/12');
        $side = count($modules);
        self::assertSame(1, $side % 4);
        self::assertGreaterThanOrEqual(21, $side);
        foreach ([[0, 0], [0, $side - 7], [$side - 7, 0]] as [$row, $column]) {
            for ($y = 0; $y < 7; $y++) {
                for ($x = 0; $x < 7; $x++) {
                    $ring = max(abs($x - 3), abs($y - 3));
                    self::assertSame($ring !== 2, $modules[$row + $y][$column + $x], "{$row} {$column} {$y} {$x}");
                }
            }
        }
        for ($at = 8; $at < $side - 8; $at++) {
            self::assertSame($at % 2 === 0, $modules[6][$at]);
        }
        self::assertNotSame($modules, QrCode::modules('http://127.0.0.1:8000/bench/13'));
        self::assertStringStartsWith('data:image/png;base64,', QrCode::picture('x'));
    }

    private function pdf(string $address): Document
    {
        return (new Parser)->parseContent(
            (string) $this->get($address)->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent(),
        );
    }

    /** @return array{float, float} of the first page, points */
    private static function pageSize(Document $pdf): array
    {
        $box = $pdf->getPages()[0]->getDetails()['MediaBox'] ?? [];
        self::assertIsArray($box);
        self::assertIsNumeric($box[2]);
        self::assertIsNumeric($box[3]);

        return [round((float) $box[2], 2), round((float) $box[3], 2)];
    }
}
