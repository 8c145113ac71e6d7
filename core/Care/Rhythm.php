<?php

declare(strict_types=1);

namespace Lira\Care;

/** How often something is wanted: every so many weeks, or on days of the year. */
final readonly class Rhythm
{
    /** What is wanted on a day of the year and was seen to so shortly before it, needs no doing again. */
    private const EARLY_DAYS = 30;

    /**
     * @param  ?int  $everyWeeks  null where it goes by days
     * @param  list<string>  $days  of the year, such as `10-01`
     */
    private function __construct(public ?int $everyWeeks, public array $days) {}

    /** @param  int  $weeks  1 or more */
    public static function weeks(int $weeks): self
    {
        return new self($weeks, []);
    }

    /**
     * @param  non-empty-list<string>  $days  of the year, month and day, such as `10-01`
     *
     * @throws \InvalidArgumentException if one is no day that every year has
     */
    public static function days(array $days): self
    {
        foreach ($days as $day) {
            if (preg_match('/^\d\d-\d\d$/', $day) !== 1 || ! checkdate((int) substr($day, 0, 2), (int) substr($day, 3), 2023)) {
                throw new \InvalidArgumentException("“{$day}” is no day of every year.");
            }
        }
        sort($days);

        return new self(null, $days);
    }

    /**
     * The day on which it is due next.
     *
     * @param  \DateTimeImmutable  $since  it was seen to the last time, or the instrument came
     */
    public function next(\DateTimeImmutable $since): \DateTimeImmutable
    {
        $since = $since->setTime(0, 0);
        if ($this->everyWeeks !== null) {
            return $since->modify("+{$this->everyWeeks} weeks");
        }
        $from = $since->modify('+'.self::EARLY_DAYS.' days');
        foreach ([0, 1] as $later) {
            foreach ($this->days as $day) {
                $next = $since->setDate((int) $since->format('Y') + $later, (int) substr($day, 0, 2), (int) substr($day, 3));
                if ($next > $from) {
                    return $next;
                }
            }
        }

        return $since->setDate((int) $since->format('Y') + 2, (int) substr($this->days[0], 0, 2), (int) substr($this->days[0], 3));
    }

    public function label(): string
    {
        if ($this->everyWeeks !== null) {
            return match ($this->everyWeeks) {
                1 => 'every week',
                13 => 'four times a year',
                26 => 'twice a year',
                52 => 'once a year',
                default => "every {$this->everyWeeks} weeks",
            };
        }
        $days = array_map(static fn (string $day): string => (new \DateTimeImmutable("2023-{$day}"))->format('j F'), $this->days);

        return 'each '.implode(' and ', $days);
    }
}
