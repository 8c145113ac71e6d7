<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Document\InvalidDocument;
use Lira\Document\Node;
use Lira\Document\Problems;

/** What can be asked about an instrument in the hand: each a class, and a line here. The command line and the API both ask here. */
final class Questions
{
    /** @var array<string, class-string<Question>> by the name of their address */
    public const ALL = [
        'retunings' => RetuneQuestion::class,
        'settlings' => SettleQuestion::class,
        'intonations' => IntonateQuestion::class,
        'reliefs' => ReliefQuestion::class,
        'lives' => LifeQuestion::class,
        'practices' => PracticeQuestion::class,
        'setups' => SetupQuestion::class,
    ];

    /**
     * @param  key-of<self::ALL>  $name
     * @return ($name is 'retunings' ? RetuningJson : ($name is 'settlings' ? SettlingAnswerJson : ($name is 'intonations' ? IntonationAnswerJson : ($name is 'reliefs' ? ReliefAnswerJson : ($name is 'lives' ? LifeAnswerJson : ($name is 'practices' ? PracticeJson : NeckSetupJson)))))) the document that answers it
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function answer(string $name, \stdClass $json): array
    {
        $problems = new Problems;
        $question = self::read(self::ALL[$name], $json, $problems);
        $unknown = $problems->unknownKeys();

        return $question->answer() + ($unknown === [] ? [] : ['unknown_keys' => $unknown]);
    }

    /**
     * @template Q of Question
     *
     * @param  class-string<Q>  $question
     * @return Q
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function read(string $question, \stdClass $json, Problems $problems = new Problems): Question
    {
        $root = Node::root($json, $problems);
        $read = $question::read($root, $json, $problems);
        $root->knows('format', 'version')->reportUnknownKeys();
        $problems->throwIfAny();

        return $read instanceof $question ? $read : throw InvalidDocument::at('', 'This cannot be read.');
    }
}
