<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\KnownPlaces;
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

    public static function of(House $house): self
    {
        $actions = new self(new KnownPlaces($house));
        $section = $house->sections['actions'] ?? [];
        foreach (is_array($section) ? array_values($section) : [] as $index => $data) {
            if ($data instanceof \stdClass) {
                $before = count($actions->wrong);
                $actions->all[] = $actions->action($data, "/actions/$index");
                if (count($actions->wrong) > $before) {
                    $actions->unusable[count($actions->all) - 1] = true;
                }
            }
        }

        return $actions;
    }

    private function action(\stdClass $data, string $pointer): Action
    {
        $said = new SaidOfAction($data);
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
