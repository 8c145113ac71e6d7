<?php

declare(strict_types=1);

namespace App\Paper;

use App\Bench\StoredSets;
use App\Instruments\OnInstrument;
use App\Models\Instrument;
use App\Models\StringSet;
use App\Tuning\LearnedSetbacks;
use Lira\Document\SetDocument;
use Lira\Wording\Units;

/** What there is to be printed or sent of a set that is kept. */
final readonly class SetPapers
{
    public function __construct(private StoredSets $sets, private OnInstrument $on) {}

    public function sheet(StringSet $set, Units $units, Leaf $leaf): string
    {
        return SetSheet::on($set, $this->sets->document($set), $units, $leaf);
    }

    /** Whether it fits its instrument. */
    public function fit(StringSet $set, Units $units, Leaf $leaf): string
    {
        return FitReport::on($set, $this->sets->document($set), LearnedSetbacks::of($set->instrument, $this->sets), $units, $leaf);
    }

    /** How it is put on its instrument. */
    public function plan(StringSet $set, Units $units, Leaf $leaf): string
    {
        return PlanSheet::on($set, $this->measuredFromWhatIsOn($set, $set->instrument), $units, $leaf);
    }

    /**
     * @param  int  $tuning  which of its tunings, from 0
     * @return string SVG
     */
    public function picture(StringSet $set, Units $units, int $tuning): string
    {
        return SetPicture::of($set, $this->sets->document($set), $units, $tuning);
    }

    /** What comes off is what is on it now, whatever the set is measured from. */
    private function measuredFromWhatIsOn(StringSet $set, Instrument $instrument): SetDocument
    {
        $document = $this->sets->document($set);
        $on = $this->on->baseline($instrument);
        if ($on === null) {
            return $document;
        }
        $json = clone $document->json;
        $json->baseline = $on;

        return SetDocument::from($json);
    }
}
