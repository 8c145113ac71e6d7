<?php

declare(strict_types=1);

namespace Lira\Catalogue;

use Lira\InvalidInput;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\PlainText;
use Lira\Strings\Construction;
use Lira\Strings\StringBuild;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;

/** Reads one row of a supplier's list. */
final class ListRow
{
    private const LONGEST_CODE = 60;

    private const LONGEST_NAME = 200;

    /** How far a listed mass may be from the model before it is taken for a slip of unit or column. */
    private const FARTHEST = 3.0;

    /**
     * @param  list<string>  $cells
     *
     * @throws RejectedRow with a sentence that says what is wrong with it
     */
    public static function read(array $cells, ListMapping $mapping): ListedString
    {
        $cell = static fn (ListField $field): string => $mapping->cell($cells, $field);
        $code = $cell(ListField::Code);
        if ($code === '' || mb_strlen($code) > self::LONGEST_CODE) {
            throw new RejectedRow(
                $code === '' ? 'It has no order code.' : 'Its order code has more than '.self::LONGEST_CODE.' characters.',
            );
        }
        foreach ([ListField::Code, ListField::Name] as $field) {
            if (PlainText::problem($cell($field), 'its name', 0, PHP_INT_MAX) !== null) {
                throw new RejectedRow('Its order code or name has signs in it that cannot be shown.');
            }
        }
        // A gauge may say how the string is made: 26w.
        [$figure, $made] = Figure::madeAside($cell(ListField::Gauge));
        $gauge = self::gauge($figure, $mapping);
        $said = $cell(ListField::Construction) === '' && $made !== null ? $made : $cell(ListField::Construction);
        $construction = self::construction($said, $cell(ListField::Material), $mapping);
        $material = self::material($cell(ListField::Material), $construction, $mapping);
        $listed = new ListedString(
            $code,
            mb_substr($cell(ListField::Name), 0, self::LONGEST_NAME),
            StringType::of($construction, $material, $gauge),
            self::figure($cell(ListField::Density), $mapping->units[ListField::Density->value], 'linear density'),
            self::figure($cell(ListField::Length), $mapping->units[ListField::Length->value], 'made length'),
            Words::end($cell(ListField::End)),
            self::price($cell(ListField::Price), 'price'),
            self::box($cell(ListField::BoxOf)),
            self::price($cell(ListField::BoxPrice), 'price of a box'),
        );
        self::check($listed);

        return $listed;
    }

    private static function gauge(string $text, ListMapping $mapping): Length
    {
        $metres = Figure::si($text, $mapping->units[ListField::Gauge->value]);
        if ($metres === null) {
            throw new RejectedRow($text === '' ? 'It has no gauge.' : "“{$text}” is not a gauge.");
        }
        // A bare figure below 1 in a column of thousandths is written in inches, as .011 often is.
        if (
            $mapping->units[ListField::Gauge->value] === ListUnit::Thousandths
            && $metres < ListUnit::Thousandths->factor()
            && preg_match('/[a-z"”]/i', $text) !== 1
        ) {
            $metres *= 1000;
        }
        if ($metres < StringType::THINNEST_NM / 1e9 || $metres > StringType::THICKEST_NM / 1e9) {
            throw new RejectedRow(sprintf(
                'A gauge of %s mm cannot be: strings are 0.05 to 6 mm. Check the unit of the column.',
                rtrim(rtrim(number_format($metres * 1000, 4, '.', ''), '0'), '.'),
            ));
        }

        return Length::metres($metres);
    }

    private static function construction(string $words, string $material, ListMapping $mapping): Construction
    {
        $found = Words::construction($words) ?? ($words === '' ? $mapping->construction : null);
        if ($found === null && $words === '') {
            // A material can tell: music wire and fluorocarbon are never wraps.
            $found = match (Words::material($material)) {
                Material::MusicWire, Material::Fluorocarbon, Material::Nylon, Material::SyntheticGut,
                Material::Polyurethane => Construction::Plain,
                Material::NylonTape => Construction::TapeWound,
                Material::NickelPlatedSteel, Material::PureNickel, Material::StainlessSteel, Material::PhosphorBronze, Material::Bronze8020,
                Material::SilverPlatedCopper, Material::NylonMultifilament => Construction::RoundWound,
                null => null,
            };
        }

        return $found
            ?? throw new RejectedRow($words === '' ? 'It does not say whether it is plain or how it is wound.' : "“{$words}” is not a construction known here. Use plain, round-wound, half-round, flatwound or tape-wound.");
    }

    private static function material(string $words, Construction $construction, ListMapping $mapping): Material
    {
        $found = Words::material($words) ?? ($words === '' ? $mapping->material : null);
        // Steel on a plain string is its wire, on a wound one its wrap.
        if ($found === Material::MusicWire && $construction->isWound()) {
            $found = Material::StainlessSteel;
        }
        if ($found === Material::NickelPlatedSteel && ! $construction->isWound()) {
            $found = Material::MusicWire;
        }

        return $found ?? throw new RejectedRow(
            $words === '' ? 'It does not say what it is made of.' : "“{$words}” is not a material known here.",
        );
    }

    private static function figure(string $text, ListUnit $unit, string $what): ?float
    {
        return $text === '' ? null : (Figure::si($text, $unit) ?? throw new RejectedRow("“{$text}” is not a {$what}."));
    }

    private static function price(string $text, string $what): ?int
    {
        return $text === '' ? null : (Figure::cents($text) ?? throw new RejectedRow("“{$text}” is not a {$what}."));
    }

    private static function box(string $text): ?int
    {
        $number = $text === '' ? null : (Figure::number($text) ?? throw new RejectedRow("“{$text}” is not a number of strings in a box."));

        return $number === null || $number < 2 ? null : ($number > 1000 || $number !== floor($number) ? throw new RejectedRow(
            "A box of {$text} strings cannot be.",
        ) : (int) $number);
    }

    /** Whether such a string can be made, and weighs about what it says. */
    private static function check(ListedString $listed): void
    {
        try {
            $build = StringBuild::of(new StringSpec($listed->type), Kind::Other);
        } catch (InvalidInput $cannot) {
            throw new RejectedRow($cannot->getMessage());
        }
        if ($listed->kgPerM === null || $build->core === null) {
            return;
        }
        $ratio = $listed->kgPerM / $build->kgPerM();
        if ($ratio > self::FARTHEST || $ratio < 1 / self::FARTHEST) {
            throw new RejectedRow(sprintf(
                'Its mass of %.4g g/m is far from the %.4g g/m that such a string has. Check the unit of the column.',
                $listed->kgPerM * 1000,
                $build->kgPerM() * 1000,
            ));
        }
    }
}
