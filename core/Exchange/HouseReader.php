<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House as H;
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

    private ?Validator $validator = null;

    public function fromJson(string $json): H\House
    {
        if (strlen($json) > self::MAX_BYTES) {
            throw BadHouseFile::because(sprintf('the file is %.1f MB; a house file holds at most %d MB', strlen($json) / 1e6, self::MAX_BYTES / 1_000_000));
        }
        try {
            $data = json_decode($json, false, self::MAX_DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw BadHouseFile::because($e->getCode() === JSON_ERROR_DEPTH ? 'nested deeper than ' . self::MAX_DEPTH . ' levels' : 'not valid JSON: ' . $e->getMessage());
        }

        return $this->fromData($data);
    }

    /** @param mixed $data what json_decode gives, objects as \stdClass */
    public function fromData(mixed $data): H\House
    {
        $faults = self::tooMany($data);
        $faults = $faults === [] ? [...self::infinite($data, ''), ...$this->schemaFaults($data)] : $faults;
        if ($faults !== [] || ! $data instanceof \stdClass) {
            throw new BadHouseFile($faults === [] ? [new H\FileFault('', 'not an object')] : $faults);
        }

        return $this->build($data);
    }

    /** As {@see fromData}, for data that has passed the schema before: only references are checked again. */
    public function build(\stdClass $data): H\House
    {
        $house = $this->house(new Fields($data));
        $faults = H\HouseChecks::faultsIn($house);
        if ($faults !== []) {
            throw new BadHouseFile($faults);
        }

        return $house;
    }

    /** @return list<H\FileFault> lists that are too long, before anything in them is looked at */
    private static function tooMany(mixed $data): array
    {
        $faults = [];
        $said = $data instanceof \stdClass ? get_object_vars($data) : [];
        foreach (HouseSchema::LONGEST as $key => $most) {
            $list = $said[$key] ?? null;
            if (is_array($list) && count($list) > $most) {
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
        if ($this->validator === null) {
            $this->validator = new Validator(max_errors: self::MAX_FAULTS, stop_at_first_error: false);
            $this->validator->resolver()?->registerRaw((object) json_decode(HouseSchema::json()), HouseSchema::ID);
        }
        $error = $this->validator->validate($data, HouseSchema::ID)->error();

        return $error === null ? [] : SchemaFaults::of($error);
    }

    private function house(Fields $f): H\House
    {
        $sections = [];
        foreach (HouseSchema::SECTIONS as $key) {
            if ($f->has($key)) {
                $sections[$key] = $f->raw($key);
            }
        }

        return new H\House(
            $f->string('name'),
            $f->choice('work', H\Work::class),
            $this->code($f->fields('code')),
            $f->each('areas', $this->area(...)),
            $f->each('panels', $this->panel(...)),
            $f->each('circuits', $this->circuit(...)),
            $f->each('points', $this->point(...)),
            $f->each('cables', $this->cable(...)),
            $f->each('appliances', $this->appliance(...)),
            $f->maybeString('permit_date'),
            $f->maybeFloat('supply_volts'),
            $sections,
            $f->maybeObject('x'),
        );
    }

    private function code(Fields $f): H\CodeOfPlace
    {
        return new H\CodeOfPlace($f->choice('edition', H\Edition::class), $f->maybeEach('amendments', $this->amendment(...)), $f->maybeObject('x'));
    }

    private function amendment(Fields $f): H\Amendment
    {
        return new H\Amendment(
            $f->choice('do', H\AmendmentKind::class),
            $f->choice('what', H\Protection::class),
            $f->maybeString('clause'),
            $f->maybeChoices('kinds', H\AreaKind::class),
            $f->maybeChoices('serves', H\Serves::class),
            $f->maybeFloat('ft'),
            $f->maybeString('author'),
            $f->maybeString('date'),
            $f->maybeString('source'),
            $f->maybeObject('x'),
        );
    }

    private function area(Fields $f): H\Area
    {
        return new H\Area(
            $f->string('id'),
            $f->string('code'),
            $f->string('name'),
            $f->choice('kind', H\AreaKind::class),
            $f->maybeChoice('grade', H\Grade::class),
            $f->maybeBool('finished'),
            $f->maybeEach('fixtures', fn(Fields $g): H\Fixture => new H\Fixture($g->string('id'), $g->choice('kind', H\FixtureKind::class), $g->maybeObject('x'))),
            $f->maybeObject('x'),
        );
    }

    private function panel(Fields $f): H\Panel
    {
        return new H\Panel(
            $f->string('id'),
            $f->string('name'),
            $f->maybeString('area'),
            $f->maybeString('fed_from'),
            $f->maybe('feeder', fn(Fields $g): H\Feeder => new H\Feeder($g->maybeInt('awg'), $g->maybeFloat('length_ft'), $g->maybeObject('x'))),
            $f->maybeObject('x'),
        );
    }

    private function circuit(Fields $f): H\Circuit
    {
        return new H\Circuit(
            $f->string('id'),
            $f->string('panel'),
            $f->string('slot'),
            $f->string('label'),
            $f->float('amps'),
            $f->maybeFloat('volts'),
            $f->maybeInt('poles'),
            $f->maybeChoice('breaker', H\BreakerType::class),
            $f->maybeChoice('leg', H\Leg::class),
            $f->maybeString('multiwire_with'),
            $f->maybeBool('handle_tie'),
            $f->maybeChoice('breaker_listing', H\BreakerListing::class),
            $f->maybeBool('gf_element'),
            $f->maybeString('installed_on'),
            $f->maybeBool('self_test'),
            $f->maybeObject('x'),
        );
    }

    private function point(Fields $f): H\Point
    {
        return new H\Point(
            id: $f->string('id'),
            code: $f->string('code'),
            area: $f->string('area'),
            name: $f->string('name'),
            kind: $f->choice('kind', H\PointKind::class),
            device: $f->choice('device', H\Device::class),
            amps: $f->maybeFloat('amps'),
            volts: $f->maybeFloat('volts'),
            serves: $f->maybeChoice('serves', H\Serves::class),
            exposure: $f->maybeChoice('exposure', H\Exposure::class),
            accessible: $f->maybeBool('accessible'),
            heightFt: $f->maybeFloat('height_ft'),
            distances: $f->maybeEach('distances', $this->distance(...)),
            box: $f->maybe('box', $this->box(...)),
            cover: $f->maybeChoice('cover', H\Cover::class),
            circuit: $f->maybeString('circuit'),
            yoke: $f->maybeChoice('yoke', H\Yoke::class),
            halves: $f->maybe('halves', fn(Fields $g): H\Halves => new H\Halves($g->maybeChoice('tab', H\Tab::class), $g->maybeChoice('switched', H\Half::class), $g->maybeObject('x'))),
            yokeWith: $f->maybeString('yoke_with'),
            feedThroughAmps: $f->maybeFloat('feed_through_amps'),
            ground: $f->maybeChoice('ground', H\GroundPath::class),
            work: $f->maybeChoice('work', H\Work::class),
            installedOn: $f->maybeString('installed_on'),
            madeBetween: $f->has('made_between') ? array_map(self::yearOrDate(...), $f->list('made_between')) : null,
            selfTest: $f->maybeBool('self_test'),
            alone: $f->maybeBool('alone'),
            tubZone: $f->maybe('tub_zone', fn(Fields $g): H\TubZone => new H\TubZone($g->maybeFloat('horizontal_ft'), $g->maybeFloat('above_rim_ft'), $g->maybeBool('opposite_wall'), $g->maybeObject('x'))),
            labels: $f->maybeChoices('labels', H\PointLabel::class),
            tr: $f->maybeBool('tr'),
            wr: $f->maybeBool('wr'),
            finish: $f->maybeString('finish'),
            workmanship: $f->maybeChoice('workmanship', H\Workmanship::class),
            partOfAppliance: $f->maybeBool('part_of_appliance'),
            factoryFitted: $f->maybeBool('factory_fitted'),
            gfElement: $f->maybeBool('gf_element'),
            x: $f->maybeObject('x'),
        );
    }

    private static function yearOrDate(mixed $value): string|int|null
    {
        return is_string($value) || is_int($value) ? $value : null;
    }

    private function distance(Fields $f): H\Distance
    {
        return new H\Distance($f->string('fixture'), $f->float('ft'), $f->maybeChoice('crosses', H\Crosses::class), $f->maybeChoice('measured', H\Measured::class), $f->maybeObject('x'));
    }

    private function box(Fields $f): H\Box
    {
        $clamps = $f->raw('clamps');

        return new H\Box(
            $f->maybeChoice('material', H\BoxMaterial::class),
            $f->maybeFloat('volume_in3'),
            is_bool($clamps) || is_int($clamps) ? $clamps : null,
            $f->maybeFloat('free_in'),
            $f->maybeFloat('past_face_in'),
            $f->maybeFloat('opening_in'),
            $f->maybeBool('grounds_spliced'),
            $f->maybeBool('bonded'),
            $f->maybeInt('pairs'),
            $f->maybeEach('connectors', $this->connector(...)),
            $f->maybeBool('fixed'),
            $f->maybeObject('x'),
        );
    }

    private function connector(Fields $f): H\Connector
    {
        $rated = $f->raw('rated_awg');

        return new H\Connector(
            $f->string('kind'),
            is_array($rated) ? array_values(array_filter($rated, is_int(...))) : $f->maybeInt('rated_awg'),
            $f->maybeInt('wires'),
            $f->maybeObject('x'),
        );
    }

    private function cable(Fields $f): H\Cable
    {
        return new H\Cable(
            $f->string('id'),
            $this->cableStart($f->fields('from')),
            $this->cableEnd($f->fields('to')),
            $f->maybeInt('awg'),
            $f->maybeFloat('length_ft'),
            $f->maybeInt('conductors'),
            $f->maybeBool('ground'),
            $f->maybeChoice('method', H\WiringMethod::class),
            $f->maybeBool('added'),
            $f->maybeFloat('strap_ft'),
            $f->maybe('colours', fn(Fields $g): H\Colours => new H\Colours($g->maybeString('hot'), $g->maybeString('neutral'), $g->maybeObject('x'))),
            $f->maybeString('mark'),
            $f->maybeObject('x'),
        );
    }

    private function cableStart(Fields $f): H\CableOrigin|H\CableEnd
    {
        if ($f->has('point')) {
            return $this->cableEnd($f);
        }
        $circuits = array_values(array_filter($f->list('circuits'), is_string(...)));

        return new H\CableOrigin($circuits === [] ? [$f->string('circuit')] : $circuits, $f->maybeObject('x'));
    }

    private function cableEnd(Fields $f): H\CableEnd
    {
        $land = $f->raw('land');
        $landing = match (true) {
            is_string($land) => H\Landing::both(H\Land::from($land)),
            $land instanceof \stdClass => $f->maybe('land', fn(Fields $g): H\Landing => new H\Landing($g->choice('hot', H\Land::class), $g->choice('neutral', H\Land::class))),
            default => null,
        };

        return new H\CableEnd($f->string('point'), $landing, $f->maybeObject('x'));
    }

    private function appliance(Fields $f): H\Appliance
    {
        return new H\Appliance(
            $f->string('id'),
            $f->string('name'),
            $f->maybeString('at'),
            $f->maybeFloat('watts'),
            $f->maybeFloat('volts'),
            $f->maybeBool('on'),
            $f->maybeString('class'),
            $f->maybeBool('extension'),
            $f->maybe('leakage', fn(Fields $g): H\Leakage => new H\Leakage($g->maybeFloat('resistive_ma'), $g->maybeFloat('capacitive_ma'), $g->maybeObject('x'))),
            $f->maybeBool('critical'),
            $f->maybeBool('measured'),
            $f->maybeObject('x'),
        );
    }
}
