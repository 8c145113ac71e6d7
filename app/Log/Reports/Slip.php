<?php

declare(strict_types=1);

namespace App\Log\Reports;

use App\Jobs\JobFile;
use App\Log\StringsLife;
use App\Log\Views\FamilyLifeView;
use App\Paper\Leaf;
use App\Paper\Sheet;
use App\Strings\StringWords;
use Illuminate\Support\Carbon;
use Lira\Evaluation\EvaluatedString;
use Lira\Wording\Dates;
use Lira\Wording\Units;

/** What an owner is given with the instrument: what was fitted, what changed, what to expect of the next two days, when it is due again. */
final readonly class Slip
{
    public function __construct(private StringsLife $life) {}

    public function on(JobFile $file, Units $units, Leaf $leaf): string
    {
        return Sheet::of('sheets.slip', "{$file->job->instrument->name}: what was done", $this->content($file, $units), $leaf);
    }

    /**
     * @return array{instrument: string, owner: string, on: string, set: string, before: ?string, tuning: string,
     *     strings: list<array{position: int, what: string, pitch: string, pull: string}>, changed: list<array{string, string, string}>,
     *     notes: list<string>, expect: list<string>, due: list<string>}
     */
    public function content(JobFile $file, Units $units): array
    {
        $job = $file->job;
        $finished = $job->finished_at ?? Carbon::now();
        $measured = ['before' => $file->progress->measured('before'), 'after' => $file->progress->measured('after')];
        $mm = static fn (mixed $figure): string => is_numeric($figure) ? $units->fine((float) $figure / 1000) : '–';
        $changed = [['Pull of all strings', $units->force(array_sum($file->plan->presentN)), $units->force(array_sum($file->plan->presentN) + $file->changeN())]];
        foreach (['Action at the 12th' => 'action_12_mm', 'Relief' => 'relief_mm', 'Bridge from the nut' => 'bridge_mm'] as $name => $key) {
            if (isset($measured['before'][$key]) || isset($measured['after'][$key])) {
                $changed[] = [$name, $mm($measured['before'][$key] ?? null), $mm($measured['after'][$key] ?? null)];
            }
        }
        $life = $this->life->of($job->instrument);
        $holds = $file->holdsAtS();

        return [
            'instrument' => $job->instrument->name,
            'owner' => $job->owner,
            'on' => app(Dates::class)->date($finished),
            'set' => $job->name,
            'before' => $file->document->baseline?->name,
            'tuning' => $file->document->design->tunings[0]->name,
            'strings' => array_map(static fn (EvaluatedString $string): array => [
                'position' => $string->position,
                'what' => StringWords::of($string->string->spec->type, $units),
                'pitch' => $string->tunings[0]->pitch->label(),
                'pull' => $units->force($string->tunings[0]->tensionN),
            ], $file->document->evaluation()->strings),
            'changed' => $changed,
            'notes' => array_column($file->progress->notes(), 'text'),
            'expect' => self::expect($file, $holds),
            'due' => array_map(static fn (FamilyLifeView $family): string => ucfirst($family->which).", {$family->label}: ".self::due($family).'.', $life->families),
        ];
    }

    /** When strings are due again, in words. */
    private static function due(FamilyLifeView $family): string
    {
        $day = static fn (string $date): string => app(Dates::class)->date(Carbon::parse($date));

        return match (true) {
            $family->not_before !== null => "not before {$family->not_before}",
            $family->due_on === null => 'after about '.number_format($family->p50_h).' hours of playing',
            default => "about {$day($family->due_on)} (one string in ten from ".$day($family->due_from ?? $family->due_on).' on'
                .($family->due_to === null ? '' : ", nine in ten by {$day($family->due_to)}").')',
        };
    }

    /** @return list<string> */
    private static function expect(JobFile $file, ?int $holdsAtS): array
    {
        $polymer = array_filter($file->document->evaluation()->strings, static fn (EvaluatedString $string): bool => $string->string->spec->type->material->properties()->polymer);

        return array_values(array_filter([
            $holdsAtS === null
                ? ($polymer === [] ? 'New strings go flat a little at first. Tune from below before you play; in a day or two they hold.'
                    : 'New nylon goes flat for days. Tune from below whenever you take it up; each time it is less.')
                : 'They hold from '.app(Dates::class)->time(Carbon::createFromTimestampUTC($holdsAtS)).' UTC on, by what was read of them; until then tune from below before you play.',
            'Bends and a new set change its feel for the first hours: play it in before you judge it.',
            abs($file->changeN()) > 30 ? 'The neck follows the new pull over a day or two. If action or relief moves after that, bring it back.' : '',
            'If a string breaks or something rattles or lifts, loosen it and bring it back: the nut, the truss rod, a lifting bridge or a cracked top are for a qualified repairer.',
        ], static fn (string $line): bool => $line !== ''));
    }
}
