<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;

/** What a set is said to be of, beside its gauges: flats, nickel, phosphor bronze, fluorocarbon. */
final readonly class TypedMake
{
    private const WOUND = [
        'flat wounds' => [Construction::Flatwound, Material::StainlessSteel], 'flatwounds' => [Construction::Flatwound, Material::StainlessSteel], 'flats' => [Construction::Flatwound, Material::StainlessSteel],
        'half rounds' => [Construction::HalfRound, Material::StainlessSteel], 'half-rounds' => [Construction::HalfRound, Material::StainlessSteel], 'ground wounds' => [Construction::HalfRound, Material::StainlessSteel], 'groundwounds' => [Construction::HalfRound, Material::StainlessSteel],
        'tape wounds' => [Construction::TapeWound, Material::NylonTape], 'tapewounds' => [Construction::TapeWound, Material::NylonTape], 'tapes' => [Construction::TapeWound, Material::NylonTape],
        'round wounds' => [Construction::RoundWound, null], 'roundwounds' => [Construction::RoundWound, null], 'rounds' => [Construction::RoundWound, null],
        'pure nickel' => [null, Material::PureNickel], 'nickel plated' => [null, Material::NickelPlatedSteel], 'nickel' => [null, Material::NickelPlatedSteel], 'nickels' => [null, Material::NickelPlatedSteel],
        'stainless steel' => [null, Material::StainlessSteel], 'stainless' => [null, Material::StainlessSteel], 'steels' => [null, Material::StainlessSteel],
        'phosphor bronze' => [null, Material::PhosphorBronze], '80/20 bronze' => [null, Material::Bronze8020], '80/20' => [null, Material::Bronze8020], 'bronze' => [null, Material::PhosphorBronze],
    ];

    private const PLAIN = [
        'fluorocarbon' => Material::Fluorocarbon, 'carbon' => Material::Fluorocarbon, 'carbons' => Material::Fluorocarbon,
        'synthetic gut' => Material::SyntheticGut, 'gut' => Material::SyntheticGut, 'nylon' => Material::Nylon, 'nylons' => Material::Nylon,
    ];

    private function __construct(private ?Construction $construction, private ?Material $wrap, private ?Material $plain) {}

    /** @return array{?self, string} what is said, and the rest of the text; null where nothing is */
    public static function aside(string $typed): array
    {
        [$construction, $wrap, $plain, $left, $said] = [null, null, null, $typed, false];
        $pattern = static fn (string $words): string => '~(?<![\p{L}\d])'.str_replace(' ', '[\s-]+', preg_quote($words, '~')).'(?![\p{L}\d])~iu';
        foreach (self::WOUND as $words => [$made, $of]) {
            if (preg_match($pattern($words), $left) === 1) {
                [$construction, $wrap, $said] = [$made ?? $construction, $of ?? $wrap, true];
                $left = (string) preg_replace($pattern($words), ' ', $left, 1);
            }
        }
        foreach (self::PLAIN as $words => $of) {
            if (preg_match($pattern($words), $left) === 1) {
                [$plain, $said] = [$of, true];
                $left = (string) preg_replace($pattern($words), ' ', $left, 1);
            }
        }

        return [$said ? new self($construction, $wrap, $plain) : null, trim($left)];
    }

    /**
     * The same set of it.
     *
     * @param  list<StringSpec>  $set
     * @param  bool  $asTyped  whether its gauges were said; else they are those that weigh the same
     * @return list<StringSpec>
     */
    public function of(array $set, bool $asTyped): array
    {
        return array_map(function (StringSpec $spec) use ($asTyped): StringSpec {
            $type = $spec->type;
            if ($type->construction->isWound()) {
                $construction = $this->construction ?? $type->construction;
                $wrap = $this->wrap ?? $type->material;

                return new StringSpec(StringType::of($construction, in_array($wrap, $construction->materials(), true) ? $wrap : $construction->materials()[0], $type->gauge));
            }
            if ($this->plain === null || $this->plain === $type->material) {
                return $spec;
            }
            $share = $asTyped ? 1.0 : sqrt($type->material->properties()->densityKgPerM3 / $this->plain->properties()->densityKgPerM3);

            return StringSpec::plain($this->plain, $asTyped ? $type->gauge : Length::thousandths(round($type->gauge->inThousandths() * $share)));
        }, $set);
    }
}
