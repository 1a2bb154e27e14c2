<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\CodeBook\Checks\WiresShort;
use Bouclier\Core\House\BoxMaterial;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\LengthUnit;
use Bouclier\Core\House\Point;

/** The box as it is found, in the order of the hand: what is asked, and what it may be. */
final class BoxTaps
{
    /** Boxes as they are sold, in cubic inches: by their volume, and how they look. */
    private const SIZES = [
        [12.5, 'shallow'], [14.0, 'old work'], [18.0, 'one gang'], [20.3, 'one gang, deep'], [22.5, 'one gang, deepest'],
        [30.3, '4 in square'], [34.0, 'two gang'],
    ];

    /** Connectors by the wires they are made for: the lightest and the heaviest. */
    private const CONNECTORS = [['small', [22, 16]], ['middle', [18, 12]], ['large', [14, 8]], ['lever', [24, 12]]];

    /** @return list<BoxTap> */
    public static function of(Point $point, LengthUnit $unit): array
    {
        $isMetal = $point->box?->material === BoxMaterial::Metal;
        // A box without a ground in it has none to splice; one that nobody looked for is asked about.
        $hasGround = $point->ground !== GroundPath::None;
        $yes = fn(string $field, string $ask, string $is, string $not): BoxTap => new BoxTap(
            $field,
            $ask,
            [[$is, true, true], [$not, false, false]],
        );

        return [
            self::lengths('free_in', 'Free conductor', $unit, [3.0, 4.5, WiresShort::FREE_IN, 8.0], WiresShort::FREE_IN),
            self::lengths('past_face_in', 'Past the face', $unit, [1.0, 2.0, WiresShort::PAST_FACE_IN, 4.0], WiresShort::PAST_FACE_IN),
            new BoxTap('material', 'The box is', array_map(
                fn(BoxMaterial $one): array => [$one->label(), $one->value, null],
                BoxMaterial::cases(),
            )),
            new BoxTap('volume_in3', 'Its volume', array_map(
                fn(array $size): array => ["{$size[0]} in³ {$size[1]}", $size[0], null],
                self::SIZES,
            )),
            new BoxTap('clamps', 'Clamps in it', [['None', false, null], ['There are', true, null]]),
            new BoxTap('connectors', 'Connectors', array_map(
                fn(array $one): array => [
                    "{$one[0]}, {$one[1][0]} to {$one[1][1]} AWG",
                    [(object) ['kind' => $one[0], 'rated_awg' => $one[1]]],
                    null,
                ],
                self::CONNECTORS,
            )),
            ...($hasGround ? [
                $yes('grounds_spliced', 'Grounds', 'Spliced with a connector', 'Only twisted'),
                $yes('pigtail', 'Pigtail to the device', 'There', 'Not there'),
            ] : []),
            ...($isMetal ? [$yes('bonded', 'Metal box', 'Bonded', 'Not bonded')] : []),
            $yes('fixed', 'Box and cable', 'Fixed', 'Loose'),
        ];
    }

    /** @param list<float> $inches */
    private static function lengths(string $field, string $ask, LengthUnit $unit, array $inches, float $enough): BoxTap
    {
        return new BoxTap($field, $ask, array_map(fn(float $in): array => [
            $unit->inches($in),
            $in,
            $in >= $enough,
        ], $inches));
    }
}
