<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Measured;
use Bouclier\Core\House\Point;

/** An outlet written as a line of quick entry, the mirror of {@see OutletLine}: what it writes reads back as the same outlet. */
final readonly class OutletWords
{
    public function __construct(private House $house)
    {
    }

    /** The line, after its location, that says everything quick entry knows of the outlet. */
    public function of(Point $point): string
    {
        $area = $this->house->areaOf($point);
        $words = [];
        $choices = [
            'serves' => $point->serves, 'device' => $point->device, 'kind' => $point->kind, 'exposure' => $point->exposure,
            'cover' => $point->cover, 'ground' => $point->ground, 'yoke' => $point->yoke,
        ];
        foreach (Shorthand::ofOutlet() as [, $list, $field]) {
            $choice = $choices[$field] ?? null;
            if ($choice !== null) {
                $words[] = $list[$choice->value][0];
            }
        }
        foreach (['a' => $point->amps, 'v' => $point->volts] as $unit => $value) {
            if ($value !== null) {
                $words[] = Length::lean($value) . $unit;
            }
        }
        if ($point->circuit !== null) {
            $words[] = '#' . $this->house->circuit($point->circuit)->slot;
        }
        foreach ($point->distances() as $distance) {
            $words[] = $this->way($distance, $area);
        }
        if ($point->heightFt !== null) {
            $words[] = 'high ' . Length::written($point->heightFt, $this->house->code->unit());
        }
        foreach (Shorthand::BOX_LENGTH as $word => $field) {
            $inches = $field === 'free_in' ? $point->box?->freeIn : $point->box?->pastFaceIn;
            if ($inches !== null) {
                $words[] = "$word " . Length::lean($inches) . 'in';
            }
        }
        if ($point->box?->volumeIn3 !== null) {
            $words[] = 'box ' . Length::lean($point->box->volumeIn3);
        }
        foreach (['accessible' => ['reach', 'hidden'], 'tr' => ['tr', 'nottr'], 'wr' => ['wr', 'notwr']] as $field => [$yes, $no]) {
            if (is_bool($point->{$field})) {
                $words[] = $point->{$field} ? $yes : $no;
            }
        }
        $words[] = '"' . strtr($point->name, '"', "'") . '"';

        return implode(' ', $words);
    }

    private function way(Distance $distance, Area $area): string
    {
        $fixture = $this->house->fixture($distance->fixture);
        $home = $this->house->areaOfFixture($fixture->id);
        $alone = count($home->fixturesOf($fixture->kind)) === 1;
        $word = Shorthand::FIXTURE[$fixture->kind->value][0];
        $named = match (true) {
            $alone && $home->id === $area->id => $word,
            $alone => "$word {$home->code}",
            default => "@{$fixture->id}",
        };
        $crosses = $distance->crosses === null ? '' : ' ' . Shorthand::CROSSES[$distance->crosses->value][0];

        return Length::written(
            $distance->ft,
            $this->house->code->unit(),
        ) . " $named$crosses" . ($distance->measured === Measured::Horizontal ? ' flat' : '');
    }
}
