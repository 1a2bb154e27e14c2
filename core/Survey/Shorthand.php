<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Choice;
use Bouclier\Core\House\Cover;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\Grade;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Yoke;

/**
 * The trade's own short words, and what each stands for. The first word of a value is the one it is written back with. Words of an outlet
 * line are told apart by themselves, so no word stands in two of its lists.
 */
final class Shorthand
{
    public const SERVES = [
        'general' => ['gen', 'general', 'gp'],
        'countertop' => ['ct', 'counter', 'countertop', 'vanity'],
        'refrigerator' => ['fridge', 'refrigerator'],
        'freezer' => ['freezer'],
        'dishwasher' => ['dw', 'dishwasher', 'dish washer'],
        'disposal' => ['disposal', 'disposer', 'garbage', 'garbage disposal', 'garbage disposer'],
        'sump_pump' => ['sump', 'sumppump', 'sump pump'],
        'range' => ['range', 'stove'],
        'wall_oven' => ['oven', 'walloven', 'wall oven'],
        'cooktop' => ['cooktop'],
        'dryer' => ['dryer'],
        'washer' => ['washer', 'washing machine'],
        'microwave' => ['mw', 'microwave', 'micro'],
        'garage_opener' => ['opener', 'garage opener', 'door opener', 'garage door opener'],
        'hvac' => ['hvac', 'condenser'],
        'hvac_inverter' => ['minisplit', 'inverter', 'mini split', 'heat pump'],
        'hvac_service' => ['service'],
        'ev' => ['ev', 'vehicle'],
        'spa' => ['spa', 'hottub', 'hot tub'],
        'pool_pump' => ['poolpump', 'pool pump'],
        'hydromassage' => ['hydromassage'],
        'floor_heat' => ['floorheat', 'floor heat', 'heated floor'],
        'fire_alarm' => ['firealarm', 'fire alarm'],
        'smoke_alarm' => ['smoke', 'smokealarm', 'smoke alarm', 'smoke detector'],
        'security' => ['security'],
        'snow_melting' => ['snowmelt', 'deicing', 'heat trace'],
        'bath_fan' => ['bathfan', 'bath fan', 'exhaust fan'],
        'ceiling_support' => ['ceiling', 'ceiling fan'],
        'bidet' => ['bidet', 'toilet seat'],
        'landscape' => ['landscape'],
        'range_hood' => ['rangehood', 'hood', 'range hood'],
        'boat_hoist' => ['hoist', 'boathoist', 'boat hoist'],
    ];

    public const DEVICE = [
        'standard' => ['std', 'standard', 'plain'],
        'gfci' => ['gfci', 'gfi'],
        'afci' => ['afci'],
        'dual' => ['dual'],
        'none' => ['nodevice', 'blank'],
    ];

    public const POINT_KIND = [
        'receptacle' => ['rec', 'receptacle', 'outlet'],
        'hardwired' => ['hw', 'hardwired', 'wired'],
        'light' => ['light', 'lamp'],
        'switch' => ['switch', 'sw'],
        'junction' => ['jb', 'junction'],
    ];

    public const EXPOSURE = ['dry' => ['dry'], 'damp' => ['damp'], 'wet' => ['wet']];

    public const COVER = ['none' => ['nocover'], 'flip' => ['flip'], 'in_use' => ['inuse', 'in-use', 'in use', 'bubble']];

    public const GROUND = [
        'wire' => ['grounded', 'groundwire'],
        'raceway' => ['raceway'],
        'none' => ['noground', 'ungrounded'],
        'broken' => ['groundbroken', 'brokenground'],
        'unknown' => ['groundunknown'],
    ];

    /** What is measured in an open box, by its field. */
    public const BOX_LENGTH = ['free' => 'free_in', 'face' => 'past_face_in'];

    public const YOKE = ['duplex' => ['duplex', 'double'], 'single' => ['single']];

    public const FIXTURE = [
        'sink' => ['sink', 'basin', 'si', 'vanity', 'lav', 'lavatory'],
        'bathtub' => ['tub', 'bathtub', 'bath', 'tu'],
        'shower' => ['shower', 'sh'],
        'hydromassage' => ['hydro', 'whirlpool'],
        'pool' => ['pool'],
        'spa' => ['spa', 'hottub', 'hot tub'],
    ];

    public const CROSSES = ['none' => ['clear'], 'door' => ['door', 'doorway', 'window'], 'barrier' => ['wall', 'barrier', 'floor']];

    public const AREA_KIND = [
        'kitchen' => ['kit', 'kitchen'],
        'food_prep' => ['foodprep', 'bar', 'wet bar', 'pantry'],
        'bathroom' => ['ba', 'bath', 'bathroom', 'bath room', 'washroom', 'powder room', 'half bath', 'ensuite'],
        'laundry' => ['lau', 'laundry', 'laundry room'],
        'garage' => ['gar', 'garage'],
        'accessory_building' => ['acc', 'shed', 'outbuilding'],
        'outdoors' => ['out', 'outdoors', 'outside', 'porch', 'carport', 'deck', 'patio', 'balcony', 'yard'],
        'crawl_space' => ['crawl', 'crawlspace', 'crawl space'],
        'basement' => ['base', 'basement', 'cellar'],
        'boathouse' => ['boat', 'boathouse'],
        'bedroom' => ['bed', 'bedroom', 'bed room'],
        'living' => ['liv', 'living', 'living room'],
        'family' => ['fam', 'family', 'family room'],
        'dining' => ['din', 'dining', 'dining room'],
        'parlor' => ['parlor'],
        'library' => ['lib', 'library'],
        'den' => ['den', 'study', 'office'],
        'sunroom' => ['sun', 'sunroom', 'sun room'],
        'recreation' => ['recroom', 'rec room', 'recreation', 'recreation room'],
        'closet' => ['clo', 'closet'],
        'hallway' => ['hal', 'hall', 'hallway', 'landing'],
        'foyer' => ['foy', 'foyer', 'entry'],
        'similar' => ['room', 'similar', 'mudroom', 'mud room'],
        'attic' => ['att', 'attic'],
        'utility' => ['util', 'utility', 'utility room'],
    ];

