<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\House as H;
use Bouclier\Core\House\Entries\EntryList;

/** A change in one line, as it stands in the history: `K1-03: device Standard to GFCI`. */
final class Summary
{
    private const WORDS = [
        'device' => H\Device::class,
        'serves' => H\Serves::class,
        'exposure' => H\Exposure::class,
        'cover' => H\Cover::class,
        'ground' => H\GroundPath::class,
        'work' => H\Work::class,
        'edition' => H\Edition::class,
        'breaker' => H\BreakerType::class,
    ];

    /** @param list<PartChange> $changes */
    public static function of(array $changes): string
    {
        // A note that comes along with what was changed is not spoken of beside it.
        $parts = array_values(array_filter($changes, fn(PartChange $one): bool => EntryList::tryFrom($one->in) === null));
        $changes = $parts === [] ? $changes : $parts;

        return implode(
            '; ',
            array_map(self::line(...), array_slice($changes, 0, 4)),
        ) . (count($changes) > 4 ? ' and ' . (count($changes) - 4) . ' more' : '');
    }

    private static function line(PartChange $change): string
    {
        if ($change->in === PartChange::ORDER) {
            return ($change->id === 'areas' ? 'Rooms' : ucfirst($change->id)) . ' in another order';
        }
        $part = $change->after ?? $change->before ?? new \stdClass();
        $name = $change->in === PartChange::HOUSE
            ? 'House'
            : EntryList::tryFrom($change->in)?->label() ?? self::text($part->code ?? $part->label ?? $part->name ?? $change->id);
        if ($change->before === null) {
            return "$name added";
        }
        if ($change->after === null) {
            return "$name removed";
        }
        $before = self::flat($change->before);
        $after = self::flat($change->after);
        $said = [];
        foreach (array_keys($before + $after) as $key) {
            if (json_encode($before[$key] ?? null) !== json_encode($after[$key] ?? null)) {
                $said[] = self::field($key, $before[$key] ?? null, $after[$key] ?? null);
            }
        }

        return "$name: " . implode(', ', $said);
    }

    private static function field(string $key, mixed $before, mixed $after): string
    {
        $word = str_replace('_', ' ', $key);
        if (is_array($before) || is_object($before) || is_array($after) || is_object($after)) {
            return "$word changed";
        }

        return "$word " . self::value($key, $before) . ' to ' . self::value($key, $after);
    }

    private static function value(string $key, mixed $value): string
    {
        $enum = self::WORDS[$key] ?? null;
        if ($enum !== null && is_string($value)) {
            return $enum::tryFrom($value)?->label() ?? $value;
        }

        return match (true) {
            $value === null => 'not said',
            is_bool($value) => $value ? 'yes' : 'no',
            default => self::text($value),
        };
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }

    /**
     * The edition is what changes most about a house: it is named on its own.
     *
     * @return array<string, mixed>
     */
    private static function flat(\stdClass $part): array
    {
        /** @var array<string, mixed> $fields */
        $fields = get_object_vars($part);
        if (($fields['code'] ?? null) instanceof \stdClass) {
            $fields['edition'] = $fields['code']->edition ?? null;
            $fields['amendments'] = $fields['code']->amendments ?? null;
            unset($fields['code']);
        }

        return $fields;
    }
}
