<?php

declare(strict_types=1);

namespace App\Log\Reports;

use App\Models\Instrument;
use App\Paper\Leaf;
use App\Paper\Sheet;
use Lira\Wording\Units;

/** A year on paper, or as a page to be sent. */
final readonly class YearSheet
{
    public function __construct(private Year $year) {}

    public function of(Instrument $instrument, int $year, Units $units, Leaf $leaf): string
    {
        return Sheet::of('sheets.year', "{$instrument->name} in {$year}", ['instruments' => []] + $this->year->of($instrument, $year, $units), $leaf);
    }

    public function ofWorkshop(int $year, Units $units, Leaf $leaf): string
    {
        $nobody = ['title' => 'The workshop', 'owner' => '', 'sets' => [], 'measured' => [], 'happened' => []];

        return Sheet::of('sheets.year', "The workshop in {$year}", $nobody + (array) $this->year->ofWorkshop($year, $units), $leaf);
    }
}
