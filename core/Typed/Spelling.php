<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\InvalidInput;

/** A line put right word by word: each word nobody knows becomes the known one that comes nearest. */
final class Spelling
{
    /** Shorter words are anything. */
    private const LEAST = 3;

    /**
     * @param  list<string>  $known  words, or lines of which each word is known
     * @param  \Closure(string): mixed  $read  reads a line, or throws
     * @return ?string the line put right, if that can be read
     */
    public static function corrected(string $typed, array $known, \Closure $read): ?string
    {
        $words = [];
        foreach ($known as $line) {
            $parts = preg_split('~[\s-]+~u', $line, -1, PREG_SPLIT_NO_EMPTY);
            foreach ($parts === false ? [] : $parts as $word) {
                $words[mb_strtolower($word)] = true;
            }
        }
        $words = array_map(strval(...), array_keys($words));
        $right = preg_replace_callback('~\p{L}+~u', static function (array $found) use ($words): string {
            $word = $found[0];
            $isKnown = in_array(mb_strtolower($word), $words, true);

            return $isKnown || mb_strlen($word) < self::LEAST ? $word : Nearest::to($word, $words) ?? $word;
        }, $typed);
        if ($right === null || $right === $typed) {
            return null;
        }
        try {
            $read($right);
        } catch (InvalidInput) {
            return null;
        }

        return $right;
    }
}
