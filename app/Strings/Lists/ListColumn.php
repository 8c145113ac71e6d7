<?php

declare(strict_types=1);

namespace App\Strings\Lists;

use Lira\Catalogue\ListedString;
use Lira\Strings\StringType;
use Lira\Wording\Units;

/**
 * What is kept of a listed string, column by column of `list_strings` and `import_rows`: how it comes in, what it is called
 * where a list differs, and how it goes out again. Its order is that of the file.
 */
enum ListColumn: string
{
    case Code = 'code';
    case Name = 'name';
    case Construction = 'construction';
    case Material = 'material';
    case Gauge = 'gauge_nm';
    case Density = 'kg_per_m';
    case Length = 'length_mm';
    case End = 'end';
    case Price = 'cents';
    case BoxOf = 'box_of';
    case BoxPrice = 'box_cents';

    public function of(ListedString $listed): int|float|string|null
    {
        return match ($this) {
            self::Code => $listed->code,
            self::Name => $listed->name,
            self::Construction => $listed->type->construction->value,
            self::Material => $listed->type->material->value,
            self::Gauge => $listed->type->gaugeNm,
            self::Density => $listed->kgPerM,
            self::Length => $listed->lengthM === null ? null : round($listed->lengthM * 1000, 3),
            self::End => $listed->end?->value,
            self::Price => $listed->cents,
            self::BoxOf => $listed->boxOf,
            self::BoxPrice => $listed->boxCents,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Code => 'order code',
            self::Gauge => 'gauge',
            self::Density => 'linear density',
            self::Length => 'made length',
            self::Price => 'price',
            self::BoxOf => 'box',
            self::BoxPrice => 'price of a box',
            self::Name, self::Construction, self::Material, self::End => $this->value,
        };
    }

    /** What stands over it in a file. */
    public function title(): string
    {
        return match ($this) {
            self::Gauge => 'Gauge (thou)',
            self::Density => 'Linear density (g/m)',
            self::Length => 'Made length (mm)',
            self::BoxOf => 'Box of',
            self::Code, self::Name, self::Construction, self::Material, self::End, self::Price, self::BoxPrice => ucfirst($this->label()),
        };
    }

    /** A kept value as a file has it: a decimal point, nothing for what is not known. */
    public function written(mixed $value): string
    {
        if (! is_scalar($value)) {
            return '';
        }
        $number = (float) $value;

        return match ($this) {
            self::Gauge => Units::trimmed($number / StringType::NANOMETRES_PER_THOUSANDTH, 3),
            self::Density => Units::fixed($number * 1000, 5),
            self::Length => Units::fixed($number, 0),
            self::Price, self::BoxPrice => Units::fixed($number / 100, 2),
            self::Code, self::Name, self::Construction, self::Material, self::End, self::BoxOf => (string) $value,
        };
    }

    /** A kept value where a list differs. */
    public function said(mixed $value): string
    {
        return match (true) {
            ! is_scalar($value) || $value === '' => 'none',
            $this === self::Density => Units::fixed((float) $value * 1000, 4).' g/m',
            $this === self::Length => (string) $value,
            default => $this->written($value),
        };
    }
}
