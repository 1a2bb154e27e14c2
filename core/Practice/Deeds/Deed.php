<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Deeds;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\House\Places;
use Bouclier\Core\Practice\NotPossible;
use Bouclier\Core\Practice\Visit;

/** One thing somebody does on a visit: an action of the model, or what hands do about it that shows nothing of the cause. */
abstract readonly class Deed
{
    /** @return array<string, mixed> as it is sent and kept */
    abstract public function said(): array;

    abstract public function done(Places $places): string;

    abstract public function minutes(Visit $visit): float;

    /**
     * Carries it out, where nothing dangerous is in it.
     *
     * @return string what it showed, in words
     *
     * @throws NotPossible
     */
    abstract public function carryOut(Visit $visit): string;

    /** @return list<string> boxes it is done in, by point id */
    public function boxes(Visit $visit): array
    {
        return [];
    }

    /** Whether hands are on conductors there: then it needs those boxes dead. */
    public function touches(): bool
    {
        return false;
    }

    /** The action of the model it is; null for what only hands do. */
    public function action(): ?Action
    {
        return null;
    }

    public function isSame(self $other): bool
    {
        return json_encode($this->said()) === json_encode($other->said());
    }
}
