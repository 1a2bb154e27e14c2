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
    public function applied(House $house): House
    {
        return $house->with(appliances: array_map(
            fn(Appliance $one): Appliance => $one->leakage === null && $one->class !== null ? $one->with(
                leakage: $this->typical($one->class),
            ) : $one,
            $house->appliances,
        ));
    }
}
