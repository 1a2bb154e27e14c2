<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Box;
use Bouclier\Core\House\BoxMaterial;
use Bouclier\Core\House\Cover;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\House\OutletName;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;

/** A receptacle that is cut in where none was, as they are bought and made up today. */
final class CutIn
{
    /** Of the box, cubic inches. */
    private const VOLUME_IN3 = 20.3;

    /** With the next free code of its room. It is not in the house yet. */
    public static function in(House $house, Area $area, Serves $serves = Serves::General, Device $device = Device::Standard): Point
    {
        $code = LocationCodes::nextIn($house, $area)[0];
        $outdoors = $area->kind === AreaKind::Outdoors;

        return new Point(
            id: FreeId::in($house, mb_strtolower($code), stem: 'outlet'),
            code: $code,
            area: $area->id,
            name: OutletName::of(PointKind::Receptacle, $serves),
            kind: PointKind::Receptacle,
            device: $device,
            amps: Point::USUAL_AMPS,
            serves: $serves,
            exposure: $outdoors ? Exposure::Wet : null,
            box: new Box(material: BoxMaterial::Plastic, volumeIn3: self::VOLUME_IN3, groundsSpliced: true),
            cover: $outdoors ? Cover::InUse : null,
            ground: GroundPath::Wire,
            work: Work::Extend,
            selfTest: $device->feedsThrough() ? true : null,
            tr: true,
            wr: $outdoors ? true : null,
        );
    }
}
