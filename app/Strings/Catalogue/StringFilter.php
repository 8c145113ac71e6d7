<?php

declare(strict_types=1);

namespace App\Strings\Catalogue;

use Lira\Material\Material;
use Lira\Strings\Construction;

/** Which of the listed strings are looked for, and in which order. */
final readonly class StringFilter
{
    /**
     * @param  list<string>  $words  in small letters, each to be found
     * @param  ?int  $supplierId  of one alone
     * @param  ?int  $fromNm  thinnest gauge, nanometres
     * @param  ?int  $toNm  thickest gauge, nanometres
     * @param  bool  $drawer  only what lies there
     * @param  string  $order  gauge, price or code; anything else is by gauge
     * @param  int  $offset  so many are left out
     */
    public function __construct(
        public array $words = [],
        public ?Construction $construction = null,
        public ?Material $material = null,
        public ?int $supplierId = null,
        public ?int $fromNm = null,
        public ?int $toNm = null,
        public bool $drawer = false,
        public string $order = 'gauge',
        public int $offset = 0,
    ) {}
}
