<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\Choice;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\House\Measured;
use Bouclier\Core\House\OutletName;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;

/**
 * An outlet: `ct 20 gfci 2'6 sink`, words in any order, a length followed by the water it was measured to and what stands between. `x3`
 * adds three that are alike.
 */
final class OutletLine
{
    /** What `same` repeats from the outlet before. */
    private const REPEATED = [
        'kind', 'device', 'amps', 'volts', 'serves', 'exposure', 'cover', 'ground', 'yoke', 'height_ft', 'circuit', 'accessible',
        'tr', 'wr',
    ];

    /** Ratings that need no unit: a bare number is one of these or nothing. */
    private const AMPS = [10.0, 15.0, 20.0, 25.0, 30.0, 40.0, 50.0, 60.0];

    /** What `x9` may add at once. */
    private const MOST_ALIKE = 20;

    /** A length of one, said of several at once. */
    private const WHICH_OF_THEM = 'Which of them is that far from the water? Leave the length out, and set each by itself';

    /** Two yokes in one box, as they are called. */
    private const TWO_YOKES = ['quad', 'fourplex'];

    /** @var array<string, mixed> */
    private array $set = [];

    /** @var array<Word> by field: the word of this line that said it */
    private array $saidBy = [];

    /** @var array<array<string, mixed>> by fixture */
    private array $distances = [];

    /** @var array<int|float> what was seen in its box, by field */
    private array $box = [];

    /** @var list<EntryFault> */
    private array $faults = [];

    /** @var list<string> where in its room it is */
    private array $place = [];

    /** The first word that said so. */
    private ?Word $placedBy = null;

    private int $times = 1;

    private bool $isNamed = false;

    private Area $area;

    private ?Point $point = null;

    private Words $words;

    public function __construct(private readonly House $house)
    {
    }

    /**
     * @param Point|null $point the outlet to be changed, null for a new one
     * @param list<Word> $words after its location
     */
    public function read(Area $area, ?Point $point, array $words, ?Point $last): EnteredLine
    {
        $this->area = $area;
        $this->point = $point;
        $this->words = new Words($words);
        foreach ($point?->distances() ?? [] as $distance) {
            $this->distances[$distance->fixture] = PartForm::write($distance);
        }
        while (($word = $this->words->take()) !== null) {
            $this->word($word, $last);
        }
        $this->ratedVolts();

        return $point === null ? $this->added() : $this->changed($point);
    }

    private function changed(Point $point): EnteredLine
    {
        if ($this->place !== [] && ! $this->isNamed) {
            $kind = $this->chosen('kind', PointKind::class) ?? $point->kind;
            $serves = $this->chosen('serves', Serves::class) ?? $point->serves;
            $name = OutletName::of($kind, $serves, implode(', ', $this->place));
            OutletName::isOwn($point)
                ? $this->faults[] = $this->ownName($point, $name)
                : $this->set['name'] = $name;
        }

        return new EnteredLine(
            'points',
            $point->id,
            false,
            $this->set,
            "{$point->code}: {$this->spoken()}",
            $this->faults,
            $this->area->id,
        );
    }

    /** A name somebody gave is not written over by where the outlet is. */
    private function ownName(Point $point, string $name): EntryFault
    {
        $word = $this->placedBy ?? new Word('', 0, 0);

        return EntryFault::at($word, "{$point->code} is called \"{$point->name}\". Call it \"$name\"?", ["\"$name\""]);
    }

    /** One new outlet, or as many alike as the line says. */
    private function added(): EnteredLine
    {
        $kind = $this->chosen('kind', PointKind::class)
            ?? Assumptions::kind($this->chosen('serves', Serves::class))
            ?? PointKind::Receptacle;
        $set = $this->set + [
            'area' => $this->area->id,
            'kind' => $kind->value,
            'device' => Assumptions::device($kind)->value,
            'name' => OutletName::of($kind, $this->chosen('serves', Serves::class), implode(', ', $this->place)),
        ];
        $assumed = Assumptions::of($this->house, $set, isset($this->set['kind']) ? [] : ['kind']);
        $codes = LocationCodes::nextIn($this->house, $this->area, $this->times);
        $echo = "{$this->spokenCodes($codes)} {$this->area->name}: {$this->spoken($assumed)}";
        $lines = array_map(
            fn(string $code): EnteredLine => new EnteredLine(
                'points',
                FreeId::in($this->house, mb_strtolower($code)),
                true,
                ['code' => $code] + $set + $assumed,
                $echo,
                $this->faults,
                $this->area->id,
            ),
            $codes,
        );

        return $lines[0]->with(array_slice($lines, 1));
    }

