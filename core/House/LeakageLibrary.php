<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What appliances of each class leak, ours or as a crew has found it: taken where nothing was clamped. */
final readonly class LeakageLibrary
{
    /**
     * @param array<list<float>> $own a crew's ranges by class: least and most in phase, least and most in quadrature, mA at 120 V; ours
     *     where it has none
     */
    public function __construct(private array $own = [])
    {
    }

    /** That of the crew whose house it is, as far as the house says it. */
    public static function of(House $house): self
    {
        $own = [];
        foreach ((array) ($house->sections['leakage_ranges'] ?? []) as $class => $range) {
            $own[(string) $class] = array_map(floatval(...), array_values(array_filter((array) $range, is_numeric(...))));
        }

        return new self($own);
    }

    /**
     * A house as a crew judges it: by its own ranges, where it has none by those the house says, and else by ours.
     *
     * @param array<list<float>> $own as for {@see self::__construct()}
     */
    public static function judging(House $house, array $own = []): House
    {
        return (new self([...self::of($house)->own, ...$own]))->applied($house);
    }

    /** @return array{float, float, float, float} */
    public function range(ApplianceClass $class): array
    {
        $own = $this->own[$class->value] ?? null;
        [$phase, $quadrature] = $class->ranges();

        return $own !== null && count($own) === 4 ? [$own[0], $own[1], $own[2], $own[3]] : [...$phase, ...$quadrature];
    }

    public function isOwn(ApplianceClass $class): bool
    {
        return isset($this->own[$class->value]);
    }

    public function typical(?string $class): ?Leakage
    {
        $known = $class === null ? null : ApplianceClass::tryFrom($class);
        if ($known === null) {
            return null;
        }
        [$least, $most, $leastAcross, $mostAcross] = $this->range($known);

        return new Leakage(($least + $most) / 2, ($leastAcross + $mostAcross) / 2);
    }

    /** A house judged by this library: what was neither clamped nor written leaks as its class does here. */
    private function applied(House $house): House
    {
        return $house->with(
            appliances: array_map(
                fn(Appliance $one): Appliance => $one->leakage === null && $one->class !== null ? $one->with(
                    leakage: $this->typical($one->class),
                ) : $one,
                $house->appliances,
            ),
            sections: $this->own === [] ? $house->sections : [...$house->sections, 'leakage_ranges' => (object) $this->own],
        );
    }
}
