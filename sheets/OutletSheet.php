<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Demand;
use Bouclier\Core\CodeBook\Exemption;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\Granted;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\MayOpen;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Cover;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\DeviceAge;
use Bouclier\Core\House\DeviceLight;
use Bouclier\Core\House\DeviceSound;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Manners;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\PointLabel;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\ResetBy;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;
use Bouclier\Core\Keep\AgeAsks;
use Bouclier\Core\Keep\ReplacementRule;
use Bouclier\Core\Prove\Proof;
use Bouclier\Core\Survey\OutletWords;
use Bouclier\Core\Survey\UsualAppliance;

/**
 * One outlet as the house page shows it: what it is, how it is judged, and what that rests on.
 *
 * @phpstan-import-type TesterReading from SweepSheet
 * @phpstan-type Demanded array{clause: string, reason: string, fact: string, amended: string|null}
 * @phpstan-type GuardShown array{
 *     id: string,
 *     spoken: string,
 *     self: bool,
 *     breaker: bool,
 *     // By what it was seen to protect the outlet; null where the drawing says so.
 *     shown: string|null,
 * }
 * @phpstan-type MayOpenShown array{id: string, spoken: string, self: bool}
 * @phpstan-type Judged array{
 *     verdict: value-of<Verdict>,
 *     verdictName: string,
 *     demands: list<Demanded>,
 *     exemptions: list<array{clause: string, by: string, why: string}>,
 *     guards: list<GuardShown>,
 *     // Why a guard that is there does not do.
 *     objections: list<string>,
 *     // Why nothing is asked, where nothing is.
 *     whyNot: string|null,
 * }
 * @phpstan-type DistanceShown array{
 *     // Its place in the outlet's list in the house file.
 *     index: int,
 *     // As it stands in the house file, so that changing one thing loses nothing else.
 *     asWritten: array<string, mixed>,
 *     fixture: string,
 *     fixtureKind: value-of<FixtureKind>,
 *     fixtureName: string,
 *     room: string,
 *     ft: float,
 *     crosses: value-of<Crosses>,
 *     crossesName: string,
 * }
 * @phpstan-type PluggedIn array{
 *     id: string,
 *     name: string,
 *     watts: float|null,
 *     on: bool,
 *     critical: bool,
 *     class: string|null,
 *     // As clamped or written, else what its class typically leaks.
 *     leakMa: float,
 *     measured: bool,
 * }
 * @phpstan-type Built array{name: string, field: 'tr'|'wr', has: bool|null, demands: list<Demanded>}
 * @phpstan-type Age array{
 *     years: string|null,
 *     rests: string|null,
 *     installedOn: string|null,
 *     selfTest: bool|null,
 *     // How soon it asks for another device.
 *     asks: value-of<AgeAsks>,
 * }
 * @phpstan-type GrantedShown array{
 *     in: 'points'|'areas'|'circuits',
 *     id: string,
 *     field: string,
 *     text: string,
 *     // What one tap records; none where it has to be measured.
 *     choices: list<array{label: string, value: string|bool|float}>,
 * }
 * @phpstan-type FindingShown array{
 *     id: string,
 *     severity: value-of<Severity>,
 *     // What it can do to somebody now, whatever the code asks.
 *     hazard: value-of<Hazard>,
 *     hazardName: string,
 *     clause: string|null,
 *     why: string,
 * }
 * @phpstan-type UsualShown array{name: string, watts: int}
 * @phpstan-type Outlet array{
 *     id: string,
 *     code: string,
 *     // Codes it had before, by which it is still found.
 *     formerCodes: list<string>,
 *     name: string,
 *     kind: value-of<PointKind>,
 *     kindName: string,
 *     device: value-of<Device>,
 *     deviceName: string,
 *     serves: value-of<Serves>,
 *     servesName: string,
 *     amps: float,
 *     volts: float,
 *     circuit: string|null,
 *     circuitId: string|null,
 *     // Whether its run is known back to a breaker.
 *     traced: bool,
 *     // Whether a plug-in tester fits.
 *     takesTester: bool,
 *     // The one that decides where the outlet stands on the ruler comes first.
 *     distances: list<DistanceShown>,
 *     gfci: Judged,
 *     afci: Judged,
 *     // What is to be built into the outlet itself.
 *     built: list<Built>,
 *     // The outlet as quick entry writes it, its code first.
 *     line: string,
 *     // The last tester reading of each half.
 *     readings: list<TesterReading>,
 *     // What a tester's button here may open; and whether it has a ground to leak into.
 *     mayOpen: list<MayOpenShown>,
 *     buttonReaches: bool,
 *     // Of an arc-fault device: a tester's button leaks a current it need not see.
 *     ownTestAlone: bool,
 *     // Of a protective device: how old it is as far as can be known, and on what that rests.
 *     age: Age|null,
 *     // What is plugged in here.
 *     appliances: list<PluggedIn>,
 *     // What is usually found plugged in at such an outlet.
 *     usual: list<UsualShown>,
 *     findings: list<FindingShown>,
 *     // Its own kind of work, null where that of the house holds; and what it is judged as.
 *     work: value-of<Work>|null,
 *     workName: string,
 *     exposure: value-of<Exposure>|null,
 *     ground: value-of<GroundPath>|null,
 *     cover: value-of<Cover>|null,
 *     // Whether it stands where the weather, or damp, is asked about.
 *     weather: bool,
 *     slots: int,
 *     light: value-of<DeviceLight>|null,
 *     sound: value-of<DeviceSound>|null,
 *     resetBy: value-of<ResetBy>|null,
 *     feedThroughAmps: float|null,
 *     // Another device of the same kind of which more is known, and what that says of this one, by the fields of the house file.
 *     like: array{code: string, set: array<string, mixed>}|null,
 *     // Its kind among devices, where nothing is known yet of how one of it is handled; null where it is, or it is none.
 *     mannersOf: string|null,
 *     // What may be marked on it, and whether that is asked for.
 *     labels: list<array{value: value-of<PointLabel>, label: string, has: bool, asked: bool}>,
 *     // Feet above the floor, null where nobody has measured.
 *     heightFt: float|null,
 *     // Whether a tub or shower is near enough for the height to matter.
 *     nearTub: bool,
 *     // What a deferral by the date of the permit decides here; null where none does.
 *     deferral: string|null,
 *     // What its verdicts rest on and nobody has recorded.
 *     granted: list<GrantedShown>,
 *     // How far it is proved since it was worked on; null where it was not.
 *     proof: value-of<Proof>|null,
 * }
 */