    /** @param non-empty-list<string> $codes */
    private function spokenCodes(array $codes): string
    {
        return count($codes) === 1 ? $codes[0] : count($codes) . " outlets, {$codes[0]} to {$codes[count($codes) - 1]}";
    }

    private function word(Word $word, ?Point $last): void
    {
        $plain = $word->plain();
        match (true) {
            $word->quoted => $this->named(trim($word->text)),
            $plain === 'same' || $plain === 'ditto' => $this->repeat($word, $last),
            ($plain === 'circuit' || $plain === 'breaker') && $this->words->next() !== null => $this->circuit($this->words->take(), null),
            preg_match('/^(?:#|c(?=\d))(\S+)$/', $plain, $slot) === 1 => $this->circuit($word, $slot[1]),
            preg_match(
                '/^(\d{1,3}(?:\.\d{1,3})?)(?:a|amp|amps)$/',
                $plain,
                $amps,
            ) === 1 => $this->set['amps'] = Length::lean((float) $amps[1]),
            preg_match('/^(\d{2,3}(?:\.\d{1,3})?)v$/', $plain, $volts) === 1 => $this->set['volts'] = Length::lean((float) $volts[1]),
            preg_match('/^(?:x(\d{1,3})|(\d{1,3})x)$/', $plain, $times, PREG_UNMATCHED_AS_NULL) === 1
                => $this->alike($word, (int) ($times[1] ?? $times[2])),
            in_array($plain, self::TWO_YOKES, true) => $this->alike($word, 2),
            in_array($plain, ['tr', 'wr'], true) => $this->set[$plain] = true,
            in_array($plain, ['nottr', 'notwr'], true) => $this->set[substr($plain, 3)] = false,
            $plain === 'hidden' || $plain === 'noreach' => $this->set['accessible'] = false,
            $plain === 'reach' => $this->set['accessible'] = true,
            $plain === 'switched' || ($word->is('top', 'bottom') && $this->words->has('switched')) => $this->switched($word),
            $plain === 'combo' || $plain === 'combination' => $this->combination($word),
            $plain === 'high' || $plain === 'height' => $this->height($word),
            isset(Shorthand::BOX_LENGTH[$plain]) => $this->boxLength($word, Shorthand::BOX_LENGTH[$plain]),
            $plain === 'box' && $this->words->next() !== null => $this->boxVolume($word),
            $this->words->isLength() => $this->length($word),
            Length::number($plain) !== null => $this->bareNumber($word, Length::number($plain)),
            $this->isPlace($word), $this->listed($word), $word->is(...Shorthand::FILLERS) => null,
            default => $this->unknown($word),
        };
    }

    private function named(string $name): void
    {
        $this->set['name'] = $name;
        $this->isNamed = true;
    }

    /** Where it is, in the trade's words: `island`, `behind the fridge`. What it stands at is what it serves, unless something else is. */
    private function isPlace(Word $word): bool
    {
        $had = $this->place;
        $isPlace = $this->place($word);
        $this->placedBy ??= $this->place === $had ? null : $word;

        return $isPlace;
    }

