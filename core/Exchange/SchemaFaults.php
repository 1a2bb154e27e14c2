<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\FileFault;
use Opis\JsonSchema\Errors\ValidationError;

/** What the schema validator found, as one plain sentence a fault, each with the pointer of the value it is about. */
final class SchemaFaults
{
    /** @return list<FileFault> */
    public static function of(ValidationError $error): array
    {
        $faults = [];
        self::collect($error, $faults);
        ksort($faults, SORT_NATURAL);

        return array_values($faults);
    }

    /** @param array<string, FileFault> $faults by text, so that one thing is said once */
    private static function collect(ValidationError $error, array &$faults): void
    {
        // A choice between shapes: the branches' own complaints say less than which shapes there are.
        /** @var list<ValidationError> $inside */
        $inside = in_array($error->keyword(), ['anyOf', 'oneOf'], true) ? [] : $error->subErrors();
        foreach ($inside as $sub) {
            self::collect($sub, $faults);
        }
        if ($inside !== []) {
            return;
        }
        $args = $error->args();
        $pointer = self::pointer($error->data()->fullPath());
        $keys = match ($error->keyword()) {
            'required' => self::strings($args['missing'] ?? []),
            'additionalProperties' => self::unknownKeys($error, self::strings($args['properties'] ?? [])),
            default => [],
        };
        if ($keys === [] && $error->keyword() === 'additionalProperties') {
            return;
        }
        foreach ($keys as $key) {
            $fault = $error->keyword() === 'required'
                ? new FileFault($pointer, "\"$key\" is missing")
                : new FileFault(
                    self::pointer([...$error->data()->fullPath(), $key]),
                    'is not a key of this format (put keys of your own under "x")',
                );
            $faults[(string) $fault] = $fault;
        }
        if ($keys === []) {
            $fault = new FileFault($pointer, self::sentence($error, $args));
            $faults[(string) $fault] = $fault;
        }
    }

    /** @param array<array-key, mixed> $args */
    private static function sentence(ValidationError $error, array $args): string
    {
        $value = $error->data()->value();
        $shown = is_scalar($value)
            ? json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE)
            : get_debug_type($value);
        $shown = mb_strimwidth((string) $shown, 0, 60, '…');
        $rule = $error->schema()->info()->data();
        $allowed = is_object($rule) ? ($rule->enum ?? null) : null;

        $bound = fn(string $which): string => is_scalar($args[$which] ?? null) ? (string) $args[$which] : '';

        return match ($error->keyword()) {
            'type' => 'must be ' . implode(' or ', self::strings((array) ($args['expected'] ?? []))) . ", not $shown",
            'enum' => 'must be one of ' . implode(
                ', ',
                array_map(fn(mixed $v): string => is_scalar($v) ? (string) $v : '', is_array($allowed) ? $allowed : []),
            ) . ", not $shown",
            'const' => 'must be ' . json_encode(is_object($rule) ? ($rule->const ?? null) : null) . ", not $shown",
            'minimum' => "must not be under {$bound('min')}, and is $shown",
            'maximum' => "must not be over {$bound('max')}, and is $shown",
            'exclusiveMinimum' => "must be over {$bound('min')}, and is $shown",
            'minLength' => 'must not be empty',
            'maxLength' => "must not be longer than {$bound('max')} characters",
            'maxItems' => "has more than {$bound('max')} entries",
            'pattern' => "is not written as expected: $shown",
            'anyOf',
            'oneOf' => 'must be '
                . (is_object($rule) && is_string($rule->description ?? null) ? $rule->description : 'one of the shapes that are '
                . 'allowed here'),
            default => 'is not allowed here (' . $error->keyword() . ')',
        };
    }

    /**
     * The validator also counts a known key with a bad value as additional: those are reported once, by their value.
     *
     * @param list<string> $keys
     *
     * @return list<string>
     */
    private static function unknownKeys(ValidationError $error, array $keys): array
    {
        $rule = $error->schema()->info()->data();
        $known = is_object($rule) && is_object($rule->properties ?? null) ? get_object_vars($rule->properties) : [];

        return array_values(array_filter($keys, fn(string $key): bool => ! array_key_exists($key, $known)));
    }

    /** @return list<string> */
    private static function strings(mixed $values): array
    {
        return array_values(array_filter(is_array($values) ? $values : [$values], is_string(...)));
    }

    /** @param array<int|string> $path */
    private static function pointer(array $path): string
    {
        return implode('', array_map(fn(int|string $step): string => '/' . strtr((string) $step, ['~' => '~0', '/' => '~1']), $path));
    }
}
