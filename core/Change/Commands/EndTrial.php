<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\Diagnose\TrialItem;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A trial that is open no more: it came back, or its page was withdrawn. */
final readonly class EndTrial implements Command
{
    /**
     * @param string $page by which it was left
     * @param string $evidence what came of it
     */
    public function __construct(private string $page, private string $evidence = 'Ended before it was over.')
    {
    }

    public function on(House $house, Asker $by): House
    {
        return TrialItem::isOpen($house, $this->page)
            ? (new CloseItem(TrialItem::id($this->page), $this->evidence))->on($house, $by)
            : $house;
    }

    public function summary(House $house): string
    {
        return 'A trial ended';
    }
}
