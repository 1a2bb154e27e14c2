<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;

/** What was understood of an outlet line, in words, in a steady order. */
final readonly class OutletEcho
{
    public function __construct(private House $house, private Area $area)
    {
    }

    /**
     * @param array<string, mixed> $set fields as the house file writes them
     * @param array<array<string, mixed>> $distances
     */
    public function of(array $set, array $distances): string
    {
        $said = [];
        foreach (Shorthand::ofOutlet() as [$enum, , $field]) {
            $value = $set[$field] ?? null;
            if (is_string($value)) {
                $said[] = $enum::from($value)->label();
            }
        }
        foreach (['amps' => ' A', 'volts' => ' V'] as $field => $unit) {
            if (is_int($set[$field] ?? null) || is_float($set[$field] ?? null)) {
                array_splice($said, min(1, count($said)), 0, [$set[$field] . $unit]);
            }
        }
        if (is_string($set['circuit'] ?? null)) {
            $said[] = "circuit {$this->house->circuit($set['circuit'])->slot}";
        }
        foreach ($distances as $way) {
            $said[] = $this->way($way);
        }
        if (is_float($set['height_ft'] ?? null) || is_int($set['height_ft'] ?? null)) {
            $said[] = Length::spoken((float) $set['height_ft'], $this->house->code->unit()) . ' high';
        }
        if (is_object($set['halves'] ?? null) && is_string($set['halves']->switched ?? null)) {
            $said[] = mb_strtolower(Half::from($set['halves']->switched)->label()) . ' half switched';
        }
        $box = $set['box'] ?? null;
        $inBox = ['free_in' => ' in of free conductor', 'past_face_in' => ' in past the face', 'volume_in3' => ' in³ box'];
        foreach ($inBox as $key => $unit) {
            $value = is_object($box) ? $box->{$key} ?? null : null;
            if (is_int($value) || is_float($value)) {
                $said[] = $value . $unit;
            }
        }
        foreach ([
            'accessible' => ['within reach', 'out of reach'],
            'tr' => ['tamper-resistant', 'not tamper-resistant'],
            'wr' => ['weather-resistant', 'not weather-resistant'],
        ] as $field => [$yes, $no]) {
            if (is_bool($set[$field] ?? null)) {
                $said[] = $set[$field] ? $yes : $no;
            }
        }

        return implode(', ', $said);
    }

    /** @param array<string, mixed> $way */
    private function way(array $way): string
    {
        $fixture = $this->house->fixture(is_string($way['fixture']) ? $way['fixture'] : '');
        $ft = is_float($way['ft']) || is_int($way['ft']) ? (float) $way['ft'] : 0.0;
        $crosses = is_string($way['crosses'] ?? null) ? Crosses::from($way['crosses']) : Crosses::None;
        $elsewhere = $this->house->areaOfFixture($fixture->id);

        return Length::spoken($ft, $this->house->code->unit()) . ' from ' . mb_strtolower($fixture->kind->label())
            . ($elsewhere->id === $this->area->id ? '' : " in {$elsewhere->code}")
            . ($crosses === Crosses::None ? '' : ' through ' . lcfirst($crosses->label()));
    }
}
