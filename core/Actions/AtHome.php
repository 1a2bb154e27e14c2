<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Appliance;

/** What actions leave behind for who lives there: what is unplugged, moved, or left otherwise than always. */
final class AtHome
{
    /** @var array<Appliance> unplugged, by id */
    public array $out = [];

    /** @var array<string> where appliances were moved to, by their id */
    public array $moved = [];

    /** @var array<string> what is left otherwise than always, in a sentence each, by id of the appliance */
    public array $left = [];

    public bool $isWiringChanged = false;

    public function unplugs(Appliance $appliance): void
    {
        $this->out[$appliance->id] = $appliance;
    }

    public function plugs(Appliance $appliance, ?string $to): void
    {
        unset($this->out[$appliance->id], $this->moved[$appliance->id]);
        if ($to !== null && $to !== $appliance->at) {
            $this->moved[$appliance->id] = $to;
        }
    }

    /** @param string|null $how a sentence to who lives there; null where it is as always again */
    public function leaves(Appliance $appliance, ?string $how): void
    {
        unset($this->left[$appliance->id]);
        if ($how !== null) {
            $this->left[$appliance->id] = $how;
        }
    }
}
