<?php

declare(strict_types=1);

namespace App\Http\Pages\Strings;

use App\Http\Pages\Page;
use App\Strings\Samples\Views\SampleFamilyView;
use Lira\Kind\Kind;

/** Strings weighed or sounded here. */
final readonly class MeasuredPage extends Page
{
    /**
     * @param  list<SampleFamilyView>  $families
     * @param  list<array{value: Kind, label: string}>  $kinds
     */
    public function __construct(
        public array $families,
        public array $kinds,
    ) {}
}
