<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\Box\BoxTaps;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\Feed\Observed\BoxChecks;
use Bouclier\Core\House\Box;
use Bouclier\Core\House\BoxCheck;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** What nobody has noted of an open box yet, and one tap calls well. */
final readonly class BoxRest
{
    /**
     * @param array<string, mixed> $fields of the box in the house file, as they say that it is well
     * @param list<BoxCheck> $checks that nothing noted says would fail
     */
    private function __construct(
        public array $fields,
        public array $checks,
    ) {
    }

    public static function of(House $house, Point $point): self
    {
        $said = PartForm::write($point->box ?? new Box());
        $fields = [];
        foreach (BoxTaps::of($point, $house->code->unit()) as $tap) {
            if ($tap->well() !== null && ! isset($said[$tap->field])) {
                $fields[$tap->field] = $tap->well();
            }
        }
        $last = BoxChecks::last($house, $point);

        return new self($fields, array_values(array_filter(
            BoxCheck::cases(),
            fn(BoxCheck $check): bool => ! isset($last[$check->value]) && ! self::isSaidWrong($check, $point->box),
        )));
    }

    /** Things that are open. */
    public function count(): int
    {
        return count($this->fields) + count($this->checks);
    }

    /** Whether what was noted of the box says already that the check would fail. */
    private static function isSaidWrong(BoxCheck $check, ?Box $box): bool
    {
        return in_array(false, match ($check) {
            BoxCheck::GroundsPigtailed => [$box?->groundsSpliced, $box?->pigtail, $box?->bonded],
            BoxCheck::Support => [$box?->fixed],
            default => [],
        }, true);
    }
}
