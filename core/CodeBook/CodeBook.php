<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\CodeBook\Cec\Section26_658;
use Bouclier\Core\CodeBook\Cec\Section26_704;
use Bouclier\Core\CodeBook\Cec\Section26_706;
use Bouclier\Core\CodeBook\Nec\Article555;
use Bouclier\Core\CodeBook\Nec\Article625;
use Bouclier\Core\CodeBook\Nec\Article680;
use Bouclier\Core\CodeBook\Nec\Article760;
use Bouclier\Core\CodeBook\Nec\Section210_12;
use Bouclier\Core\CodeBook\Nec\Section210_8A;
use Bouclier\Core\CodeBook\Nec\Section210_8C;
use Bouclier\Core\CodeBook\Nec\Section210_8D;
use Bouclier\Core\CodeBook\Nec\Section210_8E;
use Bouclier\Core\CodeBook\Nec\Section210_8F;
use Bouclier\Core\CodeBook\Nec\Section406_12;
use Bouclier\Core\CodeBook\Nec\Section406_4D;
use Bouclier\Core\CodeBook\Nec\Section406_9;
use Bouclier\Core\CodeBook\Nec\Section422_5A;
use Bouclier\Core\CodeBook\Nec\Section424_44;
use Bouclier\Core\CodeBook\Nec\Section424_45;
use Bouclier\Core\House\Edition;

/** Every rule, exception and check that ships, in the order they are shown. */
final class CodeBook
{
    private static ?self $shipped = null;

    /** @var array<string, Demands> by value of {@see Edition} */
    private array $demands = [];

    /**
     * @param list<Rule> $rules
     * @param list<RuleException> $exceptions
     * @param list<PointCheck> $pointChecks
     * @param list<HouseCheck> $houseChecks
     */
    private function __construct(
        public readonly array $rules,
        public readonly array $exceptions,
        public readonly array $pointChecks,
        public readonly array $houseChecks,
    ) {
    }