    private function place(Word $word): bool
    {
        if ($word->is('ceiling') && $this->words->has(...$this->otherThanCeiling())) {
            $this->place[] = 'ceiling';

            return true;
        }
        if ($word->is(...Shorthand::PLACE)) {
            $this->place[] = $word->plain();

            return true;
        }
        if (! $word->is(...Shorthand::BESIDE)) {
            return false;
        }
        $this->words->skipFillers();
        $next = $this->words->next();
        $serves = $next === null ? null : Shorthand::find(Serves::class, Shorthand::SERVES, $next->plain());
        $isThing = $next !== null && ($serves !== null || preg_match('/^[a-z]{3,}/', $next->plain()) === 1)
            && Shorthand::find(Device::class, Shorthand::DEVICE, $next->plain()) === null;
        if (! $isThing) {
            $this->place[] = $word->plain();

            return true;
        }
        $this->words->take();
        $fixture = Shorthand::fixture($next->plain());
        $this->place[] = "{$word->plain()} the " . match (true) {
            $fixture !== null && $serves !== Serves::Countertop => mb_strtolower($fixture->label()),
            $serves !== null => mb_strtolower($serves->label()),
            default => $next->plain(),
        };
        $this->set += $serves === null || $serves === Serves::Countertop ? [] : ['serves' => $serves->value];

        return true;
    }

    /** @return list<string> words for what is served, the ceiling apart: beside one of them it is only where the outlet is */
    private function otherThanCeiling(): array
    {
        return array_merge(...array_values(array_diff_key(Shorthand::SERVES, [Serves::CeilingSupport->value => true])));
    }

    private function listed(Word $word): bool
    {
        foreach (Shorthand::ofOutlet() as [$enum, $words, $field]) {
            $choice = Shorthand::find($enum, $words, $word->plain());
            if ($choice !== null) {
                $this->choose($word, $field, $choice);

                return true;
            }
        }

        return false;
    }

    /** A field takes one word of a line: a second that says something else is asked about. Arc and ground fault together are dual. */
    private function choose(Word $word, string $field, Choice&\BackedEnum $choice): void
    {
        $first = $this->saidBy[$field] ?? null;
        $was = $this->set[$field] ?? null;
        $this->saidBy[$field] = $word;
        if ($first === null || $was === $choice->value) {
            $this->set[$field] = $choice->value;
        } elseif (in_array($was, ['gfci', 'afci'], true) && in_array($choice->value, ['gfci', 'afci'], true)) {
            $this->set[$field] = Device::Dual->value;
        } else {
            $this->faults[] = EntryFault::at($word, match ($field) {
                'serves' => "An outlet serves one thing, or is general: {$first->text} or {$word->text}?",
                default => "{$first->text} or {$word->text}? The line says both",
            });
        }
    }

    private function combination(Word $word): void
    {
        $devices = Shorthand::DEVICE;
        if ($this->words->has(...$devices['gfci']) && $this->words->has(...$devices['afci'])) {
            return;
        }
        $this->faults[] = EntryFault::at(
            $word,
            'Which combination: arc and ground fault in one device (dual), or a switch and an outlet on one yoke?',
            ['dual', '"Switch and outlet"'],
        );
    }

    /** Which half of a duplex a switch takes: `bottom switched`. */
    private function switched(Word $word): void
    {
        $half = $this->words->has('top') ? Half::Top : ($this->words->has('bottom') ? Half::Bottom : null);
        if ($half === null) {
            $this->faults[] = EntryFault::at($word, 'Which half is switched?', ['top switched', 'bottom switched']);

            return;
        }
        $this->set['halves'] = (object) ['switched' => $half->value];
    }

    private function alike(Word $word, int $times): void
    {
        if ($this->point !== null) {
            $this->faults[] = EntryFault::at($word, "{$this->point->code} is there: several are added from their room, as in \"same x3\"");
        } elseif ($times < 1 || $times > self::MOST_ALIKE) {
            $this->faults[] = EntryFault::at($word, 'From 1 to ' . self::MOST_ALIKE . ' at once');
        } elseif ($this->distances !== []) {
            $this->faults[] = EntryFault::at($word, self::WHICH_OF_THEM);
        }
        $this->times = max(1, min($times, self::MOST_ALIKE));
    }