final readonly class OutletSheet
{
    /** @var array<PointAssessment> by point id */
    private array $judged;

    private OutletWords $words;

    /** @var array<list<TesterReading>> by point id */
    private array $sweep;

    /**
     * @param list<PointAssessment> $assessed the points that are shown
     * @param string $today a date: devices grow old
     * @param array<Proof> $proofs how far outlets are proved that were worked on, by point id
     * @param ReplacementRule|null $rule at what age devices are replaced, where that is to be said
     */
    public function __construct(
        private House $house,
        private FeedMap $feeds,
        private Assess $assess,
        array $assessed,
        private string $today,
        private array $proofs,
        private ?ReplacementRule $rule,
    ) {
        $judged = [];
        foreach ($assessed as $point) {
            $judged[$point->point->id] = $point;
        }
        $this->judged = $judged;
        $this->words = new OutletWords($house);
        $this->sweep = SweepSheet::of($house);
    }

    /** @return Outlet */
    public function of(Point $point): array
    {
        $judged = $this->judged[$point->id];
        $feed = $this->feeds->feed($point);
        $circuit = $feed->circuit;

        return [
            'id' => $point->id,
            'code' => $point->code,
            'formerCodes' => $point->formerCodes(),
            'name' => $point->name,
            'kind' => $point->kind->value,
            'kindName' => $point->kind->label(),
            'device' => $point->device->value,
            'deviceName' => $point->device->label(),
            'serves' => $point->serves()->value,
            'servesName' => $point->serves()->label(),
            'amps' => $point->amps(),
            'volts' => $point->volts(),
            'circuit' => $circuit === null ? null : "{$circuit->slot} {$circuit->label}",
            'circuitId' => $circuit?->id,
            'traced' => $feed->origins !== [],
            'takesTester' => $point->takesUsualPlugs(),
            'distances' => $this->distances($point),
            'gfci' => $this->verdict($judged, Protection::Gfci),
            'afci' => $this->verdict($judged, Protection::Afci),
            'built' => [...$this->built($judged, 'tr', $point->tr), ...$this->built($judged, 'wr', $point->wr)],
            'line' => "{$point->code} {$this->words->of($point)}",
            'readings' => $this->sweep[$point->id] ?? [],
            'mayOpen' => array_map(
                fn(Guard $guard): array => ['id' => $guard->id(), 'spoken' => $guard->spoken(), 'self' => $guard->by === $point],
                $point->takesUsualPlugs() ? MayOpen::at($this->feeds, $point) : [],
            ),
            'buttonReaches' => $point->isGrounded(),
            'ownTestAlone' => $point->device->isProvedByItsOwnTestAlone(),
            'age' => $this->age($point),
            'appliances' => $this->pluggedIn($point),
            'usual' => array_map(
                fn(UsualAppliance $usual): array => ['name' => $usual->name, 'watts' => $usual->watts],
                UsualAppliance::at($this->house, $point),
            ),
            'findings' => array_map(self::finding(...), $judged->findings),
            'work' => $point->work?->value,
            'workName' => $judged->work->label(),
            'exposure' => $point->exposure?->value,
            'ground' => $point->ground?->value,
            'cover' => $point->cover?->value,
            'weather' => $this->assess->asksCover($point),
            'slots' => $point->slots(),
            'light' => $point->light?->value,
            'sound' => $point->sound?->value,
            'resetBy' => $point->resetBy?->value,
            'feedThroughAmps' => $point->feedThroughAmps,
            'like' => $this->like($point),
            'mannersOf' => Manners::asked($point),
            'labels' => $this->labels($judged),
            'heightFt' => $point->heightFt,
            'nearTub' => $this->assess->asksHeight($point),
            'deferral' => $this->assess->deferral($judged),
            'granted' => array_map(self::granted(...), $judged->granted),
            'proof' => ($this->proofs[$point->id] ?? null)?->value,
        ];
    }

    /**
     * The way to the nearest water first, a way that is barred last: the first is where the outlet stands on the ruler.
     *
     * @return list<DistanceShown>
     */
    private function distances(Point $point): array
    {
        $ways = $point->distances();
        uasort(
            $ways,
            fn(Distance $a, Distance $b): int => [
                $a->crosses() === Crosses::Barrier,
                $a->ft,
            ] <=> [$b->crosses() === Crosses::Barrier, $b->ft],
        );

        return array_map($this->distance(...), array_keys($ways), array_values($ways));
    }

    /** @return DistanceShown */
    private function distance(int $index, Distance $distance): array
    {
        return [
            'index' => $index,
            'asWritten' => PartForm::write($distance),
            'fixture' => $distance->fixture,
            'fixtureKind' => $this->house->fixture($distance->fixture)->kind->value,
            'fixtureName' => $this->house->fixture($distance->fixture)->kind->label(),
            'room' => $this->house->areaOfFixture($distance->fixture)->code,
            'ft' => $distance->ft,
            'crosses' => $distance->crosses()->value,
            'crossesName' => $distance->crosses()->label(),
        ];
    }

    /** @return Demanded */
    private static function demand(Demand $demand): array
    {
        return [
            'clause' => $demand->clause,
            'reason' => $demand->reason,
            'fact' => $demand->fact,
            'amended' => $demand->amendment === null
                ? null
                : implode(
                    ', ',
                    array_filter([$demand->amendment->author, $demand->amendment->date, $demand->amendment->source], is_string(...)),
                ),
        ];
    }

    /** @return Judged */
    private function verdict(PointAssessment $judged, Protection $protection): array
    {
        return [
            'verdict' => $judged->verdict($protection)->value,
            'verdictName' => $judged->verdict($protection)->label(),
            'demands' => array_map(self::demand(...), $judged->demandsFor($protection)),
            'exemptions' => array_values(array_map(
                fn(Exemption $e): array => ['clause' => $e->clause, 'by' => $e->by, 'why' => $e->why],
                array_filter($judged->exemptions, fn(Exemption $e): bool => $e->from === $protection),
            )),
            'guards' => array_map(fn(Guard $guard): array => [
                'id' => $guard->id(),
                'spoken' => $guard->spoken(),
                'self' => $guard->by === $judged->point,
                'breaker' => $guard->isBreaker(),
                'shown' => $guard->shown,
            ], $judged->guards($protection)),
            'objections' => $judged->objections($protection),
            'whyNot' => $judged->demandsFor($protection) === [] ? $this->assess->whyNotAsked($judged, $protection) : null,
        ];
    }

    /**
     * What is built into the outlet itself, where it is asked for.
     *
     * @param 'tr'|'wr' $field
     *
     * @return list<Built>
     */
    private function built(PointAssessment $judged, string $field, ?bool $has): array
    {
        $protection = Protection::from($field);
        $demands = array_map(self::demand(...), $judged->demandsFor($protection));

        return $demands === [] ? [] : [['name' => $protection->label(), 'field' => $field, 'has' => $has, 'demands' => $demands]];
    }

    /** @return list<PluggedIn> */
    private function pluggedIn(Point $point): array
    {
        $here = array_filter($this->house->appliances, fn(Appliance $appliance): bool => $appliance->at === $point->id);

        return array_values(array_map(fn(Appliance $appliance): array => [
            'id' => $appliance->id,
            'name' => $appliance->name,
            'watts' => $appliance->watts,
            'on' => $appliance->isOn(),
            'critical' => $appliance->critical === true,
            'class' => $appliance->class,
            'leakMa' => round(hypot($appliance->leaks()->resistiveMa ?? 0.0, $appliance->leaks()->capacitiveMa ?? 0.0), 2),
            'measured' => $appliance->measured === true,
        ], $here));
    }

    /** @return array{code: string, set: array<string, mixed>}|null */
    private function like(Point $point): ?array
    {
        $like = $point->device->feedsThrough() ? Manners::likeAnother($this->house, $point) : null;

        return $like === null ? null : ['code' => $like[0]->code, 'set' => $like[1]];
    }

    /** @return list<array{value: value-of<PointLabel>, label: string, has: bool, asked: bool}> */
    private function labels(PointAssessment $judged): array
    {
        $asked = $this->assess->labelsAsked($judged);

        return $judged->point->isReceptacle() ? array_map(fn(PointLabel $label): array => [
            'value' => $label->value,
            'label' => $label->label(),
            'has' => in_array($label, $judged->point->labels(), true),
            'asked' => in_array($label, $asked, true),
        ], PointLabel::cases()) : [];
    }

    /** @return Age|null null for what is no protective device */
    private function age(Point $point): ?array
    {
        if (! $point->device->feedsThrough()) {
            return null;
        }
        $age = DeviceAge::of($point);

        return [
            'years' => $age?->yearsOn($this->today),
            'rests' => $age?->rests,
            'installedOn' => $point->installedOn,
            'selfTest' => $point->selfTest,
            'asks' => AgeAsks::of($this->rule?->dueOn($this->house, $point), $this->today)->value,
        ];
    }

    /** @return FindingShown */
    private static function finding(Finding $finding): array
    {
        return [
            'id' => $finding->id,
            'severity' => $finding->severity->value,
            'hazard' => $finding->hazard->value,
            'hazardName' => $finding->hazard->label(),
            'clause' => $finding->clause,
            'why' => $finding->why,
        ];
    }

    /** @return GrantedShown */
    private static function granted(Granted $granted): array
    {
        return [
            'in' => $granted->in,
            'id' => $granted->id,
            'field' => $granted->field,
            'text' => $granted->text,
            'choices' => array_map(
                fn(string $label, string|bool|float $value): array => ['label' => $label, 'value' => $value],
                array_keys($granted->choices),
                array_values($granted->choices),
            ),
        ];
    }
}
