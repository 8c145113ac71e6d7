<?php

declare(strict_types=1);

namespace App\Log\Views;

/** Something that is due on an instrument. */
final readonly class DueView
{
    /**
     * @param  string  $key  by which it is known as long as it is the same
     * @param  string  $what  strings, show, care or job
     * @param  string  $rule  what it is seen to and put off under
     * @param  int  $instrument  its id
     * @param  string  $bench  where its last job was; empty where nobody said
     * @param  string  $do  what is to be done, in words
     * @param  string  $why  in words, with what that rests on
     * @param  string  $caution  empty where nothing can be hurt
     * @param  string  $on  a date, ISO 8601
     * @param  ?string  $from  at the earliest; null where it is one day
     * @param  ?string  $to  at the latest; null where it is one day
     * @param  ?string  $put_off  the day it was put off to; null where it was not
     * @param  string  $put_off_why  empty where it was not
     * @param  ?int  $job  its id; null where it is none
     * @param  list<int>  $strings  positions; empty where it is not about some strings
     * @param  ?int  $set  its id, of what is on the instrument; null where nobody put it on here
     */
    public function __construct(
        public string $key,
        public string $what,
        public string $rule,
        public int $instrument,
        public string $name,
        public string $owner,
        public string $bench,
        public string $do,
        public string $why,
        public string $caution,
        public string $on,
        public ?string $from,
        public ?string $to,
        public ?string $put_off,
        public string $put_off_why,
        public ?int $job,
        public array $strings = [],
        public ?int $set = null,
    ) {}
}
