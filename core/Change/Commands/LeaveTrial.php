<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Change\Command;
use Bouclier\Core\Diagnose\TrialItem;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A trial left with the householder: it is open until it has come back. */
final readonly class LeaveTrial implements Command
{
    /** @param string $page by which it is left */
    public function __construct(private Action $trial, private string $page)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return $house->withEntry(TrialItem::of($house, $this->trial, $this->page, $by->now)->stamped($by->name, $by->now));
    }

    public function summary(House $house): string
    {
        return 'A trial left with the householder';
    }
}
