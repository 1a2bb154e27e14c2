<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/**
 * One line adds or changes one thing: an outlet (`K1 ct 20 gfci 2'6 sink`), a room (`K1 kit sink`), a circuit (`#7 20 gfci "Kitchen
 * left"`, `#5/7 20 gfci 2p` for two that share a neutral), something plugged in (`+ kettle K1-02 1500w`) or a panel (`panel "Workshop
 * panel" from #9`). The first word says which: a known location code, a new code with a kind of room, or a slot. Without it the line goes
 * on in the room of the last one. Works with dictated text, which is plain words.
 */
final readonly class QuickEntry
{
    public function __construct(private House $house)
    {
    }

    /**
     * @param string|null $area the room of the last line
     * @param string|null $last the outlet of the last line: what `same` repeats
     */
    public function parse(string $line, ?string $area = null, ?string $last = null): EnteredLine
    {
        $words = Word::of($line);
        if ($words === []) {
            return new EnteredLine('', '', false, [], '', [], $area);
        }
        $first = $words[0];
        $rest = array_slice($words, 1);
        if (! $first->quoted && preg_match('/^#(\S{1,20})$/', $first->text, $slot) === 1) {
            return (new TwoPoleLine($this->house))->read($slot[1], $rest) ?? (new CircuitLine($this->house))->read($slot[1], $rest);
        }
        if ($first->text === '+') {
            return (new ApplianceLine($this->house))->read($rest);
        }
        if ($first->plain() === 'panel') {
            return (new PanelLine($this->house))->read($rest);
        }
        $point = $this->pointByCode($first);
        if ($point !== null) {
            return (new OutletLine($this->house))->read($this->house->areaOf($point), $point, $rest, $this->lastPoint($last));
        }
        $named = $this->areaByCode($first);
        $kind = isset($rest[0]) ? Shorthand::areaKind($rest[0]->plain()) : null;
        $isCode = ! $first->quoted && preg_match('/^[A-Za-z]{1,3}\d{1,3}$/', $first->text) === 1;
        if ($isCode && ($named === null || $this->looksLikeRoom($rest))) {
            if ($kind === null && $named === null) {
                $at = $rest[0] ?? $first;

                return new EnteredLine(
                    '',
                    '',
                    false,
                    [],
                    "Room {$first->text}",
                    [EntryFault::at($at, "There is no room {$first->text} yet: say what it is, as in \"{$first->text} kit sink\"")],
                    $area,
                );
            }

            return (new RoomLine($this->house))->read(strtoupper($first->text), $named, $rest);
        }
        if ($named !== null) {
            return (new OutletLine($this->house))->read($named, null, $rest, $this->lastPoint($last));
        }
        $here = $area === null ? null : $this->areaById($area);
        if ($here === null) {
            return new EnteredLine(
                '',
                '',
                false,
                [],
                '',
                [EntryFault::at($first, 'Begin with a room, as in "K1 kit sink", or with an outlet of one')],
                $area,
            );
        }

        return (new OutletLine($this->house))->read($here, null, $words, $this->lastPoint($last));
    }

    /** @param list<Word> $rest a room line holds nothing but words for rooms, their water and their grade */
    private function looksLikeRoom(array $rest): bool
    {
        return $rest !== [] && Shorthand::areaKind($rest[0]->plain()) !== null && Shorthand::fixture($rest[0]->plain()) === null;
    }

    private function pointByCode(Word $word): ?Point
    {
        foreach ($word->quoted ? [] : $this->house->points as $point) {
            if (mb_strtolower($point->code) === $word->plain()) {
                return $point;
            }
        }

        return null;
    }

    private function areaByCode(Word $word): ?Area
    {
        foreach ($word->quoted ? [] : $this->house->areas as $area) {
            if (mb_strtolower($area->code) === $word->plain()) {
                return $area;
            }
        }

        return null;
    }

    private function areaById(string $id): ?Area
    {
        foreach ($this->house->areas as $area) {
            if ($area->id === $id) {
                return $area;
            }
        }

        return null;
    }

    private function lastPoint(?string $id): ?Point
    {
        return $id !== null && $this->house->hasPoint($id) ? $this->house->point($id) : null;
    }
}
