<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Instruments\Views\PlayingView;
use Lira\Document\Asked\Questions;
use Lira\Document\Asked\SetupQuestion;
use Lira\Document\InvalidDocument;
use Lira\Pitch\Tuning;
use Lira\Playing\Hand;
use Lira\Playing\NeckSays;
use Lira\Wording\Statement;
use Lira\Wording\Units;

/** How a set plays on an instrument, in somebody's units. */
final readonly class HowItPlays
{
    /** As far as a stage differs from a bench, kelvin. */
    public const MOST_WARMER_K = 40.0;

    /**
     * @param  \stdClass  $ask  as `lira-setup` is asked
     * @param  float  $warmerK  than where it is tuned
     *
     * @throws InvalidDocument with every problem and its path
     */
    public function of(\stdClass $ask, float $warmerK, Units $units): PlayingView
    {
        $question = Questions::read(SetupQuestion::class, $ask);
        [$neck, $before, $read, $document] = [$question->neck(), $question->before(), $question->readings(), $question->document()];
        $says = new NeckSays($neck);
        $beforeSays = $before === null ? null : new NeckSays($before);
        $name = $document->baseline === null ? '' : ($document->baseline->name === '' ? $document->baseline->instrument->name : $document->baseline->name);
        $text = static fn (Statement $one): string => $one->text($units);
        $action = static fn (Hand $hand): array => array_map($text, $says->ofAction($hand, $beforeSays, "“{$name}”"));

        return new PlayingView(
            $question->answer(),
            $question->answerBefore(),
            $name,
            array_map(static fn (Tuning $tuning): string => $tuning->name, $document->design->tunings),
            ['action' => 1000 * $neck->setup->action12M, 'nut' => 1000 * $neck->setup->nutHeightM, 'relief' => 1000 * $neck->setup->reliefM],
            array_map($text, $says->ofFrets()),
            ['soft' => $action(Hand::Soft), 'medium' => $action(Hand::Medium), 'hard' => $action(Hand::Hard)],
            array_map($text, $says->ofWarmth($warmerK)),
            $read === null ? [] : array_map($text, NeckSays::ofReadings($read)),
        );
    }
}
