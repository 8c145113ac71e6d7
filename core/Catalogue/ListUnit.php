<?php

declare(strict_types=1);

namespace Lira\Catalogue;

use Lira\Length\Length;

/** The unit a column of figures is in, where the figures do not say it themselves. */
enum ListUnit: string
{
    case Thousandths = 'thou';
    case Inches = 'in';
    case Millimetres = 'mm';
    case Centimetres = 'cm';
    case KgPerM = 'kg/m';
    case GramsPerM = 'g/m';
    case PoundsPerInch = 'lb/in';

    public function label(): string
    {
        return $this === self::Inches ? 'inches' : $this->value;
    }

    /** From it to metres, or to kilograms per metre (1 lb = 0.453 592 37 kg exactly). */
    public function factor(): float
    {
        return match ($this) {
            self::Thousandths => 2.54e-5,
            self::Inches => Length::METRES_PER_INCH,
            self::Millimetres => 1e-3,
            self::Centimetres => 1e-2,
            self::KgPerM => 1.0,
            self::GramsPerM => 1e-3,
            self::PoundsPerInch => 0.45359237 / Length::METRES_PER_INCH,
        };
    }

    /** @return list<self> those a field can be in, the usual one first */
    public static function of(ListField $field): array
    {
        return match ($field) {
            ListField::Gauge => [self::Thousandths, self::Inches, self::Millimetres],
            ListField::Length => [self::Millimetres, self::Centimetres, self::Inches],
            ListField::Density => [self::GramsPerM, self::KgPerM, self::PoundsPerInch],
            ListField::Code, ListField::Name, ListField::Construction, ListField::Material, ListField::End, ListField::Price,
            ListField::BoxOf, ListField::BoxPrice => [],
        };
    }
}
