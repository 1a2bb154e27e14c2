<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Box\BoxChecks;
use Bouclier\Core\Box\BoxTap;
use Bouclier\Core\Box\BoxTaps;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House\Box;
use Bouclier\Core\House\BoxCheck;
use Bouclier\Core\House\Entries\BoxChecked;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** All of an open box that nobody has noted is well: what was said stands. */
final readonly class BoxIsWell implements Told
{
    public function __construct(private string $point)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('point'));
    }

    public function on(House $house, Asker $by): House
    {
        $point = $house->point($this->point);
        $said = PartForm::write($point->box ?? new Box());
        $well = array_filter(
            array_column(array_map(
                fn(BoxTap $tap): array => [$tap->field, $tap->well()],
                BoxTaps::of($point, $house->code->unit()),
            ), 1, 0),
            fn(mixed $says, string $field): bool => $says !== null && ! isset($said[$field]),
            ARRAY_FILTER_USE_BOTH,
        );
        if ($well !== []) {
            $patch = new Patch('points', $point->id, (object) ['box' => (object) $well]);
            $house = HouseDocument::of($house)->with([$patch->on(HouseDocument::of($house))])->toHouse();
        }
        $last = BoxChecks::last($house, $point);
        $box = $house->point($this->point)->box;
        $left = array_values(array_filter(
            BoxCheck::cases(),
            fn(BoxCheck $check): bool => ! isset($last[$check->value]) && ! self::isSaidWrong($check, $box),
        ));

        return $house->withEntry(...array_map(
            fn(BoxCheck $check): BoxChecked => new BoxChecked($point->id, $check, true, $by->now, $by->name),
            $left,
        ));
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

    public function summary(House $house): string
    {
        return "The rest of the box of {$house->point($this->point)->code} is well";
    }
}
