<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Whether places named in a file are there. */
final readonly class KnownPlaces
{
    /** @var array<array<int|string, int|string>> ids by kind of place */
    private array $ids;

    public function __construct(House $house)
    {
        $appliances = array_column($house->appliances, 'id', 'id');
        $this->ids = [
            'point' => array_column($house->points, 'id', 'id'),
            'circuit' => array_column($house->circuits, 'id', 'id'),
            'cable' => array_column($house->cables, 'id', 'id'),
            'appliance' => $appliances,
            'cord' => $appliances,
        ];
    }

    /**
     * @param list<string> $allowed kinds of place
     *
     * @return list<FileFault>
     */
    public function faults(Spot $spot, array $allowed, string $pointer): array
    {
        foreach ($this->ids as $kind => $ids) {
            $id = $spot->{$kind};
            if ($id === null) {
                continue;
            }
            if (! in_array($kind, $allowed, true)) {
                return [new FileFault("$pointer/$kind", 'this is at ' . implode(' or ', $allowed) . ", not at a $kind")];
            }

            return isset($ids[$id]) ? [] : [new FileFault("$pointer/$kind", "there is no $kind \"$id\"")];
        }

        return [new FileFault($pointer, 'a place is missing: ' . implode(' or ', $allowed))];
    }
}
