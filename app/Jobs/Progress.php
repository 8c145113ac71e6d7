<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\JobEvent;
use App\Models\JobEventKind;

/**
 * How far a job is: what its events come to, one after the other as they are known. The same events give the same, whichever
 * device sent them and however often.
 *
 * @phpstan-type Spoiled array{reason: string, where: string, at: string}
 *
 * @phpstan-import-type Drift from Drifts
 */
final readonly class Progress
{
    /**
     * @param  array<string, JobEvent>  $done  by the key of a step or part, in the order in which they were done
     * @param  array<string, int>  $over  keys of strings that had to come off again, with their positions
     * @param  array<string, string>  $rests  until when what is left alone, ISO 8601, by key
     * @param  array<int, list<Spoiled>>  $spoiled  strings that were used up without staying on, by position
     * @param  array<int, ?int>  $chosen  the lot a string comes from, by position; null where it is not of the drawer
     * @param  array<int, array{left_mm: float, turns: float}>  $shortened  by position
     * @param  array<int, float>  $turned  turns they really gave, by position
     * @param  array<string, array<string, float|string|bool>>  $measured  by before and after
     * @param  array<int, list<Drift>>  $drifts  of each round since it went on, by position
     * @param  array<int, array{how: string, where: string}>  $died  how strings that came off had ended, by position
     * @param  list<array{text: string, at: string, position: ?int}>  $notes
     * @param  ?string  $bench  it was handed to; null where it stayed
     * @param  array{owner: string, reason: string, promised_on: ?string}|null  $agreed  since it began; null where nothing else was
     * @param  ?JobEvent  $finished  null while it is open
     */
    private function __construct(
        public array $done,
        public array $over,
        public array $rests,
        public array $spoiled,
        public array $chosen,
        public array $shortened,
        public array $turned,
        public array $measured,
        private array $drifts,
        public array $died,
        public array $notes,
        public ?string $bench,
        public ?array $agreed,
        public ?JobEvent $finished,
    ) {}

    /**
     * @param  iterable<JobEvent>  $events
     * @return array<string, string> the schools it goes by in the end, by aspect, beside those it began with
     */
    public static function schools(iterable $events): array
    {
        $schools = [];
        foreach (self::standing($events) as $event) {
            if ($event->kind === JobEventKind::Schools && is_array($event->data['schools'] ?? null)) {
                /** @var array<string, string> $chosen */
                $chosen = $event->data['schools'];
                $schools = $chosen + $schools;
            }
        }

        return $schools;
    }

    /**
     * @param  iterable<JobEvent>  $events
     * @param  list<string>  $rounds  keys of what is done over once a string changes
     */
    public static function of(iterable $events, array $rounds): self
    {
        [$done, $over, $rests, $spoiled, $chosen, $shortened, $turned, $measured, $drifts, $died, $notes] = [[], [], [], [], [], [], [], [], [], [], []];
        [$bench, $agreed, $finished, $times] = [null, null, null, []];
        foreach (self::standing($events) as $event) {
            /** @var array{key: string, until: string, position: int, reason: string, where: string, lot: ?int, left_mm: float, turns: float, when: string, text: string, bench: string, was: ?int, whole: bool} $data */
            $data = $event->data;
            $at = $event->happened_at->toIso8601String();
            switch ($event->kind) {
                case JobEventKind::Did:
                    $done += [$data['key'] => $event];
                    unset($rests[$data['key']]);
                    break;
                case JobEventKind::Back:
                    unset($done[$data['key']]);
                    break;
                case JobEventKind::Rests:
                    $rests[$data['key']] = $data['until'];
                    break;
                case JobEventKind::Again:
                    $position = $data['position'];
                    $times[$position] = ($times[$position] ?? 0) + 1;
                    // The wrong one is another position's; whole it goes back into its packet.
                    $whole = $data['whole'] ?? false;
                    $of = $data['reason'] === 'wrong' ? $data['was'] ?? $position : $position;
                    if ($whole) {
                        $notes[] = ['text' => "A wrong string went on as string {$position}; it came off whole.", 'at' => $at, 'position' => $position];
                    } else {
                        $spoiled[$of][] = ['reason' => $data['reason'], 'where' => $data['where'], 'at' => $at];
                    }
                    if (isset($done["seat:{$position}"]) || isset($done["fit:{$position}"])) {
                        $over[($whole ? 'whole' : 'again').":{$position}:{$times[$position]}"] = $position;
                    }
                    $undone = ["packet:{$position}", "seat:{$position}", "fit:{$position}", "tune-string:{$position}", ...$rounds];
                    $done = array_diff_key($done, array_flip($undone));
                    $rests = array_diff_key($rests, array_flip($undone));
                    unset($chosen[$position], $shortened[$position], $turned[$position], $drifts[$position]);
                    break;
                case JobEventKind::Shortened:
                    $shortened[$data['position']] = ['left_mm' => (float) $data['left_mm'], 'turns' => (float) $data['turns']];
                    break;
                case JobEventKind::Chose:
                    $chosen[$data['position']] = $data['lot'];
                    break;
                case JobEventKind::Turned:
                    $turned[$data['position']] = (float) $data['turns'];
                    break;
                case JobEventKind::Measured:
                    /** @var array<string, float|string|bool> $figures */
                    $figures = array_diff_key($event->data, ['when' => true]);
                    $measured[$data['when']] = $figures;
                    break;
                case JobEventKind::Drifted:
                    foreach (is_array($event->data['cents'] ?? null) ? array_values($event->data['cents']) : [] as $index => $cents) {
                        if (is_numeric($cents)) {
                            $drifts[$index + 1][] = [
                                'cents' => (float) $cents,
                                'atS' => $event->happened_at->getTimestamp(),
                                'rested' => ($event->data['rested'] ?? false) === true,
                            ];
                        }
                    }
                    break;
                case JobEventKind::Died:
                    /** @var array{how: string, where?: string} $end */
                    $end = $event->data;
                    $died[$data['position']] = ['how' => $end['how'], 'where' => $end['where'] ?? ''];
                    break;
                case JobEventKind::Noted:
                    /** @var ?int $about */
                    $about = $event->data['position'] ?? null;
                    $notes[] = ['text' => $data['text'], 'at' => $at, 'position' => $about];
                    break;
                case JobEventKind::Bench:
                    $bench = $data['bench'];
                    break;
                case JobEventKind::Agreed:
                    /** @var array{owner: string, reason: string, promised_on: ?string} $agreed */
                    $agreed = $event->data;
                    break;
                case JobEventKind::Finished:
                    $finished = $event;
                    break;
                case JobEventKind::Reopened:
                    $finished = null;
                    break;
                case JobEventKind::Schools:
                case JobEventKind::Undone:
                    break;
            }
        }

        return new self($done, $over, $rests, $spoiled, $chosen, $shortened, $turned, $measured, $drifts, $died, $notes, $bench, $agreed, $finished);
    }

    /**
     * @param  iterable<JobEvent>  $events
     * @return list<JobEvent> those that were no slip
     */
    private static function standing(iterable $events): array
    {
        $slips = [];
        foreach ($events as $event) {
            if ($event->kind === JobEventKind::Undone && is_string($event->data['event'] ?? null)) {
                $slips[$event->data['event']] = true;
            }
        }
        $standing = [];
        foreach ($events as $event) {
            if (! isset($slips[$event->uuid])) {
                $standing[] = $event;
            }
        }

        return $standing;
    }

    /** What a string drifted by since it was brought to its pitch. */
    public function driftsOf(int $position): Drifts
    {
        $brought = $this->done["tune-string:{$position}"] ?? $this->done['tune-all'] ?? null;

        return new Drifts($this->drifts[$position] ?? [], $brought?->happened_at->getTimestamp());
    }

    /** The rounds that were read of the string that took most. */
    public function rounds(): int
    {
        return max([0, ...array_map(static fn (array $drifts): int => count(array_filter($drifts, static fn (array $drift): bool => ! $drift['rested'])), $this->drifts)]);
    }

    /** When the first string was brought to its pitch, seconds of the clock; null before. */
    public function broughtS(): ?int
    {
        $tuned = array_filter($this->done, static fn (string $key): bool => str_starts_with($key, 'tune-string:') || $key === 'tune-all', ARRAY_FILTER_USE_KEY);

        return $tuned === [] ? null : min(array_map(static fn (JobEvent $event): int => $event->happened_at->getTimestamp(), $tuned));
    }

    public function isFitted(int $position): bool
    {
        return isset($this->done["fit:{$position}"]);
    }

    /** How many strings of a position are used up: those that were spoiled, and the one that is on. */
    public function usedUp(int $position): int
    {
        return count($this->spoiled[$position] ?? []) + ($this->isFitted($position) ? 1 : 0);
    }
}
