<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Diagnose\Diagnoser;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;

/** The `symptom`, `tests` and `cannot` of a house file, all of them or none. */
final class CallReader
{
    /** @throws BadHouseFile */
    public static function of(House $house): Diagnoser
    {
        /** @var list<FileFault> $wrong */
        $wrong = [];
        $symptom = Symptom::of($house, $wrong);
        $tests = Test::of($house, $wrong);
        $cannot = $house->sections['cannot'] ?? [];
        if ($wrong !== []) {
            throw new BadHouseFile($wrong);
        }
        if ($symptom === null) {
            throw BadHouseFile::because('the symptom cannot be used');
        }

        return new Diagnoser($house, $symptom, $tests, array_values(array_filter(is_array($cannot) ? $cannot : [], is_string(...))));
    }
}
