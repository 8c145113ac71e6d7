<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Log\Worn;
use App\Models\JobEventKind;
use App\Models\JobReason;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Lira\Fitting\School\Schools;

/** What happened in a job, as a device noted it: one thing or several that could not be sent before. */
final class RecordEventsRequest extends FormRequest
{
    private const MOST = 500;

    private const PLACES = ['', 'ball', 'saddle', 'fret', 'nut', 'post', 'elsewhere'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'events' => ['required', 'array', 'list', 'max:'.self::MOST],
            'events.*.uuid' => ['required', 'uuid'],
            'events.*.kind' => ['required', Rule::enum(JobEventKind::class)],
            'events.*.at' => ['required', 'date'],
            'events.*.data' => ['array'],
            'device' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'events.max' => 'Send at most '.self::MOST.' events at once.',
            'events.*.uuid.*' => 'Send with each event a UUID of its own, so that what comes twice is known.',
            'events.*.kind.*' => 'There is no such kind of event.',
            'events.*.at.*' => 'Send when it happened, ISO 8601.',
        ];
    }

    /**
     * @return list<array{uuid: string, kind: JobEventKind, data: array<string, mixed>, at: Carbon, device: string}>
     *
     * @throws ValidationException if what belongs to one of them is missing or wrong
     */
    public function events(): array
    {
        $events = [];
        /** @var list<array{uuid: string, kind: string, at: string, data?: array<string, mixed>}> $sent */
        $sent = $this->array('events');
        foreach ($sent as $index => $event) {
            $kind = JobEventKind::from($event['kind']);
            $rules = self::of($kind);
            $check = Validator::make($event['data'] ?? [], $rules, self::sentences());
            if ($check->fails()) {
                $problems = [];
                foreach ($check->errors()->messages() as $field => $messages) {
                    $problems["events.{$index}.data.{$field}"] = $messages;
                }
                throw ValidationException::withMessages($problems);
            }
            /** @var array<string, mixed> $data */
            $data = $check->validated();
            $events[] = [
                'uuid' => strtolower($event['uuid']),
                'kind' => $kind,
                'data' => $data + ($kind === JobEventKind::Again ? ['where' => ''] : []),
                'at' => Carbon::parse($event['at'])->utc(),
                'device' => $this->string('device')->toString(),
            ];
        }

        return $events;
    }

    /** @return array<string, list<mixed>> what belongs to an event */
    private static function of(JobEventKind $kind): array
    {
        $key = ['key' => ['required', 'string', 'max:60', 'regex:/^[a-z0-9:-]+$/']];
        $position = ['position' => ['required', 'integer', 'min:1', 'max:14']];
        $schools = [];
        foreach (Schools::aspects() as $aspect => $enum) {
            $schools["schools.{$aspect}"] = [Rule::enum($enum)];
        }

        return match ($kind) {
            JobEventKind::Did, JobEventKind::Back => $key,
            JobEventKind::Rests => $key + ['until' => ['required', 'date']],
            JobEventKind::Schools => ['schools' => ['required', 'array:'.implode(',', array_keys(Schools::aspects()))]] + $schools,
            JobEventKind::Again => $position + [
                'reason' => ['required', Rule::in(['cut-short', 'broke', 'wrong', 'spare'])],
                'where' => ['string', Rule::in(self::PLACES)],
                'was' => ['nullable', 'integer', 'min:1', 'max:14'],
                'whole' => ['boolean'],
            ],
            JobEventKind::Shortened => $position + ['left_mm' => ['required', 'numeric', 'gt:0', 'max:2000'], 'turns' => ['required', 'numeric', 'min:0', 'max:20']],
            JobEventKind::Chose => $position + ['lot' => ['present', 'nullable', 'integer', 'exists:lots,id']],
            JobEventKind::Turned => $position + ['turns' => ['required', 'numeric', 'gt:0', 'max:20']],
            JobEventKind::Measured => [
                'when' => ['required', Rule::in(['before', 'after'])],
                'action_12_mm' => ['nullable', 'numeric', 'min:0', 'max:20'],
                'relief_mm' => ['nullable', 'numeric', 'min:-5', 'max:10'],
                'bridge_mm' => ['nullable', 'numeric', 'gt:0', 'max:2000'],
                'adjusted' => ['boolean'],
            ],
            JobEventKind::Died => $position + [
                'how' => ['required', Rule::in(Worn::ENDED)],
                'where' => ['string', Rule::in(self::PLACES)],
            ],
            JobEventKind::Drifted => ['rested' => ['boolean'], 'cents' => ['required', 'array', 'list', 'max:14'], 'cents.*' => ['nullable', 'numeric', 'between:-3000,3000']],
            JobEventKind::Noted => ['text' => ['required', 'string', 'max:2000'], 'position' => ['nullable', 'integer', 'min:1', 'max:14']],
            JobEventKind::Bench => ['bench' => ['present', 'string', 'max:60']],
            JobEventKind::Agreed => [
                'owner' => ['present', 'string', 'max:200'],
                'reason' => ['required', Rule::enum(JobReason::class)],
                'promised_on' => ['present', 'nullable', 'date_format:Y-m-d'],
            ],
            JobEventKind::Undone => ['event' => ['required', 'uuid']],
            JobEventKind::Finished => ['felt' => ['nullable', 'string', 'max:2000'], 'coated' => ['boolean']],
            JobEventKind::Reopened => [],
        };
    }

    /** @return array<string, string> */
    private static function sentences(): array
    {
        return [
            'key.*' => 'Say which step it was, by its key.',
            'until.*' => 'Say until when it is left alone, ISO 8601.',
            'position.*' => 'Say which string it is, 1 to 14.',
            'reason.*' => 'Say why, as one of the reasons that are offered.',
            'was.*' => 'Say whose string it was, 1 to 14.',
            'whole.*' => 'Say whether it can go back into its packet, true or false.',
            'promised_on.*' => 'Give the day it is promised for, as 2026-12-03, or null.',
            'event.*' => 'Say by its UUID which event was a slip.',
            'how.*' => 'Say how it ended: dull, corroded or broken.',
            'coated.*' => 'Say whether its strings are coated, true or false.',
            'where.*' => 'Say where it broke: ball, saddle, fret, nut, post or elsewhere.',
            'left_mm.*' => 'Give what is left past its post, in millimetres.',
            'turns.*' => 'Give turns, up to 20.',
            'lot.*' => 'There is no such lot in the drawer.',
            'when.*' => 'Say whether it was before or after.',
            'action_12_mm.*' => 'Give the action in millimetres, 0 to 20.',
            'relief_mm.*' => 'Give the relief in millimetres, -5 to 10.',
            'bridge_mm.*' => 'Give where the bridge stands in millimetres from the nut.',
            'rested.*' => 'Say whether it had been left alone since it was tuned, true or false; false is after stretching.',
            'adjusted.*' => 'Say whether the rod or the height of the bridge was turned in between, true or false.',
            'cents.*' => 'Give cents for each string, flat negative, or null where none was read.',
            'text.*' => 'Write what is to be noted, up to 2000 characters.',
            'schools.*' => 'There is no such school.',
        ];
    }
}
