<?php

declare(strict_types=1);

namespace App\Strings\Catalogue\Views;

/** A supplier, and how much is listed there. */
final readonly class SupplierView
{
    /**
     * @param  string  $currency  three letters
     * @param  int  $shipping_cents  of one parcel
     * @param  ?int  $free_from_cents  from what sum on parcels are free
     * @param  int  $strings  listed
     */
    public function __construct(
        public int $id,
        public int $revision,
        public string $name,
        public string $currency,
        public int $shipping_cents,
        public ?int $free_from_cents,
        public int $lead_days,
        public int $strings,
    ) {}
}
