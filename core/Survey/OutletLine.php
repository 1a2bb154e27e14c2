<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Measured;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;

/** An outlet: `ct 20 gfci 2'6 sink`, words in any order, a length followed by the water it was measured to and what stands between. */
final class OutletLine
{
    /** What `same` repeats from the outlet before. */
    private const REPEATED = [
        'kind', 'device', 'amps', 'volts', 'serves', 'exposure', 'cover', 'ground', 'yoke', 'height_ft', 'circuit', 'accessible',
        'tr', 'wr',
    ];

    /** Ratings that need no unit: a bare number is one of these or nothing. */
    private const AMPS = [10.0, 15.0, 20.0, 25.0, 30.0, 40.0, 50.0, 60.0];

    /** @var array<string, mixed> */
    private array $set = [];

    /** @var array<array<string, mixed>> by fixture */
    private array $distances = [];

    /** @var list<EntryFault> */
    private array $faults = [];

    /** @var list<Word> */
    private array $words = [];

    private int $at = 0;

    private Area $area;

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
        $this->words = $words;
        foreach ($point?->distances() ?? [] as $distance) {
            $this->distances[$distance->fixture] = PartForm::write($distance);
        }
        for ($this->at = 0; $this->at < count($words); ++$this->at) {
            $this->word($words[$this->at], $last);
        }
        $echo = $this->understood($point);
        if ($point !== null) {
            return new EnteredLine('points', $point->id, false, $this->set, "{$point->code}: $echo", $this->faults, $area->id);
        }
        $code = $this->nextCode();
        $kind = $this->set['kind'] ?? PointKind::Receptacle->value;
        $defaults = [
            'code' => $code, 'area' => $area->id, 'kind' => $kind,
            'device' => in_array($kind, [PointKind::Receptacle->value, PointKind::Switch->value], true)
                ? Device::Standard->value
                : Device::None->value,
            'name' => $this->servesWord() ?? PointKind::from(is_string($kind) ? $kind : '')->label(),
        ];

