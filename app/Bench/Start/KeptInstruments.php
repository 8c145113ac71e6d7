<?php

declare(strict_types=1);

namespace App\Bench\Start;

use App\Models\Instrument;

/** The workshop's instruments as people call them: by their whole name, or by any part of it. */
final readonly class KeptInstruments
{
    private const MOST = 6;

    /** Words that are no name. */
    private const FILLERS = ['the', 'my', 'a', 'an'];

    /** The one of exactly this name. */
    public function called(string $typed): ?Instrument
    {
        $typed = trim($typed);

        return $typed === '' ? null : Instrument::query()->whereRaw('lower(name) = ?', [mb_strtolower($typed)])->latest('updated_at')->latest('id')->first();
    }

    /**
     * Those in whose names every word begins one, the last changed first.
     *
     * @return list<Instrument>
     */
    public function alike(string $typed): array
    {
        $words = array_diff(self::words($typed), self::FILLERS);
        if ($words === []) {
            return [];
        }
        $query = Instrument::query()->latest('updated_at')->latest('id');
        foreach ($words as $word) {
            $query->whereRaw("lower(name) like ? escape '\\'", ['%'.addcslashes($word, '%_\\').'%']);
        }

        return array_values(array_filter(
            $query->limit(10 * self::MOST)->get()->all(),
            static fn (Instrument $instrument): bool => array_filter(
                $words,
                static fn (string $word): bool => preg_match('~(?<![\p{L}\p{N}])'.preg_quote($word, '~').'~u', mb_strtolower($instrument->name)) !== 1,
            ) === [],
        ));
    }

    /**
     * The one that is meant for sure: of exactly this name, or the only one in whose name all of these words stand whole.
     *
     * @param  list<Instrument>  $alike
     */
    public function sure(string $typed, array $alike): ?Instrument
    {
        $called = $this->called($typed);
        if ($called !== null || count($alike) !== 1) {
            return $called;
        }
        $name = self::words($alike[0]->name);

        return array_diff(self::words($typed), $name, self::FILLERS) === [] ? $alike[0] : null;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        $words = preg_split('~[^\p{L}\p{N}]+~u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY);

        return $words === false ? [] : $words;
    }

    /**
     * Enough of them to choose from.
     *
     * @param  list<Instrument>  $instruments
     * @return list<array{id: int, name: string}>
     */
    public function offered(array $instruments): array
    {
        return array_map(
            static fn (Instrument $instrument): array => ['id' => $instrument->id, 'name' => $instrument->name],
            array_slice($instruments, 0, self::MOST),
        );
    }
}
