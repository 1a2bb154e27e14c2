<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Rework;

/** A pair landed otherwise than it is drawn: as a cause, split between LINE and LOAD of a device. */
final readonly class SplitPair extends Fault
{
    public function __construct(Spot $at, public Landing $landing)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'land';
    }

    public static function places(): array
    {
        return ['cable'];
    }

    public static function of(SaidOfFault $said): self
    {
        return new self($said->at, $said->landing());
    }

    public static function frequencies(): array
    {
        return [new Frequency('cable', 0.008, 'A split pair at a device')];
    }

    public static function possibleAt(Surroundings $around): array
    {
        $cable = $around->cable();
        $possible = [];
        foreach ([[$cable?->fromPoint(), true], [$cable?->to->point, false]] as [$end, $atFrom]) {
            if ($cable === null || $end === null || ! $around->house->point($end)->device->feedsThrough()) {
                continue;
            }
            foreach ([[Land::Load, Land::Line], [Land::Line, Land::Load]] as [$hot, $neutral]) {
                $split = new self(new Spot(cable: $cable->id, atFrom: $atFrom), new Landing($hot, $neutral));
                $possible[] = new Possible(self::cause($split->at, $hot), [$split]);
            }
        }

        return $possible;
    }

    /** The id of it as a cause. */
    public static function cause(Spot $end, Land $hot): string
    {
        return "land:{$end->cable}:" . ($end->atFrom ? 'from' : 'to') . ":{$hot->value}";
    }

    public function said(): array
    {
        return [
            'kind' => self::name(), 'at' => $this->at->said(withEnd: true),
            'hot' => $this->landing->hot->value, 'neutral' => $this->landing->neutral->value,
        ];
    }

    public function rewires(Rework $rework): void
    {
        $rework->lands($this->at->cable ?? '', $this->at->atFrom, $this->landing);
    }

    public function joinsConductors(): bool
    {
        return true;
    }

    public function isAtNearEnd(): bool
    {
        return $this->at->atFrom;
    }

    public function box(House $house): ?Point
    {
        $cable = $house->findCable($this->at->cable);
        $end = $this->at->atFrom ? $cable?->fromPoint() : $cable?->to->point;

        return $end === null ? null : $house->point($end);
    }

    public function shows(House $house): array
    {
        return $this->landing->isMixed() ? ['pair_split' => 0.8] : [];
    }

    public function isHandwork(): bool
    {
        return true;
    }

    public function spoken(Places $places): string
    {
        [$box, $towards] = $this->at->atFrom ? [$this->start($places), $this->end($places)] : [$this->end($places), $this->start($places)];
        $on = $this->landing->hot === Land::Load ? 'hot on LOAD, neutral on LINE' : 'hot on LINE, neutral on LOAD';

        return "pair towards $towards split at $box: $on";
    }

    public function repair(Places $places): array
    {
        return [
            self::dead($this->at->atFrom ? $this->start($places) : $this->end($places)),
            'Hot and neutral of one cable on the same side: both on LOAD, or both on LINE.',
        ];
    }

    public function proof(Places $places): string
    {
        return 'TEST darkens the face and every outlet that is to be protected, and no other.';
    }
}
