<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;

/** What a householder noted, taken into the call as what it says of the house. */
final class HouseholderAnswers
{
    private const WHEN = ['At once, every time' => 'at_once', 'When something is switched on' => 'with_load', 'Now and then' => 'random', 'When it is wet' => 'wet'];

    /** @param \stdClass $answers by question, as {@see Words\Questions} asks them */
    public static function ofQuestions(House $house, \stdClass $answers, string $at): House
    {
        $symptom = $house->sections['symptom'] ?? null;
        if (! $symptom instanceof \stdClass) {
            return $house;
        }
        $when = is_string($answers->when ?? null) ? self::WHEN[$answers->when] ?? null : null;
        $house = OpenCall::told($house, (object) [...get_object_vars($symptom), ...($when === null ? [] : ['when' => $when]), 'answers' => $answers]);
        $holds = match ($answers->unplugged ?? null) {
            'Yes, it stays in' => ['holds' => true, 'tripped' => 0],
            'No, it pops again' => ['holds' => false, 'tripped' => 1],
            'It will not go in at all' => ['holds' => false, 'tripped' => 0],
            default => null,
        };
        $device = is_string($symptom->at ?? null) ? $symptom->at : '';
        $circuit = $house->hasPoint($device) ? (new FeedMap($house))->feed($house->point($device))->circuit?->id : $device;
        if ($holds === null || $circuit === null || ($house->hasPoint($device) && ! $house->point($device)->device->feedsThrough())) {
            return $house;
        }
        $place = $house->hasPoint($device) ? ['point' => $device] : ['circuit' => $device];

        return OpenCall::tested($house, [
            (object) ['action' => (object) ['do' => 'unplug_all', 'circuit' => $circuit], 'reading' => (object) ['tripped' => []], 'at_time' => $at, 'who' => 'the householder'],
            (object) ['action' => (object) ['do' => 'reset', 'at' => (object) $place], 'reading' => (object) ['holds' => $holds['holds'], 'tripped' => $holds['tripped'] === 1 ? [$device] : [], 'no_power' => false], 'at_time' => $at, 'who' => 'the householder'],
        ]);
    }

    /**
     * A trial that came back: as many days as were noted, be they fewer than were asked for.
     *
     * @param \stdClass $asked with the action that was left
     * @param \stdClass $days "yes" or "no" by date
     */
    public static function ofTrial(House $house, \stdClass $asked, \stdClass $days, string $who, string $at): House
    {
        $noted = array_filter(get_object_vars($days), is_string(...));
        $action = ($asked->action ?? null) instanceof \stdClass ? $asked->action : new \stdClass();
        if ($noted === []) {
            return $house;
        }
        $trips = count(array_filter($noted, fn(string $said): bool => $said === 'yes'));

        return OpenCall::tested($house, [(object) ['action' => (object) [...get_object_vars($action), 'days' => count($noted)], 'reading' => (object) ['trips' => $trips], 'at_time' => $at, 'who' => $who]]);
    }
}
