<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Document\Node;
use Lira\Document\Problems;

/** A question that was read. */
interface Question
{
    /** @return ?self null where a problem was added */
    public static function read(Node $root, \stdClass $json, Problems $problems): ?self;

    /** @return RetuningJson|SettlingAnswerJson|IntonationAnswerJson|ReliefAnswerJson|LifeAnswerJson|PracticeJson|NeckSetupJson a document with its format and version */
    public function answer(): array;
}
