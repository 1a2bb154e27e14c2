<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\DeviceLight;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Light;

/** The light of a device, as its maker means it, or the handle of a breaker. */
final readonly class Indicator extends Action
{
    /** How likely a light shows what it should; and how likely it shows nothing where it should show something: it may be worn out. */
    private const SURE = 0.95;

    private const DARK = 0.2;

    public static function name(): string
    {
        return 'indicator';
    }

    public static function places(): array
    {
        return ['at' => ['point', 'circuit']];
    }

    protected static function isOfferedAt(Spot $at, Situation $now): bool
    {
        return $at->circuit !== null || $now->isProtective($at->point ?? '');
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return [Field::oneOf('shows', array_column(Light::cases(), 'value'))];
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->devices as $device) {
            yield [new self($now->spot($device))];
        }
    }

    public function minutes(): float
    {
        return 0.5;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function wantsClosed(): bool
    {
        return false;
    }

    public function onlyShows(): bool
    {
        return true;
    }

    public function act(Simulation $in): Reading
    {
        $id = $this->at->device() ?? '';
        $point = $this->at->point === null ? null : $in->house->point($this->at->point);
        $means = $point->light ?? DeviceLight::Both;

        return new Reading([
            'shows' => Light::at($point, $means, $in->grid(), $in->hasPower($id), $in->isOpen($id), $in->isDead($id))->value,
        ]);
    }

    public function read(Following $following, World $world, Reading $reading): array
    {
        $shown = Light::tryFrom($reading->text('shows') ?? '');
        $world->weight *= $shown === null ? Likelihood::SLIP : $this->chancesOf($following, $world)[$shown->value];

        return [$world];
    }

    public function leadsTo(Following $following, World $world, ?array $open = null): array
    {
        $ways = [];
        foreach ($this->chancesOf($following, $world) as $shows => $chance) {
            $way = clone $world;
            $way->weight *= $chance;
            $ways[] = [$way, Outcome::named($shows)];
        }

        return $ways;
    }

    /**
     * What it may show: where nobody has said what its light means, each meaning is as likely, and nothing says little.
     *
     * @return array<string, float> chance by value of {@see Light}
     */
    private function chancesOf(Following $following, World $world): array
    {
        $point = $this->at->point === null ? null : $following->house()->point($this->at->point);
        $known = $point === null ? DeviceLight::Both : $point->light;
        $means = $known === null ? DeviceLight::cases() : [$known];
        $chances = array_fill_keys(array_column(Light::cases(), 'value'), 0.0);
        foreach ($means as $meaning) {
            $should = $following->light($world, $this->at->device() ?? '', $meaning);
            foreach (array_keys($chances) as $shows) {
                $chance = match (true) {
                    $shows === $should->value => self::SURE,
                    $shows === Light::Nothing->value && $this->at->circuit === null => self::DARK,
                    default => Likelihood::SLIP,
                };
                $chances[$shows] += $chance / count($means);
            }
        }
        $sum = array_sum($chances);

        return array_map(fn(float $chance): float => $chance / $sum, $chances);
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return array_map(
            fn(Light $light): Offer => new Offer(ucfirst($light->value), ['shows' => $light->value], Outcome::named($light->value)),
            Light::cases(),
        );
    }

    public function done(Places $places): string
    {
        return $this->at->circuit === null ? "Look at the light of {$places->spot($this->at)}" : "Look at {$places->spot($this->at)}";
    }

    public function steps(Places $places, bool $opens): array
    {
        $at = $places->spot($this->at);

        return [
            $this->at->circuit !== null
                ? "Look at $at: is its handle on, in the middle or off?"
                : "Look at the light of $at; what it means is its maker's.",
        ];
    }

    public function spoken(Places $places, Reading $reading): string
    {
        return $reading->text('shows') ?? 'done';
    }
}