    /** What receptacles are sold as: 125 V on a circuit of 120, 250 V on one of 240. */
    private function ratedVolts(): void
    {
        $volts = $this->set['volts'] ?? null;
        $kind = $this->chosen('kind', PointKind::class) ?? ($this->point === null ? PointKind::Receptacle : $this->point->kind);
        if ($kind === PointKind::Receptacle && is_int($volts)) {
            $this->set['volts'] = match (true) {
                $volts >= 110 && $volts <= 127 => 125,
                $volts >= 208 && $volts <= 250 => 250,
                default => $volts,
            };
        }
    }

    private function repeat(Word $word, ?Point $last): void
    {
        if ($last === null) {
            $this->faults[] = EntryFault::at($word, 'There is no outlet before this one to repeat');

            return;
        }
        $this->set = array_intersect_key(PartForm::write($last), array_flip(self::REPEATED)) + $this->set;
    }

    private function circuit(?Word $word, ?string $slot): void
    {
        if ($word === null) {
            return;
        }
        $wanted = $slot ?? ltrim($word->plain(), '#');
        foreach ($this->house->circuits as $circuit) {
            if (mb_strtolower($circuit->slot) === $wanted || mb_strtolower($circuit->id) === $word->plain()) {
                $this->set['circuit'] = $circuit->id;

                return;
            }
        }
        $slots = implode(', ', array_map(fn(Circuit $c): string => $c->slot, array_slice($this->house->circuits, 0, 20)));
        $this->faults[] = EntryFault::at(
            $word,
            $slots === '' ? 'No circuit is known yet' : "There is no circuit $wanted; there are $slots",
        );
    }

    private function bareNumber(Word $word, ?float $number): void
    {
        if ($number !== null && in_array($number, self::AMPS, true)) {
            $this->set['amps'] = Length::lean($number);

            return;
        }
        $this->faults[] = EntryFault::at($word, "{$word->text} of what? Write 2'6 or 30in for a length, 20 for amperes, #7 for a circuit");
    }

    private function height(Word $word): void
    {
        $next = $this->words->next();
        if ($next === null || (Length::number($next->plain()) === null && Length::feet($next->plain()) === null)) {
            $this->faults[] = EntryFault::at($word, "How high? Write high 4' or 4' high");

            return;
        }
        $this->words->take();
        if (! $this->words->isLength()) {
            $this->faults[] = EntryFault::at($next, "A height with its unit: 4', 48in, 1.2m");

            return;
        }
        $this->set['height_ft'] = Length::lean($this->words->length());
    }

    /** What is seen in an open box, in inches: `free 3in`, `face 2in`. */
    private function boxLength(Word $word, string $field): void
    {
        if ($this->words->next() === null || ! $this->takesLength()) {
            $this->faults[] = EntryFault::at($word, "How long is it? Write {$word->plain()} 3in");

            return;
        }
        $this->ofBox($field, round($this->words->length() * 12.0, 2));
    }

    private function boxVolume(Word $word): void
    {
        $number = Length::number((string) $this->words->next()?->plain());
        if ($number === null || $number <= 0.0) {
            $this->faults[] = EntryFault::at($word, 'How large is the box? Its cubic inches: box 18');

            return;
        }
        $this->words->take();
        $this->ofBox('volume_in3', $number);
    }

    private function takesLength(): bool
    {
        $this->words->take();

        return $this->words->isLength();
    }

    private function ofBox(string $field, float $value): void
    {
        $this->box[$field] = Length::lean($value);
        $this->set['box'] = (object) $this->box;
    }

    private function length(Word $word): void
    {
        $ft = $this->words->length();
        $this->words->skipFillers();
        $next = $this->words->next();
        if ($next?->is('high', 'up') === true) {
            $this->words->take();
            $this->set['height_ft'] = Length::lean($ft);

            return;
        }
        if ($this->times > 1) {
            $this->faults[] = EntryFault::at($word, self::WHICH_OF_THEM);
        }
        $fixture = $next === null ? null : $this->takeFixture($next);
        if ($fixture === null) {
            if ($next === null || (! str_starts_with($next->text, '@') && Shorthand::fixture($next->plain()) === null)) {
                $this->faults[] = EntryFault::at($word, "$word->text from what? A sink, tub, shower, hydro or pool, or \"high\"");
            }

            return;
        }
        $way = ['fixture' => $fixture->id, 'ft' => Length::lean($ft)];
        $this->words->skipFillers();
        $crosses = $this->words->next() === null ? null : Shorthand::crosses($this->words->next()->plain());
        if ($crosses !== null) {
            $this->words->take();
            $way['crosses'] = $crosses->value;
        }
        if ($this->words->next()?->is('flat') === true) {
            $this->words->take();
            $way['measured'] = Measured::Horizontal->value;
        }
        $this->distances[$fixture->id] = $way + ($this->distances[$fixture->id] ?? []);
        $this->set['distances'] = array_values($this->distances);
    }

