<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/** What goes in where a device has failed: what was there, and what the code asks of a replacement at that place today. */
final readonly class Replacement
{
    /** @param list<string> $clauses that ask for more than was there, each with its edition */
    private function __construct(
        private Point $point,
        private Device $device,
        private array $clauses,
    ) {
    }

    public static function of(House $house, Point $point): self
    {
        $judged = (new Assess($house, null, Work::Replace))->point($point);
        $gives = $clauses = [];
        foreach ([Protection::Gfci, Protection::Afci] as $protection) {
            $demands = $judged->demandsFor($protection);
            $gives[$protection->value] = $demands !== [] || $point->gives($protection);
            foreach ($point->gives($protection) ? [] : $demands as $demand) {
                $clauses[] = "$demand->clause, {$house->code->edition->label()}";
            }
        }

        return new self($point, match (true) {
            $gives[Protection::Gfci->value] && $gives[Protection::Afci->value] => Device::Dual,
            $gives[Protection::Afci->value] => Device::Afci,
            $gives[Protection::Gfci->value] => Device::Gfci,
            default => Device::Standard,
        }, array_values(array_unique($clauses)));
    }

    /** What should be on the van. */
    public function part(): string
    {
        $finish = $this->point->finish ?? 'finish: ask';
        $resistant = $this->point->exposure() === Exposure::Dry ? '' : ', weather-resistant';

        return strtoupper($this->device->value) . " receptacle, {$this->point->amps()} A, $finish$resistant";
    }

    /** @return list<string> step by step */
    public function steps(Places $places): array
    {
        $because = $this->clauses === [] ? '' : ', as the code asks there today: ' . implode(', ', $this->clauses);

        return [
            Fault::dead($places->point($this->point->id)),
            "{$this->device->label()}, {$this->point->amps()} A, in its place$because.",
            'Old back beside new back: LINE may be at the other end. Each wire to the end of the same name, as the box sheet shows it.',
        ];
    }

    /** What can prove it: a tester's button leaks to ground, and an AFCI need not answer it. */
    public function proof(): string
    {
        return match (true) {
            ! $this->device->givesGfci() => 'Its own TEST opens it, RESET brings it back: a tester\'s button proves nothing of an AFCI.',
            ! $this->hasGround() => 'Its own TEST opens it, RESET brings it back: a tester\'s button proves nothing without a ground.',
            default => 'Tester\'s button: the new device trips in its time.',
        };
    }

    private function hasGround(): bool
    {
        return ($this->point->ground ?? GroundPath::Wire)->isThere();
    }
}
