<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\House\AmendmentKind;
use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Choice;
use Bouclier\Core\House\Cover;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\DeviceLight;
use Bouclier\Core\House\DeviceSound;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\LengthUnit;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\ResetBy;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;
use Bouclier\Core\Survey\Assumptions;
use Bouclier\Core\Survey\Rating;
use Bouclier\Core\Survey\Shorthand;
use Bouclier\Core\Survey\UsualRoom;

/** The values a field can take, with the trade's words for them. */
final class Choices
{
    /** @return array<string, list<array{value: int|string, label: string}>> */
    public static function forHouses(): array
    {
        return ['edition' => self::of(CodeBook::shipped()->editions()), 'work' => self::of(Work::cases())];
    }

    /** @return array<string, list<array{value: int|string, label: string, ...}>> */
    public static function forOutlets(): array
    {
        return [
            ...self::forHouses(),
            'device' => self::of(Device::cases()),
            'serves' => array_map(
                fn(Serves $serves): array => [
                    'value' => $serves->value,
                    'label' => $serves->label(),
                    'kind' => (Assumptions::kind($serves) ?? PointKind::Receptacle)->value,
                    'amps' => Rating::usual($serves),
                ],
                Serves::cases(),
            ),
            'crosses' => self::of(Crosses::cases()),
            'exposure' => self::of(Exposure::cases()),
            'ground' => self::of(GroundPath::cases()),
            'cover' => self::of(Cover::cases()),
            'light' => self::of(DeviceLight::cases()),
            'sound' => self::of(DeviceSound::cases()),
            'resetBy' => self::of(ResetBy::cases()),
            'fixture' => self::of(FixtureKind::cases()),
            'rooms' => self::rooms(),
            'applianceClass' => self::of(ApplianceClass::cases()),
        ];
    }

    /** @return list<array{value: int|string, label: string}> */
    public static function lengthUnits(): array
    {
        return self::of(LengthUnit::cases());
    }

    /** @return array<string, list<array{value: int|string, label: string}>> */
    public static function forJurisdictions(): array
    {
        return [
            'edition' => self::of(CodeBook::shipped()->editions()),
            'do' => self::of(AmendmentKind::cases()),
            'what' => self::of(Protection::cases()),
            'kinds' => self::of(AreaKind::cases()),
            'serves' => self::of(Serves::cases()),
            'points' => self::of(PointKind::cases()),
        ];
    }

    /**
     * Rooms to be added by taps: each kind with the water and the outlets it usually has.
     *
     * @return list<array{value: string, label: string, water: list<array{value: int|string, label: string}>, usual: string}>
     */
    public static function rooms(): array
    {
        return array_map(fn(AreaKind $kind): array => [
            'value' => $kind->value,
            'label' => $kind->label(),
            'water' => self::of(UsualRoom::of($kind)->water),
            'usual' => UsualRoom::of($kind)->words(),
        ], UsualRoom::WALK);
    }

    /**
     * The shorthand of quick entry, for its help: each list with its words.
     *
     * @return list<array{title: string, words: list<array{label: string, words: list<string>}>}>
     */
    public static function shorthand(): array
    {
        $titles = [
            'serves' => 'Serves', 'device' => 'Device', 'kind' => 'Kind', 'exposure' => 'Location', 'cover' => 'Cover',
            'ground' => 'Ground', 'yoke' => 'Yoke',
        ];
        $shown = [];
        foreach (Shorthand::ofOutlet() as [$enum, $words, $field]) {
            $shown[] = ['title' => $titles[$field], 'words' => self::glossary($enum, $words)];
        }
        $shown[] = ['title' => 'Rooms', 'words' => self::glossary(AreaKind::class, Shorthand::AREA_KIND)];
        $shown[] = ['title' => 'Water', 'words' => self::glossary(FixtureKind::class, Shorthand::FIXTURE)];

        return $shown;
    }

    /**
     * @param class-string<Choice> $enum
     * @param array<string, list<string>> $words
     *
     * @return list<array{label: string, words: list<string>}>
     */
    private static function glossary(string $enum, array $words): array
    {
        $lines = [];
        foreach ($words as $value => $known) {
            $lines[] = ['label' => $enum::from($value)->label(), 'words' => $known];
        }

        return $lines;
    }

    public static function edition(string $value): string
    {
        return Edition::from($value)->label();
    }

    /**
     * @param list<Choice> $choices
     *
     * @return list<array{value: int|string, label: string}>
     */
    private static function of(array $choices): array
    {
        return array_map(fn(Choice $choice): array => ['value' => $choice->value, 'label' => $choice->label()], $choices);
    }
}
