<?php

declare(strict_types=1);

namespace App\Bench\Answer\Views;

/** A set as one takes it along: in one line, with its price and the packets that come nearest. */
final readonly class AnswerView
{
    /**
     * @param  string  $line  every gauge, string 1 first
     * @param  string  $text  the same with what it is for, to be shared
     * @param  ?PriceView  $price  null while no supplier is known
     * @param  list<PacketView>  $packets  nearest first
     */
    public function __construct(
        public string $line,
        public string $text,
        public ?PriceView $price,
        public array $packets,
    ) {}
}
