<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Diagnose\AssumedWiring;
use Bouclier\Core\Diagnose\Diagnoser;
use Bouclier\Core\Diagnose\Evidence;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\House\Entries\Entries;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;

/** The `symptom`, `tests` and `cannot` of a house file. */
final class CallReader
{
    /**
     * All of them, or none.
     *
     * @throws BadHouseFile
     */
    public static function of(House $house): Diagnoser
    {
        self::check($house);

        return self::standing($house) ?? throw BadHouseFile::because('the symptom cannot be used');
    }

    /** @throws BadHouseFile when they name what is not there */
    public static function check(House $house): void
    {
        /** @var list<FileFault> $wrong */
        $wrong = [];
        Symptom::of($house, $wrong);
        Test::of($house, $wrong);
        if ($wrong !== []) {
            throw new BadHouseFile($wrong);
        }
    }

    /**
     * @param list<TestDone> $tests to be filed
     *
     * @return list<Action> what is done in them
     *
     * @throws BadHouseFile when they name what is not there
     */
    public static function checked(House $house, array $tests): array
    {
        /** @var list<FileFault> $wrong */
        $wrong = [];
        $read = Test::read($house, $tests, $wrong);

        return $wrong === [] ? array_map(fn(Test $test): Action => $test->action, $read) : throw new BadHouseFile($wrong);
    }

    /**
     * What of them stands in a house from which parts were taken: a test that names one of those does not count.
     *
     * @param Priors|null $priors those of a crew
     *
     * @return Diagnoser|null null when what the call is about is gone itself
     */
    public static function standing(House $house, ?Priors $priors = null): ?Diagnoser
    {
        $house = self::observed($house);
        $wrong = [];
        $symptom = Symptom::of($house, $wrong);

        return $symptom === null ? null : new Diagnoser($house, $symptom, Test::of($house, $wrong), OpenCall::cannot($house), $priors);
    }

    /**
     * All that {@see self::standing()} makes a diagnosis of, as a text: of two houses of which it is the same, so is the diagnosis, whoever
     * tested and whenever.
     */
    public static function follows(House $house): string
    {
        $house = self::observed($house);
        $tests = array_map(fn(TestDone $test): TestDone => new TestDone($test->action, $test->reading), OpenCall::tests($house));
        $entries = (new Entries())->with(EntryList::Tests, $tests);
        foreach (Priors::LEARNS_FROM as $list) {
            $entries = $entries->with($list, $house->entries->in($list));
        }

        return HouseWriter::toJson($house->with(entries: $entries));
    }

    /** With everything that was observed among its tests, and with what is assumed of its runs. */
    private static function observed(House $house): House
    {
        return AssumedWiring::of(Evidence::in($house))->house;
    }
}
