<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Change\Drafted;
use Bouclier\Core\Change\HouseDifference;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PartList;
use Bouclier\Core\House\Point;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Plan\Applied;
use Bouclier\Core\Plan\Plan;
use Bouclier\Core\Plan\PlanChoice;
use Bouclier\Core\Plan\PlannedZone;
use Bouclier\Core\Plan\PlanWords;
use Bouclier\Core\Plan\WhyPlanned;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Inspection;
use Bouclier\Core\Scope\Scope;

/**
 * One plan, or one draft, on the drawings of the house as it then is: what is other there, what each device protects, and what it takes.
 *
 * @phpstan-import-type RunsPage from RunsSheet
 * @phpstan-import-type Room from HouseSheet
 * @phpstan-import-type PlanFigures from DecideSheet
 * @phpstan-type ZoneShown array{
 *     by: string,
 *     // Spoken: a location code, or a breaker.
 *     name: string,
 *     covers: list<string>,
 *     ma: float,
 *     spareMa: float,
 *     chance: float,
 *     // What goes dark with it and matters.
 *     dark: list<string>,
 * }
 * @phpstan-type DraftChangeSent object{in: string, id: string, set?: object|null}
 * @phpstan-type PlanPage array{
 *     // Null of a draft, which has no figures of its own.
 *     figures: PlanFigures|null,
 *     // In sentences: what changes.
 *     changes: list<string>,
 *     // Outlets and circuits that are other than they are now.
 *     changed: list<string>,
 *     zones: list<ZoneShown>,
 *     // Outlets that would still ask for something they do not have; and what would be found then and is not now, and the other way round.
 *     wanting: int,
 *     brings: list<string>,
 *     ends: list<string>,
 *     runs: RunsPage,
 *     rooms: list<Room>,
 *     // What keeps it as a draft, part by part.
 *     patches: list<DraftChangeSent>,
 * }
 */
final class PlanSheet
{
    /** @return PlanPage|null null where there is no such plan */
    public static function of(House $house, PlanChoice $choice, Asker $asker): ?array
    {
        $plan = $choice->asFarAsItGoes($house);
        if ($plan === null) {
            return null;
        }
        $then = (new Applied($house, $plan))->house();

        return [
            'figures' => DecideSheet::figures($plan),
            'changes' => WhyPlanned::changed($plan),
            'zones' => array_map(fn(PlannedZone $zone): array => self::zone($zone, $house), $plan->zones),
            ...self::drawn($house, $then, $asker),
        ];
    }

    /**
     * A line of the scope on the drawings, the plan carried out before it.
     *
     * @param (\Closure(): void)|null $between as for {@see Scope::of()}
     *
     * @return PlanPage|null null where there is no such line, or it changes nothing that is drawn
     */
    public static function cure(House $house, PlanChoice $choice, string $key, Asker $asker, ?\Closure $between): ?array
    {
        $plan = $choice->asFarAsItGoes($house);
        $planned = $plan === null ? $house : (new Applied($house, $plan))->house();
        $line = Scope::of($house, $plan, $between)->line($key);

        return $line?->then === null ? null : [
            'figures' => null,
            'changes' => [$line->title],
            'zones' => [],
            ...self::drawn($planned, $line->then, $asker),
        ];
    }

    /**
     * @return PlanPage
     *
     * @throws \Bouclier\Core\House\NotThere
     * @throws \Bouclier\Core\Exchange\BadHouseFile when the house has become another, and the draft does not go with it any more
     */
    public static function draft(House $house, string $id, Asker $asker): array
    {
        $then = Drafted::on($house, Drafted::find($house, $id));

        return ['figures' => null, 'changes' => self::said($house, $then), 'zones' => [], ...self::drawn($house, $then, $asker)];
    }

    /**
     * @return array{
     *     changed: list<string>,
     *     wanting: int,
     *     brings: list<string>,
     *     ends: list<string>,
     *     runs: RunsPage,
     *     rooms: list<Room>,
     *     patches: list<DraftChangeSent>,
     * }
     */
    private static function drawn(House $house, House $then, Asker $asker): array
    {
        $patches = HouseDifference::between($house, $then);
        $changed = [];
        foreach ($patches as $patch) {
            $cable = $patch->in === PartList::Cables->value ? $then->findCable($patch->id) : null;
            $changed[] = $cable instanceof Cable ? ($cable->fromPoint() ?? $cable->to->point) : $patch->id;
        }

        [$before, $after] = [new Inspection($house), new Inspection($then)];

        return [
            'changed' => array_values(array_unique($changed)),
            'wanting' => count($after->wanting()),
            'brings' => self::found($before->brought($after)),
            'ends' => self::found($before->ended($after)),
            'runs' => RunsSheet::of($then, $asker),
            'rooms' => HouseSheet::of($then, $asker->day())['rooms'],
            'patches' => self::sent($patches),
        ];
    }

    /**
     * @param list<Patch> $patches
     *
     * @return list<DraftChangeSent> as they come back where they are kept as a draft
     */
    public static function sent(array $patches): array
    {
        return array_map(fn(Patch $patch): object => (object) ['in' => $patch->in, 'id' => $patch->id, 'set' => $patch->set], $patches);
    }

    /**
     * @param array<Ailment> $ailments
     *
     * @return list<string>
     */
    private static function found(array $ailments): array
    {
        return array_values(array_unique(array_map(fn(Ailment $one): string => $one->finding->why, $ailments)));
    }

    /** @return list<string> what is other in a house, outlet by outlet and breaker by breaker */
    private static function said(House $house, House $then): array
    {
        $said = [];
        foreach ($then->points as $point) {
            $was = $house->hasPoint($point->id) ? $house->point($point->id) : null;
            if ($was === null) {
                $said[] = "{$point->code} {$point->name} is new: {$point->device->label()}.";
            } elseif ($was->device !== $point->device) {
                $said[] = "{$point->code}: {$point->device->label()} for {$was->device->label()}.";
            }
        }
        foreach ($then->circuits as $circuit) {
            $was = $house->hasCircuit($circuit->id) ? $house->circuit($circuit->id) : null;
            if ($was?->breaker() !== $circuit->breaker() || $was->amps !== $circuit->amps) {
                $said[] = "Breaker {$circuit->slot} {$circuit->label}: {$circuit->breaker()->label()}, {$circuit->amps} A.";
            }
        }

        return $said;
    }

    /** @return ZoneShown */
    private static function zone(PlannedZone $zone, House $house): array
    {
        $nuisance = $zone->nuisance();

        return [
            'by' => $zone->by->id,
            'name' => $zone->by instanceof Point ? $zone->by->code : "breaker {$zone->by->slot}",
            'covers' => array_map(fn(Point $point): string => $point->code, $zone->covers),
            'ma' => round($nuisance->ma, 2),
            'spareMa' => round($nuisance->spareAtWorstMa, 2),
            'chance' => round($nuisance->chance, 4),
            'dark' => PlanWords::goesDark($zone, $house),
        ];
    }
}
