<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\KnownPlaces;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Spot;

/** The `actions` of a house file. The schema has seen their shape; here it is checked that they are about things that are there. */
final class ActionList
{
    /** @var list<FileFault> */
    public array $wrong = [];

    /** @var list<Action> */
    public array $all = [];

    /** @var array<int, true> numbers of those that name what is not there */
    public array $unusable = [];

    private function __construct(private readonly KnownPlaces $places)
    {
    }

    /** What the file asks to be done. */
    public static function of(House $house): self
    {
        return self::read($house, $house->actions ?? [], fn(int $number): string => "/actions/$number");
    }

    /**
     * @param list<Loose> $said
     * @param \Closure(int): string $pointer where in the file one of them stands, by its number
     */
    public static function read(House $house, array $said, \Closure $pointer): self
    {
        $actions = new self(new KnownPlaces($house));
        foreach ($said as $number => $one) {
            $before = count($actions->wrong);
            $actions->all[] = $actions->action($one, $pointer($number));
            if (count($actions->wrong) > $before) {
                $actions->unusable[$number] = true;
            }
        }

        return $actions;
    }

    private function action(Loose $one, string $pointer): Action
    {
        $said = new SaidOfAction($one);
        $kind = Kinds::named($said->text('do') ?? '');
        foreach ($kind::places() as $key => $allowed) {
            $spot = match ($key) {
                'to' => new Spot(point: $said->text('to')),
                'pair' => new Spot(cable: $said->text('pair')),
                default => $said->at,
            };
            foreach ($this->places->faults($spot, $allowed, $pointer) as $fault) {
                // A plain id is under its own key, a place under `at`.
                $this->wrong[] = new FileFault(
                    $key === 'at' ? "$pointer/at" . substr($fault->pointer, strlen($pointer)) : "$pointer/$key",
                    $fault->message,
                );
            }
        }
        if ($said->text('to') !== null && ! isset($kind::places()['to']) && $kind::mayGoTo()) {
            foreach ($this->places->faults(new Spot(point: $said->text('to')), ['point'], $pointer) as $fault) {
                $this->wrong[] = new FileFault("$pointer/to", $fault->message);
            }
        }

        return $kind::of($said);
    }
}
