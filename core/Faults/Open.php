<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Rework;

/** One conductor of a cable open at its near end, or the ground pigtail of a device off. */
final readonly class Open extends Joint
{
    public function __construct(Spot $at, public Conductor $conductor)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'open';
    }

    public static function places(): array
    {
        return ['cable', 'point'];
    }

    public static function of(SaidOfFault $said): self
    {
        $before = count($said->wrong);
        $conductor = $said->conductor();
        if ($said->at->point !== null && ($conductor !== Conductor::Ground || count($said->wrong) > $before)) {
            $said->isWrong('/conductor', 'at a point only the ground pigtail can be open');
        }

        return new self($said->at, $conductor);
    }

    public static function frequencies(): array
    {
        return [new Frequency('cable', 0.010, 'A conductor is open at a joint'), new Frequency('point', 0.010, 'A ground pigtail is off')];
    }

    public static function possibleAt(Surroundings $around): array
    {
        $possible = [];
        foreach ($around->at->cable === null ? [Conductor::Ground] : Conductor::cases() as $conductor) {
            $open = new self($around->at, $conductor);
            $possible[] = new Possible(
                self::cause($around->at->id(), $conductor),
                [$open],
                $conductor === Conductor::Ground ? [] : [$open],
            );
        }

        return $possible;
    }

    /** The id of it as a cause. */
    public static function cause(string $place, Conductor $conductor): string
    {
        return "open:$place:{$conductor->value}";
    }

    protected function details(): array
    {
        return ['conductor' => $this->conductor->value];
    }

    public function inSeries(): ?array
    {
        // A ground that is open is built anew: what little leaks through its capacitance is all there is to read.
        return $this->at->cable === null || $this->conductor === Conductor::Ground ? null : [$this->conductor, INF];
    }

    public function rewires(Rework $rework): void
    {
        $this->at->cable === null
            ? $rework->opensPigtail($this->at->point ?? '')
            : $rework->atNearEnd($this->at->cable, $this->conductor, INF);
    }

    public function shows(House $house): array
    {
        return $this->at->cable === null ? ['ground_missing' => 0.9] : ['loose' => 0.5];
    }

    public function mayBeFelt(): bool
    {
        return $this->conductor === Conductor::Ground;
    }

    public function takesGround(): bool
    {
        return $this->conductor === Conductor::Ground;
    }

    public function showsByLoad(): bool
    {
        // What runs beyond it carries the hot over to the neutral.
        return $this->conductor === Conductor::Neutral;
    }

    public function lacksGround(Places $places): bool
    {
        return $this->conductor === Conductor::Ground && $this->at->cable !== null && $places->hasNoGround($this->at->cable);
    }

    public function spoken(Places $places): string
    {
        return match (true) {
            $this->at->cable === null => "ground pigtail off at {$places->spot($this->at)}",
            $this->lacksGround($places) => "no ground in {$places->spot($this->at)}",
            default => "{$this->conductor->value} open at {$this->start($places)}, towards {$this->end($places)}",
        };
    }

    public function repair(Places $places): array
    {
        return match (true) {
            $this->at->cable === null => [
                self::dead($this->end($places)),
                'New pigtail from the splice of the grounds to the green screw.',
            ],
            $this->lacksGround($places) => [self::dead($this->end($places)), 'Run a ground in, or ' . self::withoutGround($places)],
            default => [
                $this->deadAtStart($places),
                "Remake the {$this->conductor->value} joint towards {$this->end($places)}: connector or screw, not a push-in.",
                'Pull test on it.',
            ],
        };
    }

    public function proof(Places $places): string
    {
        return $this->lacksGround($places)
            ? 'TEST of the device that protects it: it is dead. The tester\'s button proves nothing where there is no ground.'
            : self::CORRECT;
    }
}