    /** Words for a kind of room that say more than the kind: a room goes by them until it is given another name. */
    public const ROOM_NAMES = [
        'bar', 'wet bar', 'pantry', 'washroom', 'powder room', 'half bath', 'ensuite', 'shed', 'outbuilding', 'porch', 'carport', 'deck',
        'patio', 'balcony', 'yard', 'cellar', 'study', 'office', 'hall', 'landing', 'entry', 'mudroom', 'mud room',
    ];

    /** Words for where in its room an outlet is, which become part of its name. */
    public const PLACE = [
        'left', 'right', 'middle', 'centre', 'center', 'corner', 'top', 'bottom', 'front', 'back', 'rear', 'island', 'peninsula', 'north',
        'south', 'east', 'west',
    ];

    /** Words for where it is that want a thing after them: `behind the fridge`, `under sink`. */
    public const BESIDE = ['under', 'behind', 'above', 'over', 'beside', 'below', 'inside', 'near'];

    /** Words before water that is not the first of its kind in a room. */
    public const ANOTHER = ['another', 'second', 'third', 'other', 'extra'];

    public const GRADE = ['above' => ['above', 'upstairs'], 'at' => ['atgrade'], 'below' => ['below']];

    public const BREAKER = [
        'standard' => ['std', 'standard', 'plain'],
        'gfci' => ['gfci', 'gfi'],
        'afci' => ['afci'],
        'dual' => ['dual'],
        'fuse' => ['fuse'],
    ];

    /** Words that people say and that say nothing. */
    public const FILLERS = [
        'from', 'the', 'a', 'an', 'on', 'at', 'to', 'of', 'is', 'and', 'with', 'for', 'through', 'past', 'amp', 'amps', 'a.',
        'circuit', 'breaker',
    ];

    public const NUMBERS = [
        'zero' => 0, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8,
        'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12,
        'fifteen' => 15, 'twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50,
    ];

    /**
     * @return list<array{class-string<Choice>, array<string, list<string>>, string}> the lists an outlet line draws on, with the field each
     *     sets
     */
    public static function ofOutlet(): array
    {
        return [
            [Serves::class, self::SERVES, 'serves'],
            [Device::class, self::DEVICE, 'device'],
            [PointKind::class, self::POINT_KIND, 'kind'],
            [Exposure::class, self::EXPOSURE, 'exposure'],
            [Cover::class, self::COVER, 'cover'],
            [GroundPath::class, self::GROUND, 'ground'],
            [Yoke::class, self::YOKE, 'yoke'],
        ];
    }

    /**
     * @template T of Choice
     *
     * @param class-string<T> $enum
     * @param array<string, list<string>> $words
     *
     * @return T|null
     */
    public static function find(string $enum, array $words, string $plain): ?Choice
    {
        foreach ($words as $value => $known) {
            if (in_array($plain, $known, true)) {
                return $enum::from($value);
            }
        }

        return null;
    }

    public static function areaKind(string $plain): ?AreaKind
    {
        return self::find(AreaKind::class, self::AREA_KIND, $plain);
    }

    public static function fixture(string $plain): ?FixtureKind
    {
        return self::find(FixtureKind::class, self::FIXTURE, $plain);
    }

    public static function crosses(string $plain): ?Crosses
    {
        return self::find(Crosses::class, self::CROSSES, $plain);
    }

    public static function grade(string $plain): ?Grade
    {
        return self::find(Grade::class, self::GRADE, $plain);
    }

    public static function breaker(string $plain): ?BreakerType
    {
        return self::find(BreakerType::class, self::BREAKER, $plain);
    }

    /** @return list<string> every word an outlet line knows */
    public static function outletWords(): array
    {
        $words = [];
        foreach (self::ofOutlet() as [, $list]) {
            $words = [...$words, ...array_merge(...array_values($list))];
        }

        return [
            ...$words, ...self::PLACE, ...self::BESIDE, ...array_keys(self::BOX_LENGTH), 'box', 'tr', 'wr', 'high', 'same', 'hidden',
            'reach', 'switched',
        ];
    }

    /** @return list<string> every word a room line knows */
    public static function roomWords(): array
    {
        $words = [];
        foreach ([self::AREA_KIND, self::FIXTURE, self::GRADE] as $list) {
            $words = [...$words, ...array_merge(...array_values($list))];
        }

        return [...$words, 'unfinished', 'finished', 'combo', ...self::ANOTHER];
    }

    /** @return list<string> what is one word of the shorthand, and several as it is said: `sump pump` */
    public static function phrases(): array
    {
        return array_values(array_filter(
            array_unique([...self::outletWords(), ...self::roomWords()]),
            fn(string $word): bool => str_contains($word, ' '),
        ));
    }

    /**
     * The known word nearest to one that is not known, null when none is near.
     *
     * @param list<string> $words
     */
    public static function nearest(string $plain, array $words): ?string
    {
        $best = null;
        $least = 3;
        foreach ($words as $word) {
            $distance = strlen($plain) > 40 ? 9 : levenshtein($plain, $word);
            if ($distance < $least && $distance < strlen($word)) {
                [$best, $least] = [$word, $distance];
            }
        }

        return $best;
    }
}
