<?php

declare(strict_types=1);

namespace App\Strings\Samples\Views;

use Lira\Material\Material;
use Lira\Strings\Construction;

/** The samples of one family of strings. */
final readonly class SampleFamilyView
{
    /**
     * @param  string  $kind  of instrument, in words
     * @param  list<SampleView>  $samples
     * @param  list<ModelledView>  $model  thin to thick, over the gauges that are usually sold; none of what has no model
     * @param  ?FamilyCorrectionView  $correction  none where none counts
     */
    public function __construct(
        public Construction $construction,
        public Material $material,
        public string $kind,
        public array $samples,
        public array $model,
        public ?FamilyCorrectionView $correction,
    ) {}
}
