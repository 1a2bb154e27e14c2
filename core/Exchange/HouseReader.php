<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House as H;
use Bouclier\Core\House\Entries\Entries;
use Bouclier\Core\House\Entries\EntryList;
use Opis\JsonSchema\Validator;

/**
 * A house file in, a {@see H\House} out, or every fault that was found in it.
 *
 * @throws BadHouseFile from every public method
 */
final class HouseReader
{
    /** A house of 500 outlets is under 1 MB; more than this is not a house. */
    public const MAX_BYTES = 8_000_000;

    public const MAX_DEPTH = 24;

    private const MAX_FAULTS = 200;

    /** Made once: reading the schema takes longer than checking a part by it. */
    private static ?Validator $validator = null;

    public function fromJson(string $json): H\House
    {
        if (strlen($json) > self::MAX_BYTES) {
            throw BadHouseFile::because(
                sprintf('the file is %.1f MB; a house file holds at most %d MB', strlen($json) / 1e6, self::MAX_BYTES / 1_000_000),
            );
        }
        try {
            $data = json_decode($json, false, self::MAX_DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw BadHouseFile::because(
                $e->getCode() === JSON_ERROR_DEPTH
                    ? 'nested deeper than ' . self::MAX_DEPTH . ' levels'
                    : 'not valid JSON: ' . $e->getMessage(),
            );
        }

        return $this->fromData($data);
    }

    /** @param mixed $data what json_decode gives, objects as \stdClass */
    public function fromData(mixed $data): H\House
    {
        $lists = array_filter($data instanceof \stdClass ? get_object_vars($data) : [], is_array(...));
        $faults = self::tooMany(array_map(count(...), $lists));
        $faults = $faults === [] ? [...self::infinite($data, ''), ...$this->schemaFaults($data)] : $faults;
        if ($faults !== [] || ! $data instanceof \stdClass) {
            throw new BadHouseFile($faults === [] ? [new H\FileFault('', 'not an object')] : $faults);
        }

        return $this->build($data);
    }

    /**
     * As {@see fromData}, of a house of which only some parts are other than they were when they passed the schema: a house of many is
     * changed as fast as one of few.
     *
     * @param \stdClass $some the same with only those parts in its lists
     * @param array<list<int>> $places where each of them stands in the whole, by the way to its list
     */
    public function fromChanged(\stdClass $data, \stdClass $some, array $places): H\House
    {
        $lists = array_filter(get_object_vars($data), is_array(...));
        $this->check($some, $places, array_map(count(...), $lists));

        return $this->build($data);
    }

    /**
     * @param \stdClass $some a house with only those parts in its lists that are to be checked
     * @param array<list<int>> $places where each of them stands in the whole, by the way to its list
     * @param array<int> $counts how long the lists of the whole are
     *
     * @throws BadHouseFile
     */
    public function check(\stdClass $some, array $places, array $counts): void
    {
        $faults = self::tooMany($counts);
        if ($faults === []) {
            $faults = array_map(
                fn(H\FileFault $fault): H\FileFault => new H\FileFault(self::placed($fault->pointer, $places), $fault->message),
                [...self::infinite($some, ''), ...$this->schemaFaults($some)],
            );
        }
        if ($faults !== []) {
            throw new BadHouseFile($faults);
        }
    }

    /** @param array<list<int>> $places */
    private static function placed(string $pointer, array $places): string
    {
        foreach ($places as $list => $at) {
            if (preg_match('~^/' . preg_quote((string) $list, '~') . '/(\d+)(.*)$~s', $pointer, $found) === 1) {
                return "/$list/" . ($at[(int) $found[1]] ?? $found[1]) . $found[2];
            }
        }

        return $pointer;
    }

    /** As {@see fromData}, for data that has passed the schema before: only references are checked again. */
    public function build(\stdClass $data): H\House
    {
        return self::held($this->house($data));
    }

    /** @throws BadHouseFile when it does not hold together */
    public static function held(H\House $house): H\House
    {
        $faults = H\HouseChecks::faultsIn($house);
        if ($faults !== []) {
            throw new BadHouseFile($faults);
        }

        return $house;
    }

    /**
     * @param array<int> $counts by list
     *
     * @return list<H\FileFault> lists that are too long, before anything in them is looked at
     */
    private static function tooMany(array $counts): array
    {
        $faults = [];
        foreach (HouseSchema::LONGEST as $key => $most) {
            if (($counts[$key] ?? 0) > $most) {
                $faults[] = new H\FileFault("/$key", "has more than $most entries");
            }
        }

        return $faults;
    }

    /** @return list<H\FileFault> numbers that no machine can hold: JSON can write them, and nothing could be written of them again */
    private static function infinite(mixed $data, string $pointer): array
    {
        if (is_float($data) && ! is_finite($data)) {
            return [new H\FileFault($pointer, 'is too large to be a number')];
        }
        $faults = [];
        foreach (is_array($data) ? $data : ($data instanceof \stdClass ? get_object_vars($data) : []) as $key => $value) {
            if (is_float($value) || is_array($value) || $value instanceof \stdClass) {
                array_push($faults, ...self::infinite($value, "$pointer/$key"));
            }
        }

        return $faults;
    }

    /** @return list<H\FileFault> */
    public function schemaFaults(mixed $data): array
    {
        if (self::$validator === null) {
            self::$validator = new Validator(max_errors: self::MAX_FAULTS, stop_at_first_error: false);
            self::$validator->resolver()?->registerRaw((object) json_decode(HouseSchema::json()), HouseSchema::ID);
        }
        $error = self::$validator->validate($data, HouseSchema::ID)->error();

        return $error === null ? [] : SchemaFaults::of($error);
    }

    private function house(\stdClass $data): H\House
    {
        return new H\House(
            is_string($data->name ?? null) ? $data->name : '',
            H\Work::from(is_string($data->work ?? null) ? $data->work : ''),
            PartForm::read(H\CodeOfPlace::class, $data->code ?? null),
            PartForm::readEach(H\Area::class, $data->areas ?? []),
            PartForm::readEach(H\Panel::class, $data->panels ?? []),
            PartForm::readEach(H\Circuit::class, $data->circuits ?? []),
            PartForm::readEach(H\Point::class, $data->points ?? []),
            PartForm::readEach(H\Cable::class, $data->cables ?? []),
            PartForm::readEach(H\Appliance::class, $data->appliances ?? []),
            is_string($data->permit_date ?? null) ? $data->permit_date : null,
            is_numeric($data->supply_volts ?? null) ? (float) $data->supply_volts : null,
            array_filter(
                array_intersect_key(get_object_vars($data), array_flip(HouseSchema::SECTIONS)),
                fn(mixed $section): bool => $section !== null,
            ),
            ($data->x ?? null) instanceof \stdClass ? $data->x : null,
            self::entries($data),
            new H\Call(
                isset($data->symptom) ? PartForm::read(H\Complaint::class, $data->symptom) : null,
                is_array($data->cannot ?? null) ? array_values(array_filter($data->cannot, is_string(...))) : null,
            ),
            self::loose($data->faults ?? null),
            self::loose($data->actions ?? null),
        );
    }

    private static function entries(\stdClass $data): Entries
    {
        $lists = [];
        foreach (EntryLists::in($data) as $list) {
            $lists[$list] = PartForm::readEach(EntryList::from($list)->of(), EntryLists::of($data, $list));
        }
        $x = ($data->records ?? null) instanceof \stdClass ? $data->records->x ?? null : null;

        return new Entries($lists, is_object($x) ? $x : null);
    }

    /** @return list<H\Loose>|null null where nothing is said */
    private static function loose(mixed $list): ?array
    {
        return is_array($list)
            ? array_values(array_map(
                fn(\stdClass $one): H\Loose => new H\Loose(get_object_vars($one)),
                array_filter($list, fn(mixed $one): bool => $one instanceof \stdClass),
            ))
            : null;
    }
}
