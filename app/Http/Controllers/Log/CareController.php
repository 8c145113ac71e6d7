<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\Pages\Workshop\CarePage;
use App\Http\Requests\Log\CareRuleRequest;
use App\Http\Said;
use App\Jobs\Views\ChoiceView;
use App\Log\Care;
use App\Models\CareEntry;
use App\Models\Instrument;
use App\Models\LogSettings;
use App\Models\OwnCareRule;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Response;
use Lira\Care\CareRule;
use Lira\Care\CareRules;
use Lira\Care\Place;
use Lira\Document\InvalidDocument;
use Lira\Document\Problem;
use Lira\Instrument\Fingerboard;
use Lira\Kind\Kind;

/** Care: its rules, what was seen to, what was put off, and what an hour counts as. */
final readonly class CareController
{
    private const MOST_FACTOR = 10.0;

    /** Before a show strings are due when one in so many of such strings has gone. */
    private const ONE_IN = [5, 10];

    /** Under which strings are put off. */
    private const STRINGS = 'strings';

    public function index(): Response
    {
        $settings = LogSettings::here();

        return (new CarePage(
            shipped: array_map(static fn (CareRule $rule): array => self::view($rule), CareRules::shipped()),
            own: array_values(OwnCareRule::query()->orderBy('id')->get()->map(static fn (OwnCareRule $own): array => [
                ...self::view($own->rule()), 'id' => $own->id, 'kinds' => array_values(array_map(static fn (string $kind): string => Kind::from($kind)->label(), $own->kinds)), 'owner' => $own->owner,
                'fingerboard' => Fingerboard::tryFrom($own->fingerboard)?->label() ?? '', 'place' => $own->place === '' ? '' : Place::from($own->place)->label(),
            ])->all()),
            kinds: array_map(static fn (Kind $kind): ChoiceView => new ChoiceView($kind->value, $kind->label()), Kind::cases()),
            fingerboards: array_map(static fn (Fingerboard $board): ChoiceView => new ChoiceView($board->value, $board->label()), Fingerboard::cases()),
            places: array_map(static fn (Place $place): ChoiceView => new ChoiceView($place->value, $place->label()), Place::cases()),
            exposure: ['heat' => $settings->heat, 'salt' => $settings->salt, 'sweat' => $settings->sweat],
            beforeShow: $settings->before_show,
            zone: $settings->zone()->getName(),
        ))->response();
    }

    public function store(CareRuleRequest $request): JsonResponse
    {
        return new JsonResponse(['id' => OwnCareRule::query()->create($request->columns())->id], 201);
    }

    public function destroy(int $rule): JsonResponse
    {
        OwnCareRule::query()->findOrFail($rule)->delete();

        return new JsonResponse(['id' => $rule]);
    }

    public function unarchive(int $rule): JsonResponse
    {
        OwnCareRule::withTrashed()->findOrFail($rule)->restore();

        return new JsonResponse(['id' => $rule]);
    }

    /** Something was seen to, or put off until a day. */
    public function record(Request $request, Instrument $instrument): JsonResponse
    {
        $rule = Said::words($request, 'rule');
        $what = $rule === self::STRINGS ? 'Change the strings' : null;
        foreach (Care::rules() as $known) {
            $what = $known->key() === $rule ? $known->label() : $what;
        }
        $until = $request->input('until');
        $note = Said::words($request, 'note');
        $problems = array_values(array_filter([
            $what === null ? new Problem('/rule', 'There is no such rule.') : null,
            $until !== null && (! is_string($until) || preg_match('/^\d{4}-\d\d-\d\d$/', $until) !== 1 || ! checkdate((int) substr($until, 5, 2), (int) substr($until, 8), (int) substr($until, 0, 4)))
                ? new Problem('/until', 'Give the day it is put off to, as 2026-12-03.') : null,
            is_string($until) && $until <= Carbon::now()->toDateString() ? new Problem('/until', 'Put it off to a day to come.') : null,
            $until !== null && $note === '' ? new Problem('/note', 'Say why it is put off, so that whoever reads it knows.') : null,
            mb_strlen($note) > 400 ? new Problem('/note', 'Say it in 400 characters at most.') : null,
            $until === null && $rule === self::STRINGS ? new Problem('/rule', 'New strings are told by a job: begin one.') : null,
        ]));
        if ($problems !== []) {
            throw InvalidDocument::because($problems);
        }
        $entry = CareEntry::query()->create([
            'instrument_id' => $instrument->id, 'rule' => $rule, 'what' => $what, 'done' => $until === null,
            'happened_on' => Carbon::now()->toDateString(), 'until' => $until, 'note' => $note,
        ]);

        return new JsonResponse(['id' => $entry->id], 201);
    }

    public function takeBack(Instrument $instrument, int $entry): JsonResponse
    {
        CareEntry::query()->where('instrument_id', $instrument->id)->findOrFail($entry)->delete();

        return new JsonResponse(['id' => $entry]);
    }

    /** Where an instrument lives. */
    public function place(Request $request, Instrument $instrument): JsonResponse
    {
        $place = Place::tryFrom(Said::words($request, 'place'))
            ?? throw InvalidDocument::at('/place', 'Say room, sea or stage, or nothing where it is none of these.');
        Instrument::query()->whereKey($instrument->id)->toBase()->update(['place' => $place->value]);

        return new JsonResponse(['place' => $place->value]);
    }

    /** What an hour in heat, salt air or with wet hands counts as, and the time zone here. */
    public function settings(Request $request): JsonResponse
    {
        $problems = [];
        foreach (['heat', 'salt', 'sweat'] as $name) {
            $factor = $request->input($name);
            if (! is_numeric($factor) || $factor < 1 || $factor > self::MOST_FACTOR) {
                $problems[] = new Problem("/{$name}", 'Give what an hour counts as, 1 to '.self::MOST_FACTOR.' hours.');
            }
        }
        $beforeShow = $request->input('before_show', LogSettings::here()->before_show);
        if (! in_array($beforeShow, self::ONE_IN, true)) {
            $problems[] = new Problem('/before_show', 'Say whether one string in 5 or one in 10 may have gone before a show.');
        }
        $zone = Said::words($request, 'zone');
        if (! in_array($zone, \DateTimeZone::listIdentifiers(), true)) {
            $problems[] = new Problem('/zone', 'There is no such time zone. Name one such as Europe/Lisbon.');
        }
        if ($problems !== []) {
            throw InvalidDocument::because($problems);
        }
        LogSettings::here()->update(['heat' => $request->float('heat'), 'salt' => $request->float('salt'), 'sweat' => $request->float('sweat'), 'before_show' => $beforeShow, 'time_zone' => $zone]);

        return new JsonResponse(['zone' => $zone]);
    }

    /** @return array{key: string, name: string, reason: string, caution: string, rhythm: string} */
    private static function view(CareRule $rule): array
    {
        return ['key' => $rule->key(), 'name' => $rule->label(), 'reason' => $rule->reason(), 'caution' => $rule->caution(), 'rhythm' => $rule->rhythm()->label()];
    }
}
