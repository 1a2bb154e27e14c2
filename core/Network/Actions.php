<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;

/** The `actions` of a house file. The schema has seen their shape; here it is checked that they are about things that are there. */
final class Actions
{
    /** @var list<FileFault> */
    public array $wrong = [];

    /** @var list<Action> */
    public array $all = [];

    /** @var array<int, true> numbers of those that name what is not there */
    public array $unusable = [];

    private function __construct(private readonly Places $places)
    {
    }

    public static function of(House $house): self
    {
        $actions = new self(new Places($house));
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
        $text = fn(string $key): ?string => is_string($data->{$key} ?? null) ? $data->{$key} : null;
        $kind = ActionKind::tryFrom($text('do') ?? '') ?? ActionKind::Walk;
        $at = ($data->at ?? null) instanceof \stdClass
            ? Spot::fromData($data->at)
            : new Spot($text('point'), $text('circuit'), $text('cable'), appliance: $text('appliance'));
        foreach ($kind->names() as $key => $allowed) {
            $spot = match ($key) {
                'to' => new Spot(point: $text('to')),
                'pair' => new Spot(cable: $text('pair')),
                default => $at,
            };
            foreach ($this->places->faults($spot, $allowed, $pointer) as $fault) {
                // A plain id is under its own key, a place under `at`.
                $this->wrong[] = new FileFault($key === 'at' ? "$pointer/at" . substr($fault->pointer, strlen($pointer)) : "$pointer/$key", $fault->message);
            }
        }
        if ($kind === ActionKind::Plug && $text('to') !== null) {
            foreach ($this->places->faults(new Spot(point: $text('to')), ['point'], $pointer) as $fault) {
                $this->wrong[] = new FileFault("$pointer/to", $fault->message);
            }
        }
        $number = fn(string $key): float => is_numeric($data->{$key} ?? null) ? (float) $data->{$key} : 0.0;

        return new Action(
            $kind,
            $at,
            $text('to'),
            $text('pair'),
            ($data->on ?? false) === true,
            $text('between') ?? 'hn',
            ($data->low_z ?? false) === true,
            Conductor::tryFrom($text('conductor') ?? '') ?? Conductor::Hot,
            $number('minutes'),
            (int) $number('days'),
        );
    }
}
