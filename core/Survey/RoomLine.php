<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;

/** A room and its water: `B2 bath tub sink upstairs Upper bath`, `B2 same as B1`. */
final class RoomLine
{
    /** Rooms in which two bowls are two basins, and not one sink. */
    private const TWO_BASINS = [AreaKind::Bathroom, AreaKind::Laundry];

    /** Said before a name. */
    private const CALLED = ['name', 'named', 'called'];

    private ?Area $area;

    private string $id;

    private ?AreaKind $kind;

    private bool $kindSaid = false;

    /** @var array<string, mixed> */
    private array $set = [];

    /** @var list<array{id: string, kind: string}> */
    private array $fixtures;

    /** @var list<string> */
    private array $name = [];

    /** Whether the word before was part of a name without quotes. */
    private bool $isNaming = false;

    /** @var list<EntryFault> */
    private array $faults = [];

    public function __construct(private readonly House $house)
    {
    }

    /** Whether a line that begins with the code of a room is about the room itself, and not about an outlet in it. */
    public static function isAbout(Word ...$words): bool
    {
        $first = $words[0] ?? null;
        if ($first === null) {
            return false;
        }
        if ($first->is(...self::CALLED) || ($first->is('same') && ($words[1] ?? null)?->is('as') === true)) {
            return true;
        }
        if (Shorthand::areaKind($first->plain()) !== null && Shorthand::fixture($first->plain()) === null) {
            return true;
        }
        $outlets = Shorthand::outletWords();
        $rooms = [...Shorthand::roomWords(), ...Shorthand::FILLERS];
        // A name without quotes ends in the kind of room it names: Tool shed, Upper bath.
        $endsInKind = Shorthand::areaKind($words[count($words) - 1]->plain()) !== null;
        $isNaming = false;
        foreach ($words as $i => $word) {
            $plain = $word->plain();
            $isKind = Shorthand::areaKind($plain) !== null;
            $isRooms = in_array($plain, array_diff($rooms, $outlets), true) && Shorthand::fixture($plain) === null;
            $isOwn = ! in_array($plain, [...$outlets, ...$rooms], true) && preg_match('/^\p{L}{2,}/u', $word->text) === 1;
            if (! $word->quoted && ! $isKind && ! $isRooms && ! ($isOwn && $endsInKind)) {
                return false;
            }
            $isNaming = $isNaming || $word->quoted || ($isKind && ($i > 0 || count($words) === 1));
        }

        return $isNaming;
    }

    /** @param list<Word> $words after the room's code */
    public function read(string $code, ?Area $area, array $words): EnteredLine
    {
        if (($words[0] ?? null)?->is('same') === true) {
            return $this->likeAnother($code, $area, $words);
        }
        $this->area = $area;
        $this->id = $area->id ?? FreeId::in($this->house, strtolower($code));
        $this->set = $area === null ? ['code' => $code] : [];
        $this->kind = $area?->kind;
        $this->fixtures = array_map(fn(Fixture $f): array => ['id' => $f->id, 'kind' => $f->kind->value], $area?->fixtures() ?? []);
        $bowls = 1;
        $another = false;
        foreach ($words as $word) {
            $bowls = $word->is('double', 'two', 'x2') ? 2 : $bowls;
            $another = $another || $word->is(...Shorthand::ANOTHER);
            if ($word->is('double', 'two', 'x2', 'basins', ...Shorthand::ANOTHER, ...self::CALLED)) {
                continue;
            }
            $this->word($word, $bowls, $another);
            $isWater = Shorthand::fixture($word->plain()) !== null;
            [$bowls, $another] = $isWater ? [1, false] : [$bowls, $another];
        }
        if ($this->name !== []) {
            $this->set['name'] = implode(' ', $this->name);
        }
        if ($area === null && $this->kind === null) {
            $this->faults = [$this->noKind($code, $words)];
        }
        if ($area === null && ! isset($this->set['name'])) {
            $this->set['name'] = ($this->kind ?? AreaKind::Similar)->label();
        }

        return new EnteredLine('areas', $this->id, $area === null, $this->set, $this->spoken($code), $this->faults, $this->id);
    }

