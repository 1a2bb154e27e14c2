<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\SwitchesOff;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;

/** The `symptom` of a house file: what is wrong, where, when, and what was running. */
final readonly class Symptom
{
    /**
     * @param list<string> $running ids of appliances
     * @param array<Answer> $answers what was answered on the phone, by question
     */
    private function __construct(
        public SymptomKind $kind,
        public string $at,
        public SymptomWhen $when,
        public array $running,
        private array $answers,
    ) {
    }

    /**
     * @param list<FileFault> $wrong what is wrong with it is added
     *
     * @return self|null null when it cannot be used
     */
    public static function of(House $house, array &$wrong): ?self
    {
        $told = $house->call->symptom;
        if ($told === null) {
            $wrong[] = new FileFault('/symptom', 'a diagnosis begins with a symptom');

            return null;
        }
        $at = $told->at ?? '';
        if (! $house->hasPoint($at) && ! in_array($at, array_column($house->circuits, 'id'), true)) {
            $wrong[] = new FileFault('/symptom/at', "there is no point or circuit \"$at\"");

            return null;
        }
        foreach ($told->running ?? [] as $place => $id) {
            if ($house->findAppliance($id) === null) {
                $wrong[] = new FileFault("/symptom/running/$place", "there is no appliance \"$id\"");
            }
        }

        return new self(
            $told->kind,
            $at,
            $told->when ?? SymptomWhen::Unknown,
            $told->running ?? [],
            // What is answered in words of one's own is not among them.
            array_filter(array_map(Answer::tryFrom(...), $told->answers ?? [])),
        );
    }

    /** The circuit it is about, as far as it is known what feeds that outlet. */
    public function circuit(FeedMap $feeds): ?Circuit
    {
        return $feeds->house->hasPoint($this->at)
            ? $feeds->feed($feeds->house->point($this->at))->circuit
            : $feeds->house->circuit($this->at);
    }

    /** @return list<string> the device or breaker the call names, or those that switch off the outlet it names, and its breaker */
    public function devices(FeedMap $feeds): array
    {
        $house = $feeds->house;
        $point = $house->hasPoint($this->at) ? $house->point($this->at) : null;
        if ($point === null || ($point->device->feedsThrough() && $this->kind !== SymptomKind::Dead)) {
            return [$this->at];
        }
        $devices = SwitchesOff::of($feeds, $point);
        $circuit = $feeds->feed($point)->circuit;
        if ($circuit === null || ($devices !== [] && $this->kind === SymptomKind::Trips)) {
            return $devices;
        }

        return array_values(array_unique([...$devices, ...array_map(fn(Circuit $one): string => $one->id, $house->withFeeders($circuit))]));
    }

    public function isAnswered(Question $question, Answer $answer): bool
    {
        return $this->answer($question) === $answer;
    }

    public function answer(Question $question): ?Answer
    {
        return $this->answers[$question->value] ?? null;
    }
}
