<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Diagnose\AssumedWiring;
use Bouclier\Core\Diagnose\Diagnoser;
use Bouclier\Core\Diagnose\Evidence;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;

/** The `symptom`, `tests` and `cannot` of a house file, all of them or none. */
final class CallReader
{
    /**
     * @param Priors|null $priors those of a crew
     *
     * @throws BadHouseFile
     */
    public static function of(House $house, ?Priors $priors = null): Diagnoser
    {
        $house = AssumedWiring::of(Evidence::in($house))->house;
        /** @var list<FileFault> $wrong */
        $wrong = [];
        $symptom = Symptom::of($house, $wrong);
        $tests = Test::of($house, $wrong);
        $cannot = OpenCall::cannot($house);
        if ($wrong !== []) {
            throw new BadHouseFile($wrong);
        }
        if ($symptom === null) {
            throw BadHouseFile::because('the symptom cannot be used');
        }

        return new Diagnoser($house, $symptom, $tests, $cannot, $priors);
    }
}