    private function word(Word $word, int $bowls, bool $another): void
    {
        $naming = $this->isNaming;
        $plain = $word->plain();
        $grade = Shorthand::grade($plain);
        $fixture = Shorthand::fixture($plain);
        $named = Shorthand::areaKind($plain);
        $this->isNaming = false;
        if ($word->quoted) {
            $this->name = [trim($word->text)];
        } elseif ($named !== null && $naming) {
            // Tool shed: the last word of its own name says what it is as well.
            $this->name[] = $word->text;
            $this->kindIs($this->kindSaid ? null : $named);
        } elseif ($named !== null && ! $this->kindSaid && ($fixture === null || $this->kind === null)) {
            $this->kindIs($named);
            if ($this->area === null && in_array($plain, Shorthand::ROOM_NAMES, true)) {
                $this->set['name'] = ucfirst($plain);
            }
        } elseif ($fixture !== null) {
            $this->water($word, $fixture, $bowls > 1 && ($this->kind === null || in_array($this->kind, self::TWO_BASINS, true)), $another);
        } elseif ($plain === 'combo' || $plain === 'tub/shower') {
            $this->water($word, FixtureKind::Bathtub, false, $another);
            $this->water($word, FixtureKind::Shower, false, $another);
        } elseif ($grade !== null) {
            $this->set['grade'] = $grade->value;
        } elseif ($word->is('unfinished', 'finished')) {
            $this->set['finished'] = $plain === 'finished';
        } elseif (! $word->is(...Shorthand::FILLERS)) {
            $this->own($word);
        }
    }

    private function kindIs(?AreaKind $kind): void
    {
        if ($kind !== null) {
            [$this->kind, $this->kindSaid, $this->set['kind']] = [$kind, true, $kind->value];
        }
    }

    /** A second of a kind is not added by saying the room over again: it is asked whether there is another. */
    private function water(Word $word, FixtureKind $kind, bool $isTwo, bool $another): void
    {
        if (! $another && $this->area?->hasFixture($kind) === true) {
            $label = mb_strtolower($kind->label());
            $this->faults[] = EntryFault::at(
                $word,
                "{$this->area->code} has a $label. Another $label?",
                ["another {$word->text}"],
            );

            return;
        }
        foreach (range(1, $isTwo ? 2 : 1) as $ignored) {
            $this->fixtures[] = [
                'id' => FreeId::in($this->house, "{$this->id}-{$kind->value}", array_column($this->fixtures, 'id')),
                'kind' => $kind->value,
            ];
        }
        $this->set['fixtures'] = $this->fixtures;
    }

    /** A word that is none of the room's is part of its name, unless it looks like a slip. */
    private function own(Word $word): void
    {
        $nearest = preg_match('/^\p{Lu}/u', $word->text) === 1 ? null : Shorthand::nearest($word->plain(), Shorthand::roomWords());
        if (preg_match('/^[\p{L}\']{2,}/u', $word->text) === 1 && $nearest === null) {
            $this->name[] = $word->text;
            $this->isNaming = true;

            return;
        }
        $this->faults[] = EntryFault::at(
            $word,
            $nearest === null
                ? 'A room takes its kind, its water (sink, tub, shower, hydro, pool), above or below, unfinished, and a name'
                : "Is \"{$word->text}\" a \"$nearest\", or the room's name?",
            $nearest === null ? ["\"{$word->text}\""] : [$nearest, "\"{$word->text}\""],
        );
    }

    /** @param list<Word> $words */
    private function noKind(string $code, array $words): EntryFault
    {
        $at = $words[0] ?? new Word($code, 0, mb_strlen($code));

        return EntryFault::at($at, "There is no room $code yet: say what it is, as in \"$code kit sink\"");
    }

    /** @param list<Word> $words `same as B1` */
    private function likeAnother(string $code, ?Area $area, array $words): EnteredLine
    {
        $last = $words[count($words) - 1];
        $like = LocationCodes::area($this->house, $last->text);
        if ($like === null || $area !== null) {
            $fault = $like === null
                ? EntryFault::at($last, "There is no room {$last->text} to be like")
                : EntryFault::at($words[0], "$code is there: a room like {$like->code} takes a code of its own");

            return new EnteredLine('', '', false, [], "Room $code", [$fault], null);
        }

        return RoomCopy::of($this->house, $like, $code);
    }

    private function spoken(string $code): string
    {
        $said = array_filter(
            [
                $this->kind?->label(),
                $this->set['grade'] ?? null,
                implode(', ', array_map(fn(array $f): string => $f['kind'], $this->fixtures)),
                $this->name === [] ? null : '"' . implode(' ', $this->name) . '"',
            ],
            fn(mixed $s): bool => is_string($s) && $s !== '',
        );

        return ($this->area === null ? 'New room ' : 'Room ') . "$code: " . implode(', ', $said);
    }
}
