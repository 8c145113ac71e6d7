<?php

declare(strict_types=1);

namespace Lira\Wording;

use DateTimeInterface;

/** How somebody writes dates and times of day. The browser writes the same; both are held to one file of cases. */
final readonly class Dates
{
    private const DAY_FIRST = 'day';

    private const MONTH_FIRST = 'month';

    private const ISO = 'iso';

    /** @param  'day'|'month'|'iso'  $order */
    private function __construct(private string $order, private bool $twelve) {}

    /**
     * @param  string  $words  of `day`, `month` or `iso`, and `24h` or `12h`, parted by spaces or plus signs; what is left out is the day first, and 24 hours
     */
    public static function named(string $words): self
    {
        $said = preg_split('/[\s+]+/', $words);
        $said = $said === false ? [] : $said;
        $order = in_array(self::ISO, $said, true) ? self::ISO : (in_array(self::MONTH_FIRST, $said, true) ? self::MONTH_FIRST : self::DAY_FIRST);

        return new self($order, in_array('12h', $said, true));
    }

    /** 3 Dec 2026; Dec 3, 2026; 2026-12-03. */
    public function date(DateTimeInterface $at): string
    {
        return $at->format(match ($this->order) {
            self::DAY_FIRST => 'j M Y',
            self::MONTH_FIRST => 'M j, Y',
            self::ISO => 'Y-m-d',
        });
    }

    /** Within a year that is known: 3 Dec; Dec 3; 12-03. */
    public function dayOfYear(DateTimeInterface $at): string
    {
        return $at->format(match ($this->order) {
            self::DAY_FIRST => 'j M',
            self::MONTH_FIRST => 'M j',
            self::ISO => 'm-d',
        });
    }

    /** At the head of a day: Thursday, 3 December; Thursday, December 3; Thursday, 2026-12-03. */
    public function heading(DateTimeInterface $at): string
    {
        return $at->format(match ($this->order) {
            self::DAY_FIRST => 'l, j F',
            self::MONTH_FIRST => 'l, F j',
            self::ISO => 'l, Y-m-d',
        });
    }

    /** 20:05; 8:05 pm. */
    public function clock(DateTimeInterface $at): string
    {
        return $at->format($this->twelve ? 'g:i a' : 'H:i');
    }

    /** A date with its time of day. */
    public function time(DateTimeInterface $at): string
    {
        return "{$this->date($at)}, {$this->clock($at)}";
    }
}
