<?php

declare(strict_types=1);

namespace App\Sheets;

use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\House\Choice;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;

/** The values a field can take, with the trade's words for them. */
final class Choices
{
    /** @return array<string, list<array{value: int|string, label: string}>> */
    public static function forHouses(): array
    {
        return ['edition' => self::of(CodeBook::shipped()->editions()), 'work' => self::of(Work::cases())];
    }

    /** @return array<string, list<array{value: int|string, label: string}>> */
    public static function forOutlets(): array
    {
        return [
            ...self::forHouses(),
            'device' => self::of(Device::cases()),
            'serves' => self::of(Serves::cases()),
            'crosses' => self::of(Crosses::cases()),
        ];
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
