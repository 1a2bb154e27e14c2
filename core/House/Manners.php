<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** How a protective device shows itself and is handled, by its maker: seen once, and the same on every one of its kind. */
final readonly class Manners
{
    /** Fields of a point. */
    public const FIELDS = ['light', 'sound', 'reset_by', 'feed_through_amps', 'self_test'];

    /**
     * What is known of another device of the same kind in the house, where it says more than what is known of this one.
     *
     * @return array{Point, array<string, mixed>}|null the other, and its fields that this one does not have
     */
    public static function likeAnother(House $house, Point $point): ?array
    {
        $best = null;
        foreach ($house->points as $other) {
            if ($other->id === $point->id || $other->device !== $point->device || $other->amps() !== $point->amps()) {
                continue;
            }
            $known = array_filter(
                self::of($other),
                fn(mixed $said, string $field): bool => $said !== null && self::of($point)[$field] === null,
                ARRAY_FILTER_USE_BOTH,
            );
            if (count($known) > count($best[1] ?? [])) {
                $best = [$other, $known];
            }
        }

        return $best;
    }

    /** How somebody who lives there resets it, and what shows that it is in; in the middle of a sentence. */
    public static function reset(Point $point): string
    {
        return match ($point->resetBy) {
            ResetBy::TestThenReset => 'press TEST, then RESET firmly, once',
            ResetBy::OffThenOn => 'turn it fully off, then on, once',
            default => 'press RESET firmly, once',
        } . match ($point->light) {
            DeviceLight::Power, DeviceLight::Both => ': its light comes on',
            DeviceLight::Tripped => ': its light goes out',
            default => '',
        };
    }

    /** @return array<string, string|float|bool|null> by field */
    private static function of(Point $point): array
    {
        return array_combine(self::FIELDS, [
            $point->light?->value, $point->sound?->value, $point->resetBy?->value, $point->feedThroughAmps, $point->selfTest,
        ]);
    }
}