    /** The water named here: by its kind in this room, by its kind and room, or by its id. Nothing is guessed. */
    private function takeFixture(Word $word): ?Fixture
    {
        $this->words->take();
        if (str_starts_with($word->text, '@')) {
            foreach ($this->house->areas as $area) {
                foreach ($area->fixtures() as $fixture) {
                    if ($fixture->id === substr($word->text, 1)) {
                        return $fixture;
                    }
                }
            }
            $this->faults[] = EntryFault::at($word, "There is no {$word->text} in this house");

            return null;
        }
        $kind = Shorthand::fixture($word->plain());
        if ($kind === null) {
            $this->words->back();

            return null;
        }
        $next = $this->words->next();
        $room = $next === null || $next->quoted ? null : LocationCodes::area($this->house, $next->text);
        if ($room !== null) {
            $this->words->take();
        }
        $here = ($room ?? $this->area)->fixturesOf($kind);
        if ($here === [] && $room === null) {
            $here = array_merge(...array_map(fn(Area $area): array => $area->fixturesOf($kind), $this->house->areas));
        }
        if (count($here) === 1) {
            return $here[0];
        }
        $label = mb_strtolower($kind->label());
        $this->faults[] = $here === []
            ? EntryFault::at($word, "There is no $label " . ($room === null ? 'in this house' : "in {$room->code}") . ' yet')
            : EntryFault::at(
                $word,
                "Which $label? Add its room, as in \"sink K1\", or its id: "
                    . implode(', ', array_map(fn(Fixture $f): string => "@{$f->id}", $here)),
                array_map(fn(Fixture $f): string => "@{$f->id}", $here),
            );

        return null;
    }

    private function unknown(Word $word): void
    {
        $plain = $word->plain();
        $nearest = Shorthand::nearest($plain, Shorthand::outletWords());
        $this->faults[] = match (true) {
            Shorthand::fixture($plain) !== null => EntryFault::at(
                $word,
                "How far from the {$word->text}? Write the distance before it: 2'6 {$word->text}",
            ),
            Shorthand::crosses($plain) !== null => EntryFault::at($word, "\"{$word->text}\" goes after a distance: 5ft tub {$word->text}"),
            $nearest !== null => EntryFault::at(
                $word,
                "\"{$word->text}\" is not a word of this line; is it \"$nearest\"?",
                [$nearest, "\"{$word->text}\""],
            ),
            default => EntryFault::at($word, "\"{$word->text}\" is not a word of this line; a name goes in quotes", ["\"{$word->text}\""]),
        };
    }

    /** @param array<string, mixed> $assumed what is taken for granted beside what the line says */
    private function spoken(array $assumed = []): string
    {
        $echo = new OutletEcho($this->house, $this->area);
        $taken = $echo->of($assumed, []);
        $name = $this->isNamed && is_string($this->set['name'] ?? null) ? "\"{$this->set['name']}\"" : implode(', ', $this->place);
        $said = array_filter(
            [$echo->of($this->set, $this->distances), $name, $taken === '' ? '' : "taken as $taken"],
            fn(string $part): bool => $part !== '',
        );

        return $said === [] ? ($this->point === null ? 'a plain receptacle' : 'nothing changed') : implode(', ', $said);
    }

    /**
     * @template T of Choice&\BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null what the line chose for a field
     */
    private function chosen(string $field, string $enum): ?Choice
    {
        $value = $this->set[$field] ?? null;

        return is_string($value) ? $enum::from($value) : null;
    }
}
