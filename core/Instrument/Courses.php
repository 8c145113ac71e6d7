<?php

declare(strict_types=1);

namespace Lira\Instrument;

/** Which strings stand together and are played as one. */
final readonly class Courses
{
    /** @param  list<int>  $sizes  how many strings each course has, from string 1; empty where each string stands alone */
    public function __construct(public array $sizes = []) {}

    /**
     * The course each string belongs to, from 0, string 1 first.
     *
     * @param  int  $strings  how many there are; strings beyond the courses stand alone
     * @return list<int>
     */
    public function of(int $strings): array
    {
        $courses = [];
        foreach ($this->sizes as $course => $size) {
            array_push($courses, ...array_fill(0, $size, $course));
        }
        for ($next = count($this->sizes); count($courses) < $strings; $next++) {
            $courses[] = $next;
        }

        return array_slice($courses, 0, $strings);
    }
}
