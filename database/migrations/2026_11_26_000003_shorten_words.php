<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Names have up to 200 characters now and notes up to 20,000. What is longer from before is shortened, so that it can be opened;
 * of a set the whole of it stays as a version.
 */
return new class extends Migration
{
    private const NAME = 200;

    private const NOTES = 20_000;

    /** @return array<string, string> what becomes of the rows of tables */
    public function changesRows(): array
    {
        return ['set_versions' => 'more'];
    }

    public function up(): void
    {
        foreach (DB::table('sets')->orderBy('id')->get(['id', 'name', 'document']) as $set) {
            $document = $this->read($set->document);
            if ($document !== null && $this->shortenSet($document)) {
                DB::table('set_versions')->insert(['set_id' => $set->id, 'name' => 'Before its words were shortened', 'document' => $set->document, 'created_at' => now()]);
                $name = $document->name ?? null;
                DB::table('sets')->where('id', $set->id)->update(['document' => $this->written($document), 'name' => is_string($name) ? $name : $set->name]);
            }
        }
        foreach (DB::table('instruments')->orderBy('id')->get(['id', 'name', 'document']) as $instrument) {
            $document = $this->read($instrument->document);
            if ($document !== null && $this->shortenInstrument($document)) {
                $name = $document->name ?? null;
                DB::table('instruments')->where('id', $instrument->id)->update(['document' => $this->written($document), 'name' => is_string($name) ? $name : $instrument->name]);
            }
        }
    }

    public function down(): void
    {
        // What was shortened is in the versions and in the copy that was kept before.
    }

    private function shortenSet(stdClass $set): bool
    {
        $done = [$this->shorten($set, 'name', self::NAME, 'Without a name'), $this->shorten($set, 'notes', self::NOTES)];
        foreach (is_array($set->tunings ?? null) ? $set->tunings : [] as $tuning) {
            $done[] = $tuning instanceof stdClass && $this->shorten($tuning, 'name', self::NAME);
        }
        $baseline = $set->baseline ?? null;
        if ($baseline instanceof stdClass) {
            $done[] = $this->shortenSet($baseline);
            $done[] = ($baseline->instrument ?? null) instanceof stdClass && $this->shortenInstrument($baseline->instrument);
        }

        return in_array(true, $done, true);
    }

    private function shortenInstrument(stdClass $instrument): bool
    {
        return in_array(true, [
            $this->shorten($instrument, 'name', self::NAME, 'Without a name'), $this->shorten($instrument, 'owner', self::NAME), $this->shorten($instrument, 'notes', self::NOTES),
        ], true);
    }

    /** Whether there was something to shorten: what is too long, signs that cannot be shown, or nothing where something should be. */
    private function shorten(stdClass $object, string $key, int $most, string $nothing = ''): bool
    {
        $text = $object->{$key} ?? null;
        if (! is_string($text)) {
            return false;
        }
        $short = (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', '', $text);
        $short = mb_strlen($short) > $most ? mb_substr($short, 0, $most - 1).'…' : $short;
        $object->{$key} = trim($short) === '' && $nothing !== '' ? $nothing : $short;

        return $object->{$key} !== $text;
    }

    private function read(mixed $text): ?stdClass
    {
        $document = is_string($text) ? json_decode($text) : null;

        return $document instanceof stdClass ? $document : null;
    }

    private function written(stdClass $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }
};
