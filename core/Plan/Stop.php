<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;

/** One point on a run, with what may be put there and what it asks for. */
final readonly class Stop
{
    /**
     * @param non-empty-list<Device> $may what may be in its box, what is there now first where it may stay
     * @param bool $isDeviceMade whether a protective device is made for it
     * @param bool $protectsNow whether the device that is there is fed as it has to be to protect anything
     * @param bool $isFedOnLoad whether its feed has to be landed otherwise for a device there to protect anything
     * @param int $acceptedNow kinds of work ({@see ArcMarks}) under which an AFCI there does, with the breaker as it is listed
     * @param int $acceptedAfter the same once the breaker is another
     * @param bool $isFirstOutlet whether no outlet comes before it
     * @param Stretch $own what lies in a protected stretch with it
     * @param list<Branch> $branches what leaves it
     */
    public function __construct(
        public Point $point,
        public ?Circuit $circuit,
        public Work $work,
        public bool $wantsGfci,
        public bool $wantsAfci,
        public array $may,
        public bool $isDeviceMade,
        public bool $protectsNow,
        public bool $isFedOnLoad,
        public int $acceptedNow,
        public int $acceptedAfter,
        public bool $isFirstOutlet,
        public Stretch $own,
        public array $branches,
    ) {
    }

    /** All of it and what lies beyond, as one stretch, its own feed not counted. */
    public function whole(): Stretch
    {
        return array_reduce($this->branches, fn(Stretch $sum, Branch $branch): Stretch => $sum->and($branch->beyond), $this->own);
    }

    /** Whether a device there is one that gives the protection, however it is fed. */
    public function isFor(Device $device, Protection $function): bool
    {
        return $this->isDeviceMade && ($function === Protection::Gfci ? $device->givesGfci() : $device->givesAfci());
    }

    /** Whether nothing that trips may protect it: it supplies a fire alarm system. */
    public function keepsOffProtection(): bool
    {
        return $this->point->serves() === Serves::FireAlarm;
    }

    /** Whether no GFCI may protect it: it is to share none, and asks for none of its own. */
    public function keepsOffGfci(): bool
    {
        return $this->keepsOffProtection() || ($this->point->alone === true && ! $this->wantsGfci);
    }
}
