<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Intonation\BridgeLine;
use Lira\Intonation\SaddleMove;
use Lira\Intonation\Saddles;

/** How far each saddle has to move (`lira-intonation`, version 1). */
final readonly class IntonateQuestion implements Question
{
    /** @param  array<int, SaddleMove>  $moves  by position */
    private function __construct(private AskedSet $set, private array $moves, private ?float $threadPitchM, private Saddles $saddles) {}

    public static function read(Node $root, \stdClass $json, Problems $problems): ?self
    {
        $set = AskedSet::read($root, $json, $problems);
        $thread = $root->has('thread_pitch_mm') ? $root->numberWithin('thread_pitch_mm', 'the pitch of the saddle’s screw in mm', 0.05, 5.0) : null;
        $saddles = $root->has('saddles') ? $root->oneOf('saddles', 'a kind of saddle', Saddles::class) : null;
        $nodes = $root->objects('readings', 'the readings') ?? [];
        if ($set === null) {
            return null;
        }
        $moves = [];
        foreach ($nodes as $node) {
            $string = $set->string($node, $problems);
            $fret = $node->has('fret') ? $node->integer('fret', 'the fret') : 12;
            $open = $node->numberWithin('open_hz', 'the open string in hertz', 5.0, 5000.0);
            $stopped = $node->numberWithin('fretted_hz', 'the stopped string in hertz', 5.0, 20_000.0);
            $length = $node->numberWithin('nut_to_saddle_mm', 'the length from nut to saddle in mm', 50.0, 3000.0);
            $good = $node->has('read_cents') ? $node->numberWithin('read_cents', 'how good each reading is, in cents,', 0.01, 20.0) : SaddleMove::READ_CENTS;
            $before = $node->has('before') ? $node->object('before', 'what was read before the last move') : null;
            $error = $before?->numberWithin('error_cents', 'the error before in cents', -1200.0, 1200.0);
            $moved = $before?->numberWithin('moved_mm', 'how far the saddle was moved, in mm,', -100.0, 100.0);
            if ($fret !== null && ($fret < 1 || $fret > 36)) {
                $problems->add($node->pathOf('fret'), 'Give the fret, 1 to 36.');
                $fret = null;
            }
            $before?->reportUnknownKeys();
            $node->reportUnknownKeys();
            if ($string === null || $fret === null || $open === null || $stopped === null || $length === null) {
                continue;
            }
            $scale = $string->speakingLengthM;
            if (abs($length / 1000 - $scale) > 0.1 * $scale) {
                $problems->add($node->pathOf('nut_to_saddle_mm'), sprintf('That is far from its scale of %.1f mm. Measure from the nut to where the string leaves the saddle.', 1000 * $scale));

                continue;
            }
            if ($stopped <= $open) {
                $problems->add($node->pathOf('fretted_hz'), 'Stopped it sounds no higher than open. Read both again.');

                continue;
            }
            if (isset($moves[$string->position])) {
                $problems->add($node->pathOf('position'), 'This string was read already. Give one reading for each.');
            }
            $moves[$string->position] = SaddleMove::of(
                $fret, $open, $stopped, $length / 1000, $scale, $error === null || $moved === null ? null : ['errorCents' => $error, 'movedM' => $moved / 1000], $good ?? SaddleMove::READ_CENTS,
            );
        }

        return new self($set, $moves, $thread === null ? null : $thread / 1000, $saddles ?? Saddles::of($set->document->design->instrument));
    }

    /** @return IntonationAnswerJson */
    public function answer(): array
    {
        return [
            'format' => 'lira-intonation',
            'version' => 1,
            'saddles' => $this->saddles->value,
            'strings' => array_map(fn (int $position, SaddleMove $move): array => [
                'position' => $position,
                'error_cents' => $move->errorCents,
                'move_mm' => 1000 * $move->moveM,
                'turns' => $this->threadPitchM === null ? null : $move->turns($this->threadPitchM),
                'uncertainty_mm' => 1000 * $move->uncertaintyM,
                'within_mm' => 1000 * $move->withinM(),
                'worth_it' => $move->isWorthIt(),
            ], array_keys($this->moves), $this->moves),
            'bridge' => $this->saddles === Saddles::Each || $this->moves === [] ? null : $this->bridge(BridgeLine::through($this->moves)),
        ];
    }

    /** @return BridgeMoveJson where all of a bridge goes that is one piece, and what that leaves */
    private function bridge(BridgeLine $line): array
    {
        $last = count($this->set->strings);
        $worth = false;
        foreach ($this->moves as $position => $move) {
            $worth = $worth || $move->allows($line->moveM($position));
        }

        return [
            'first_mm' => 1000 * $line->moveM(1),
            'last_mm' => 1000 * $line->moveM($last),
            'slants' => $line->slants,
            'worth_it' => $worth,
            'strings' => array_map(fn (int $position): array => [
                'position' => $position,
                'move_mm' => 1000 * $line->moveM($position),
                'left_cents' => isset($this->moves[$position]) ? $this->moves[$position]->leftCents($line->moveM($position)) : null,
            ], range(1, $last)),
        ];
    }
}
