<?php

declare(strict_types=1);

namespace Lira\Catalogue;

/** What a column of a supplier's list can say. */
enum ListField: string
{
    case Code = 'code';
    case Name = 'name';
    case Construction = 'construction';
    case Material = 'material';
    case Gauge = 'gauge';
    case Density = 'density';
    case Length = 'length';
    case End = 'end';
    case Price = 'price';
    case BoxOf = 'box_of';
    case BoxPrice = 'box_price';

    public function isNeeded(): bool
    {
        return $this === self::Code || $this === self::Gauge;
    }

    public function label(): string
    {
        return match ($this) {
            self::Code => 'Order code',
            self::Name => 'Name',
            self::Construction => 'Construction',
            self::Material => 'Material or wrap',
            self::Gauge => 'Gauge',
            self::Density => 'Linear density',
            self::Length => 'Made length',
            self::End => 'End',
            self::Price => 'Price of one',
            self::BoxOf => 'Strings in a box',
            self::BoxPrice => 'Price of a box',
        };
    }

    /** @return list<string> words by which a header is recognised, in small letters */
    public function words(): array
    {
        return match ($this) {
            self::Code => ['code', 'sku', 'article', 'item', 'order no', 'part', 'number'],
            self::Name => ['name', 'description', 'title', 'product'],
            self::Construction => ['construction', 'winding', 'build', 'type'],
            self::Material => ['material', 'alloy', 'wrap', 'metal'],
            self::Gauge => ['gauge', 'diameter', 'thickness', 'size'],
            self::Density => ['mass', 'density', 'weight', 'linear'],
            self::Length => ['length', 'made', 'long'],
            self::End => ['end', 'ball', 'loop'],
            self::Price => ['price', 'cost', 'each', 'unit'],
            self::BoxOf => ['box of', 'pack of', 'per box', 'pack size', 'box size', 'box'],
            self::BoxPrice => ['box price', 'price of a box', 'pack price', 'price per box'],
        };
    }
}
