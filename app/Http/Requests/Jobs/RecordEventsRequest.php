<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Lira\Document\InvalidDocument;
use Lira\Document\JobEventReader;
use Lira\Document\Json;
use Lira\Document\Problems;
use Lira\Job\Heard;

/** What happened in a job, as a device noted it: one thing or several that could not be sent before. */
final class RecordEventsRequest extends FormRequest
{
    private const MOST = 500;

    /** A clock that is no further off than this is taken at its word. */
    private const OFF_S = 120;

    /** @return array<string, list<mixed>> the core's reader judges what is in it */
    public function rules(): array
    {
        return [];
    }

    /**
     * @return array{heard: list<Heard>, behindS: int} each as it was said, and by how much the device's clock is behind this one, where that
     *     is more than it should be
     *
     * @throws InvalidDocument with what is wrong with each, at its place
     */
    public function heard(): array
    {
        // As it was sent: what was left blank is blank, not missing.
        $sent = Json::object((string) $this->getContent());
        $events = $sent->events ?? null;
        if (! is_array($events) || $events === []) {
            throw InvalidDocument::at('/events', 'Send what happened, as a list of events.');
        }
        if (count($events) > self::MOST) {
            throw InvalidDocument::at('/events', 'Send at most '.self::MOST.' events at once.');
        }
        [$problems, $reader, $heard] = [new Problems, new JobEventReader, []];
        foreach (array_values($events) as $index => $event) {
            $read = $event instanceof \stdClass ? $reader->read($event, "/events/{$index}", $problems) : null;
            if (! $event instanceof \stdClass) {
                $problems->add("/events/{$index}", 'Give each event as an object in braces.');
            }
            if ($read !== null) {
                $heard[] = $read;
            }
        }
        $problems->throwIfAny();

        return ['heard' => $heard, 'behindS' => self::behindS($sent->now ?? null)];
    }

    private static function behindS(mixed $now): int
    {
        $said = is_string($now) ? date_create_immutable($now) : false;
        $behindS = $said === false ? 0 : Carbon::now()->getTimestamp() - $said->getTimestamp();

        return abs($behindS) > self::OFF_S ? $behindS : 0;
    }
}
