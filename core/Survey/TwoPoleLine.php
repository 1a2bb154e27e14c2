<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Leg;

/**
 * One two-pole protective breaker on two circuits that share a neutral: `#5/7 20 gfci 2p "Kitchen"`. At 240 V, or above 20 A, such a
 * breaker feeds one circuit, and {@see CircuitLine} reads it.
 */
final readonly class TwoPoleLine
{
    private const MOST_AMPS = 20;

    public function __construct(private House $house)
    {
    }

    /**
     * @param list<Word> $words after the slots
     *
     * @return EnteredLine|null null where the line says something else
     */
    public function read(string $slots, array $words): ?EnteredLine
    {
        $plain = array_map(fn(Word $word): string => $word->quoted ? '' : $word->plain(), $words);
        $breakers = array_filter(array_map(Shorthand::breaker(...), $plain), fn($breaker): bool => $breaker?->isProtective() === true);
        $amps = array_values(array_filter($plain, fn(string $word): bool => preg_match('/^\d{2,3}(a|amp|amps)?$/', $word) === 1));
        if (preg_match('~^([^/]+)/([^/]+)$~', $slots, $halves) !== 1
            || ! in_array('2p', $plain, true)
            || $breakers === []
            || array_intersect($plain, ['240v', '240']) !== []
            || (int) ($amps[0] ?? 0) > self::MOST_AMPS
            || $this->bySlot($slots) !== null) {
            return null;
        }
        $label = implode(' ', array_map(
            fn(Word $word): string => $word->text,
            array_filter($words, fn(Word $word): bool => $word->quoted || ! $this->isUnderstood($word->plain())),
        ));
        $set = array_filter([
            'amps' => isset($amps[0]) ? (int) $amps[0] : null,
            'breaker' => array_values($breakers)[0]->value,
            'common_trip' => true,
        ], fn(mixed $value): bool => $value !== null);
        [$one, $other] = array_map(fn(string $slot): array => $this->half($slot), [$halves[1], $halves[2]]);
        $faults = ! isset($set['amps']) && ($one[1] || $other[1])
            ? [new EntryFault(0, 1 + mb_strlen($slots), 'Say its amperes, as in "#5/7 20 gfci 2p"')]
            : [];
        if ($this->house->panels === []) {
            $faults[] = new EntryFault(0, 1, 'There is no panel yet: add one first');
        }

        return $this->line($one, [...$set, 'leg' => Leg::A->value, 'multiwire_with' => $other[0]], $label, $faults, $slots, [
            $this->line($other, [...$set, 'leg' => Leg::B->value, 'multiwire_with' => $one[0]], $label, [], $slots),
        ]);
    }

    private function isUnderstood(string $word): bool
    {
        return in_array($word, ['2p', '120v'], true) || Shorthand::breaker($word) !== null || preg_match(
            '/^\d{2,3}(a|amp|amps)?$/',
            $word,
        ) === 1;
    }

    /**
     * @param array{string, bool, string} $half
     * @param array<string, mixed> $set
     * @param list<EntryFault> $faults
     * @param list<EnteredLine> $also
     */
    private function line(array $half, array $set, string $label, array $faults, string $slots, array $also = []): EnteredLine
    {
        [$id, $isNew, $slot] = $half;
        $named = $label !== '' ? ['label' => $label] : ($isNew ? ['label' => "Circuit $slot"] : []);
        $new = $isNew ? ['slot' => $slot, 'panel' => $this->house->panels[0]->id ?? ''] : [];
        $breaker = is_string($set['breaker'] ?? null) ? strtoupper($set['breaker']) : '';

        return new EnteredLine(
            'circuits',
            $id,
            $isNew,
            [...$new, ...$set, ...$named],
            "One two-pole $breaker breaker for $slots, which share a neutral; write 240v for one circuit of 240 V",
            $faults,
            also: $also,
        );
    }

    /** @return array{string, bool, string} id, whether it is new, and the slot */
    private function half(string $slot): array
    {
        $circuit = $this->bySlot($slot);

        return [$circuit->id ?? FreeId::in($this->house, "c$slot"), $circuit === null, $slot];
    }

    private function bySlot(string $slot): ?Circuit
    {
        foreach ($this->house->circuits as $circuit) {
            if ($circuit->slot === $slot) {
                return $circuit;
            }
        }

        return null;
    }
}
