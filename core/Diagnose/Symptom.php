<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;

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
        public string $when,
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
        $data = $house->sections['symptom'] ?? null;
        if (! $data instanceof \stdClass) {
            $wrong[] = new FileFault('/symptom', 'a diagnosis begins with a symptom');

            return null;
        }
        $at = is_string($data->at ?? null) ? $data->at : '';
        if (! $house->hasPoint($at) && ! in_array($at, array_column($house->circuits, 'id'), true)) {
            $wrong[] = new FileFault('/symptom/at', "there is no point or circuit \"$at\"");

            return null;
        }
        $running = array_values(array_filter(is_array($data->running ?? null) ? $data->running : [], is_string(...)));
        foreach ($running as $place => $id) {
            if (! in_array($id, array_column($house->appliances, 'id'), true)) {
                $wrong[] = new FileFault("/symptom/running/$place", "there is no appliance \"$id\"");
            }
        }

        return new self(
            SymptomKind::tryFrom(is_string($data->kind ?? null) ? $data->kind : '') ?? SymptomKind::Trips,
            $at,
            is_string($data->when ?? null) ? $data->when : 'unknown',
            $running,
            self::answers($data),
        );
    }

    public function isAnswered(Question $question, Answer $answer): bool
    {
        return $this->answer($question) === $answer;
    }

    public function answer(Question $question): ?Answer
    {
        return $this->answers[$question->value] ?? null;
    }

    /** @return array<Answer> what is answered in words of one's own is not among them */
    private static function answers(\stdClass $symptom): array
    {
        $said = ($symptom->answers ?? null) instanceof \stdClass ? get_object_vars($symptom->answers) : [];

        return array_filter(array_map(fn(mixed $one): ?Answer => is_string($one) ? Answer::tryFrom($one) : null, $said));
    }
}