        return new EnteredLine(
            'points',
            FreeId::in($this->house, mb_strtolower($code)),
            true,
            $this->set + $defaults,
            "$code {$area->name}: $echo",
            $this->faults,
            $area->id,
        );
    }

    private function word(Word $word, ?Point $last): void
    {
        $plain = $word->plain();
        match (true) {
            $word->quoted => $this->set['name'] = trim($word->text),
            $plain === 'same' || $plain === 'ditto' => $this->repeat($word, $last),
            ($plain === 'circuit' || $plain === 'breaker') && $this->next() !== null => $this->circuit($this->take(), null),
            preg_match('/^(?:#|c(?=\d))(\S+)$/', $plain, $slot) === 1 => $this->circuit($word, $slot[1]),
            preg_match(
                '/^(\d{1,3}(?:\.\d{1,3})?)(?:a|amp|amps)$/',
                $plain,
                $amps,
            ) === 1 => $this->set['amps'] = Length::lean((float) $amps[1]),
            preg_match('/^(\d{2,3}(?:\.\d{1,3})?)v$/', $plain, $volts) === 1 => $this->set['volts'] = Length::lean((float) $volts[1]),
            in_array($plain, ['tr', 'wr'], true) => $this->set[$plain] = true,
            in_array($plain, ['nottr', 'notwr'], true) => $this->set[substr($plain, 3)] = false,
            $plain === 'hidden' || $plain === 'noreach' => $this->set['accessible'] = false,
            $plain === 'reach' => $this->set['accessible'] = true,
            $plain === 'high' || $plain === 'height' => $this->height($word),
            $this->isLength($plain) => $this->length($word),
            Length::number($plain) !== null => $this->bareNumber($word, Length::number($plain)),
            $this->listed($plain), in_array($plain, Shorthand::FILLERS, true) => null,
            default => $this->unknown($word),
        };
    }

    private function listed(string $plain): bool
    {
        foreach (Shorthand::ofOutlet() as [$enum, $words, $field]) {
            $choice = Shorthand::find($enum, $words, $plain);
            if ($choice !== null) {
                $this->set[$field] = $choice->value;

                return true;
            }
        }

        return false;
    }

    private function repeat(Word $word, ?Point $last): void
    {
        if ($last === null) {
            $this->faults[] = EntryFault::at($word, 'There is no outlet before this one to repeat');

            return;
        }
        $this->set = array_intersect_key(PartForm::write($last), array_flip(self::REPEATED)) + $this->set;
    }

    private function circuit(Word $word, ?string $slot): void
    {
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

    /** Whether a length begins here: in one word, or a number with its unit in the next. */
    private function isLength(string $plain): bool
    {
        $next = $this->next();

        return Length::feet($plain) !== null || (Length::number($plain) !== null && $next !== null && Length::isUnit($next->plain()));
    }

    /** Reads the length that begins at the current word, in decimal feet. */
    private function takeLength(): float
    {
        $plain = $this->words[$this->at]->plain();
        $whole = Length::feet($plain);
        $unit = '';
        if ($whole === null) {
            $unit = $this->take()->plain();
            $whole = Length::of(Length::number($plain) ?? 0.0, $unit);
        }
        $feet = in_array($unit === '' ? preg_replace('/[\d.]+/', '', $plain) : $unit, ["'", 'ft', 'foot', 'feet'], true);
        $after = $this->next();
        $inches = $feet && $after !== null ? $this->inchesOf($after->plain()) : null;
        if ($inches !== null) {
            $this->take();
            $unit = $this->next();
            if ($unit !== null && Length::isUnit($unit->plain()) && Length::isInches($unit->plain())) {
                $this->take();
            }
            $whole = round($whole + $inches / 12, 4);
        }

        return $whole;
    }

    /** Inches that follow feet: `6in`, or a bare number under twelve that is no rating. */
    private function inchesOf(string $plain): ?float
    {
        if (preg_match('/^(\d{1,2}(?:\.\d{1,4})?)(?:in|inch|inches|"|\'\')$/', $plain, $m) === 1) {
            return (float) $m[1];
        }
        $number = Length::number($plain);

        return $number !== null && $number < 12 && ($number !== 10.0 || $this->isInchUnitAfterNext()) ? $number : null;
    }

    private function isInchUnitAfterNext(): bool
    {
        $after = $this->words[$this->at + 2] ?? null;

        return $after !== null && Length::isUnit($after->plain()) && Length::isInches($after->plain());
    }

    private function height(Word $word): void
    {
        $next = $this->next();
        if ($next !== null && Length::number($next->plain()) === null && Length::feet($next->plain()) === null) {
            $this->faults[] = EntryFault::at($word, "How high? Write high 4' or 4' high");

            return;
        }
        if ($next === null) {
            $this->faults[] = EntryFault::at($word, "How high? Write high 4' or 4' high");

            return;
        }
        ++$this->at;
        if (! $this->isLength($this->words[$this->at]->plain())) {
            $this->faults[] = EntryFault::at($this->words[$this->at], "A height with its unit: 4', 48in, 1.2m");

            return;
        }
        $this->set['height_ft'] = Length::lean($this->takeLength());
    }

    private function length(Word $word): void
    {
        $ft = $this->takeLength();
        $this->skipFillers();
        $next = $this->next();
        if ($next !== null && in_array($next->plain(), ['high', 'up'], true)) {
            $this->take();
            $this->set['height_ft'] = Length::lean($ft);

            return;
        }
        $fixture = $next === null ? null : $this->takeFixture($next);
        if ($fixture === null) {
            if ($next === null || (! str_starts_with($next->text, '@') && Shorthand::fixture($next->plain()) === null)) {
                $this->faults[] = EntryFault::at($word, "$word->text from what? A sink, tub, shower, hydro or pool, or \"high\"");
            }

            return;
        }
        $way = ['fixture' => $fixture->id, 'ft' => Length::lean($ft)];
        $this->skipFillers();
        $crosses = $this->next() === null ? null : Shorthand::crosses($this->next()->plain());
        if ($crosses !== null) {
            $this->take();
            $way['crosses'] = $crosses->value;
        }
        if ($this->next()?->plain() === 'flat') {
            $this->take();
            $way['measured'] = Measured::Horizontal->value;
        }
        $this->distances[$fixture->id] = $way + ($this->distances[$fixture->id] ?? []);
        $this->set['distances'] = array_values($this->distances);
    }

    /** The water named here: by its kind in this room, by its kind and room, or by its id. Nothing is guessed. */
    private function takeFixture(Word $word): ?Fixture
    {
        $this->take();
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
            --$this->at;

            return null;
        }
        $room = $this->next() === null ? null : $this->areaByCode($this->next());
        if ($room !== null) {
            $this->take();
        }
        $here = ($room ?? $this->area)->fixturesOf($kind);
        if ($here === [] && $room === null) {
            $here = array_merge(...array_map(fn(Area $area): array => $area->fixturesOf($kind), $this->house->areas));
        }
        if (count($here) === 1) {
            return $here[0];
        }
        $label = mb_strtolower($kind->label());
        $this->faults[] = EntryFault::at($word, $here === []
            ? "There is no $label " . ($room === null ? 'in this house' : "in {$room->code}") . ' yet'
            : "Which $label? Add its room, as in \"sink K1\", or its id: "
                . implode(', ', array_map(fn(Fixture $f): string => "@{$f->id}", $here)));

        return null;
    }

    private function areaByCode(Word $word): ?Area
    {
        foreach ($this->house->areas as $area) {
            if (mb_strtolower($area->code) === $word->plain()) {
                return $area;
            }
        }

        return null;
    }

    private function unknown(Word $word): void
    {
        $plain = $word->plain();
        $nearest = Shorthand::nearest($plain, Shorthand::outletWords());
        $this->faults[] = EntryFault::at($word, match (true) {
            Shorthand::fixture($plain) !== null => "How far from the {$word->text}? Write the distance before it: 2'6 {$word->text}",
            Shorthand::crosses($plain) !== null => "\"{$word->text}\" goes after a distance: 5ft tub {$word->text}",
            $nearest !== null => "\"{$word->text}\" is not a word of this line; is it \"$nearest\"?",
            default => "\"{$word->text}\" is not a word of this line; a name goes in quotes",
        });
    }

    private function next(): ?Word
    {
        return $this->words[$this->at + 1] ?? null;
    }

    private function take(): Word
    {
        return $this->words[++$this->at];
    }

    private function skipFillers(): void
    {
        while ($this->next() !== null && ! $this->next()->quoted && in_array($this->next()->plain(), Shorthand::FILLERS, true)) {
            ++$this->at;
        }
    }

    private function servesWord(): ?string
    {
        foreach (Shorthand::ofOutlet() as [$enum, , $field]) {
            if ($field === 'serves' && isset($this->set['serves']) && is_string($this->set['serves'])) {
                return $enum::from($this->set['serves'])->label();
            }
        }

        return null;
    }

    private function nextCode(): string
    {
        $highest = 0;
        foreach ($this->house->points as $point) {
            if (preg_match('/^' . preg_quote($this->area->code, '/') . '-(\d{1,4})$/i', $point->code, $m) === 1) {
                $highest = max($highest, (int) $m[1]);
            }
        }

        return sprintf('%s-%02d', $this->area->code, $highest + 1);
    }

    /** What was understood, in words, in a steady order. */
    private function understood(?Point $point): string
    {
        $said = [];
        foreach (Shorthand::ofOutlet() as [$enum, , $field]) {
            $value = $this->set[$field] ?? null;
            if (is_string($value)) {
                $said[] = $enum::from($value)->label();
            }
        }
        foreach (['amps' => ' A', 'volts' => ' V'] as $field => $unit) {
            if (is_int($this->set[$field] ?? null) || is_float($this->set[$field] ?? null)) {
                array_splice($said, min(1, count($said)), 0, [$this->set[$field] . $unit]);
            }
        }
        if (is_string($this->set['circuit'] ?? null)) {
            $said[] = "circuit {$this->house->circuit($this->set['circuit'])->slot}";
        }
        foreach ($this->distances as $way) {
            $said[] = $this->spokenWay($way);
        }
        if (is_float($this->set['height_ft'] ?? null) || is_int($this->set['height_ft'] ?? null)) {
            $said[] = Length::spoken((float) $this->set['height_ft'], $this->house->code->edition) . ' high';
        }
        foreach ([
            'accessible' => ['within reach', 'out of reach'],
            'tr' => ['tamper-resistant', 'not tamper-resistant'],
            'wr' => ['weather-resistant', 'not weather-resistant'],
        ] as $field => [$yes, $no]) {
            if (is_bool($this->set[$field] ?? null)) {
                $said[] = $this->set[$field] ? $yes : $no;
            }
        }
        if (is_string($this->set['name'] ?? null)) {
            $said[] = "\"{$this->set['name']}\"";
        }

        return $said === [] ? ($point === null ? 'a plain receptacle' : 'nothing changed') : implode(', ', $said);
    }

    /** @param array<string, mixed> $way */
    private function spokenWay(array $way): string
    {
        $fixture = $this->house->fixture(is_string($way['fixture']) ? $way['fixture'] : '');
        $ft = is_float($way['ft']) || is_int($way['ft']) ? (float) $way['ft'] : 0.0;
        $crosses = is_string($way['crosses'] ?? null) ? Crosses::from($way['crosses']) : Crosses::None;
        $elsewhere = $this->house->areaOfFixture($fixture->id);

        return Length::spoken($ft, $this->house->code->edition) . ' from ' . mb_strtolower($fixture->kind->label())
            . ($elsewhere->id === $this->area->id ? '' : " in {$elsewhere->code}")
            . ($crosses === Crosses::None ? '' : ' through ' . lcfirst($crosses->label()));
    }
}
