<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\House\Point;

/**
 * One line adds or changes one thing: an outlet (`K1 ct 20 gfci 2'6 sink`), a room (`K1 kit sink`), a circuit (`#7 20 gfci "Kitchen
 * left"`, `#5/7 20 gfci 2p` for two that share a neutral), something plugged in (`+ kettle K1-02 1500w`) or a panel (`panel "Workshop
 * panel" from #9`). The first word says which: a known location code, a new code with a kind of room, or a slot. Without it the line goes
 * on in the room of the last one. A code alone adds nothing: it goes there. Works with dictated text, which is plain words.
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
        $points = $this->points($words);
        if ($points !== []) {
            return $this->ofPoints($points, array_slice($words, count($points)), $last);
        }
        $named = $first->quoted ? null : LocationCodes::area($this->house, $first->text);
        $isCode = ! $first->quoted && preg_match('/^[A-Za-z]{1,3}\d{1,3}$/', $first->text) === 1;
        if ($named !== null && $rest === []) {
            return new EnteredLine('areas', $named->id, false, [], "{$named->code} {$named->name}", [], $named->id);
        }
        if ($isCode && ($named === null || RoomLine::isAbout(...$rest))) {
            return (new RoomLine($this->house))->read($named->code ?? strtoupper($first->text), $named, $rest);
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

    /**
     * The outlets a line begins with: `K1-03`, `K1-03,04`, `K1-03 K1-05`. Numbers alone are of the room before, after a comma.
     *
     * @param list<Word> $words
     *
     * @return list<Point>
     */
    private function points(array $words): array
    {
        $points = [];
        foreach ($words as $word) {
            $before = $points === [] ? null : $points[count($points) - 1];
            $code = $before !== null && $word->joined && preg_match('/^\d{1,2}$/', $word->text) === 1
                ? $this->house->areaOf($before)->code . sprintf('-%02d', (int) $word->text)
                : $word->text;
            $point = $word->quoted ? null : LocationCodes::point($this->house, $code);
            if ($point === null) {
                return $points;
            }
            $points[] = $point;
        }

        return $points;
    }

    /**
     * @param non-empty-list<Point> $points
     * @param list<Word> $rest what is said of each of them
     */
    private function ofPoints(array $points, array $rest, ?string $last): EnteredLine
    {
        $lines = array_map(
            fn(Point $point): EnteredLine => (new OutletLine($this->house))->read(
                $this->house->areaOf($point),
                $point,
                $rest,
                $this->lastPoint($last),
            ),
            $points,
        );
        if (count($lines) === 1) {
            return $lines[0];
        }
        $codes = implode(', ', array_map(fn(Point $point): string => $point->code, $points));
        $first = $lines[0];
        $faults = array_merge(...array_map(fn(EnteredLine $line): array => $line->faults, $lines));

        return new EnteredLine(
            $first->in,
            $first->id,
            false,
            $first->set,
            $codes . mb_substr($first->echo, mb_strlen($points[0]->code)),
            array_values(array_unique($faults, SORT_REGULAR)),
            $first->area,
            array_slice($lines, 1),
        );
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
