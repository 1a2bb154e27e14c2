<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** How a protective device shows itself and is handled, by its maker: seen once, and the same on every one of its kind. */
final readonly class Manners
{
    /** Fields of a point. */
    public const FIELDS = ['light', 'sound', 'reset_by', 'feed_through_amps', 'self_test'];

    /** Devices of one kind are handled alike, as far as one maker made them. */
    public static function kind(Device $device, ?float $amps): string
    {
        return sprintf('%s %d A', $device->value, (int) ($amps ?? Point::USUAL_AMPS));
    }

    /** @return string|null its kind, where nothing is noted of how it is handled; null where something is, or it is no protective device */
    public static function asked(Point $point): ?string
    {
        return $point->device->feedsThrough() && ! self::tells(self::of($point)) ? self::kind($point->device, $point->amps()) : null;
    }

    /**
     * Whether it says how a device is handled: that it tests itself alone tells nobody.
     *
     * @param array<string, mixed> $said by field
     */
    public static function tells(array $said): bool
    {
        return array_filter(array_diff_key($said, ['self_test' => true]), fn(mixed $one): bool => $one !== null) !== [];
    }

    /**
     * What is known of another device of the same kind in the house, where it says more than what is known of this one.
     *
     * @return array{Point, array<string, mixed>}|null the other, and its fields that this one does not have
     */
    public static function likeAnother(House $house, Point $point): ?array
    {
        $best = null;
        $open = array_filter(self::of($point), is_null(...));
        foreach ($house->points as $other) {
            if ($other->id === $point->id || $other->device !== $point->device || $other->amps() !== $point->amps()) {
                continue;
            }
            $known = array_filter(array_intersect_key(self::of($other), $open), fn(mixed $said): bool => $said !== null);
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