    public static function shipped(): self
    {
        return self::$shipped ??= new self(
            [
                new Section210_8A\Bathrooms(),
                new Section210_8A\Garages(),
                new Section210_8A\Outdoors(),
                new Section210_8A\CrawlSpaces(),
                new Section210_8A\Basements(),
                new Section210_8A\Kitchens(),
                new Section210_8A\FoodPreparation(),
                new Section210_8A\Sinks(),
                new Section210_8A\Boathouses(),
                new Section210_8A\BathtubsAndShowers(),
                new Section210_8A\LaundryAreas(),
                new Section210_8A\DampOrWetIndoors(),
                new Section210_8C\CrawlSpaceLighting(),
                new Section210_8D\Dishwashers(),
                new Section422_5A\Dishwashers(),
                new Section210_8D\SumpPumps(),
                new Section422_5A\SumpPumps(),
                new Section210_8D\CookingAndDrying(),
                new Section210_8E\HvacService(),
                new Section210_8F\OutdoorOutlets(),
                new Section424_44\FloorHeating(),
                new Section424_45\UnderFloorCoverings(),
                new Article555\BoatHoists(),
                new Article625\VehicleReceptacles(),
                new Article680\HydromassageTubs(),
                new Article680\HydromassageReceptacles(),
                new Article680\PoolReceptacles(),
                new Article680\PoolPumps(),
                new Article680\Spas(),
                new Article680\IndoorSpaReceptacles(),
                new Section210_12\BranchCircuits(),
                new Section210_12\Extensions(),
                new Section406_12\TamperResistant(),
                new Section406_9\DampLocations(),
                new Section406_9\WetLocations(),
                new Section26_704\NearWater(),
                new Section26_704\Outdoors(),
                new Section26_658\BranchCircuits(),
                new Section26_706\TamperResistant(),
                new Section406_4D\ReplacementGfci(),
                new Section406_4D\ReplacementAfci(),
                new Section406_4D\ReplacementTamperResistant(),
                new Section406_4D\ReplacementWeatherResistant(),
            ],
            [
                new Article760\FireAlarmException(),
                new Section210_8A\SnowMeltingException(),
                new Section210_8A\BasementAlarmException(),
                new Section210_8A\SecuritySystemException(),
                new Section210_8A\CeilingSupportException(),
                new Section210_8A\FactoryFittedFanException(),
                new Section210_8F\HvacDeferral(),
                new Section210_12\SixFootException(),
            ],
            [
                new Checks\ReversedLineLoad(),
                new Checks\SplitPair(),
                new Checks\AlarmOnProtection(),
                new Checks\AfciFirstOutletUnmet(),
                new Checks\FirstOutletUnmarked(),
                new Checks\SharedNeutralProtection(),
                new Checks\DeviceNotMade(),
                new Checks\UngroundedReceptacle(),
                new Checks\GroundRunOn(),
                new Checks\GroundBroken(),
                new Checks\GroundPigtailMissing(),
                new Checks\OutletTests(),
                new Checks\ReadsWrong(),
                new Checks\NotAccessible(),
                new Checks\TubZone(),
                new Checks\PoolTooNear(),
                new Checks\ReceptacleMismatch(),
                new Checks\DeviceOverCircuit(),
                new Checks\ConductorUnderBreaker(),
                new Checks\DeviceUnderLoad(),
                new Checks\LeakageOverBudget(),
                new Checks\VoltageDrop(),
                new Checks\RedundantGfci(),
                new Checks\AloneShared(),
                new Checks\CriticalShared(),
                new Checks\LightsBeyondLoad(),
                new Checks\WrongCover(),
                new Checks\NotWeatherResistant(),
                new Checks\NotTamperResistant(),
                new Checks\NoGroundUnlabelled(),
                new Checks\BoxOverfull(),
                new Checks\WiresShort(),
                new Checks\AfciBoxCrowded(),
                new Checks\ReversedAsFound(),
                new Checks\GroundsNotSpliced(),
                new Checks\BoxNotBonded(),
                new Checks\ConnectorOutOfRange(),
                new Checks\WiresPerTerminal(),
                new Checks\RacewayUnsupported(),
                new Checks\BoxLoose(),
                new Checks\BoxCheckedWrong(),
                new Checks\MultiwireNeutral(),
                new Checks\YokeNoDisconnect(),
                new Checks\NoFeed(),
            ],
            [
                new Checks\BathroomCircuits(),
                new Checks\CountertopCircuits(),
                new Checks\SmallApplianceCircuits(),
                new Checks\HydromassageCircuits(),
                new Checks\LaundryCircuits(),
                new Checks\GarageCircuits(),
                new Checks\TenAmpCircuits(),
                new Checks\MultiwireTies(),
                new Checks\RoomPartlyProtected(),
                new Checks\BreakerLeakageOverBudget(),
                new Checks\Overloaded(),
                new Checks\BreakerTests(),
                new Checks\AmendmentUnmatched(),
            ],
        );
    }

    /** @return list<Check> of outlets, and of the house as a whole */
    public function checks(): array
    {
        return [...$this->pointChecks, ...$this->houseChecks];
    }

    /** @return list<string> what has no answer for an edition: rules and exceptions by id, checks by what they find */
    public function unanswered(Edition $edition): array
    {
        $silent = [];
        foreach ([...$this->rules, ...$this->exceptions] as $rule) {
            $silent = [...$silent, ...($rule->clauses()->answers($edition) ? [] : [$rule->id()])];
        }
        foreach ($this->checks() as $check) {
            array_push(
                $silent,
                ...array_keys(array_filter($check->finds(), fn(Finds $finds): bool => ! $finds->clauses->answers($edition))),
            );
        }

        return $silent;
    }

    /** The rules and exceptions of one edition, ready to be asked. */
    public function demands(Edition $edition): Demands
    {
        return $this->demands[$edition->value] ??= new Demands($this, $edition);
    }

    /** @return list<Edition> editions the book has rules for, oldest first */
    public function editions(): array
    {
        return array_values(array_filter(
            Edition::cases(),
            fn(Edition $edition): bool => array_filter(
                $this->rules,
                fn(Rule $rule): bool => $rule->clauses()->in($edition) !== null,
            ) !== [],
        ));
    }
}
