<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\BreakerListing;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Panel;

/** A breaker and its circuit: `#7 20 gfci "Kitchen left"`, `#1/3 50 240v Range`, `#2 15 Bench on "Workshop panel"`. */
final readonly class CircuitLine
{
    public function __construct(private House $house)
    {
    }

    /** @param list<Word> $words after the slot */
    public function read(string $slot, array $words): EnteredLine
    {
        $faults = [];
        [$words, $named] = $this->panelNamed($words, $faults);
        $circuit = $this->bySlot($slot, $named);
        $panel = $named ?? $this->house->panels[0] ?? null;
        $set = $circuit === null ? ['slot' => $slot, 'panel' => $panel->id ?? ''] : [];
        $label = [];
        foreach ($words as $word) {
            $plain = $word->plain();
            $breaker = Shorthand::breaker($plain);
            if (! $word->quoted && preg_match('/^(\d{2,3})(?:a|amp|amps)?$/', $plain, $amps) === 1) {
                $set['amps'] = (int) $amps[1];
            } elseif (! $word->quoted && in_array($plain, ['240v', '240', '2p'], true)) {
                $set['volts'] = 240;
                $set['poles'] = 2;
            } elseif (! $word->quoted && in_array($plain, ['120v', '1p'], true)) {
                $set['volts'] = 120;
                $set['poles'] = 1;
            } elseif ($word->is('combo', 'combination')) {
                $set['breaker'] = self::together($set['breaker'] ?? null, BreakerType::Afci)->value;
                $set['breaker_listing'] = BreakerListing::Combination->value;
            } elseif (! $word->quoted && $breaker !== null) {
                $set['breaker'] = self::together($set['breaker'] ?? null, $breaker)->value;
            } else {
                $label[] = $word->text;
            }
        }
        if ($label !== []) {
            $set['label'] = implode(' ', $label);
        }
        if ($circuit === null && $panel === null) {
            $faults[] = new EntryFault(0, 1, 'There is no panel yet: add one first');
        }
        if ($circuit === null && ! isset($set['amps'])) {
            $faults[] = new EntryFault(0, 1 + mb_strlen($slot), 'Say its amperes, as in "#7 20 Kitchen left"');
        }
        if ($circuit === null) {
            $set += ['label' => "Circuit $slot"];
        }
        $said = array_filter(
            [
                isset($set['amps']) ? "{$set['amps']} A" : null,
                isset($set['volts']) ? "{$set['volts']} V" : null,
                $set['breaker'] ?? null,
                isset($set['breaker_listing']) ? 'combination type' : null,
                $set['label'] ?? null,
            ],
            fn(?string $s): bool => $s !== null,
        );

        return new EnteredLine(
            'circuits',
            $circuit->id ?? FreeId::in($this->house, 'c' . strtr($slot, '/', '-')),
            $circuit === null,
            $set,
            ($circuit === null ? 'New circuit ' : 'Circuit ') . "$slot: " . implode(', ', $said),
            $faults,
        );
    }

    /** Arc and ground fault said of one breaker are a dual one; otherwise the last word stands. */
    private static function together(?string $before, BreakerType $breaker): BreakerType
    {
        $both = [$before, $breaker->value];
        sort($both);

        return $both === [BreakerType::Afci->value, BreakerType::Gfci->value] ? BreakerType::Dual : $breaker;
    }

    /**
     * Takes `on PANEL` out of the line: the panel by its name, or the beginning of it.
     *
     * @param list<Word> $words
     * @param list<EntryFault> $faults
     *
     * @return array{list<Word>, Panel|null}
     */
    private function panelNamed(array $words, array &$faults): array
    {
        foreach ($words as $i => $word) {
            $next = $words[$i + 1] ?? null;
            if ($word->quoted || $word->plain() !== 'on' || $next === null) {
                continue;
            }
            $panels = array_values(
                array_filter(
                    $this->house->panels,
                    fn(Panel $panel): bool => str_starts_with(mb_strtolower($panel->name), mb_strtolower($next->text)),
                ),
            );
            if (count($panels) !== 1) {
                $faults[] = EntryFault::at(
                    $next,
                    $panels === [] ? "There is no panel {$next->text} yet" : 'Several panels begin like that: write more of its name',
                );
            }
            array_splice($words, $i, 2);

            return [$words, $panels[0] ?? null];
        }

        return [$words, null];
    }

    private function bySlot(string $slot, ?Panel $panel): ?Circuit
    {
        foreach ($this->house->circuits as $circuit) {
            if ($circuit->slot === $slot && ($panel === null || $circuit->panel === $panel->id)) {
                return $circuit;
            }
        }

        return null;
    }
}
