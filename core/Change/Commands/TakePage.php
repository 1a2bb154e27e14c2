<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\Diagnose\HouseholderAnswers;
use Bouclier\Core\Diagnose\TrialItem;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\Live\Asker;

/** What the householder noted on a page that was left, taken into the call. */
final readonly class TakePage implements Command
{
    /**
     * @param Loose|null $trial the action that was left to be done; null where questions were asked
     * @param array<string> $answered by question, or by date
     * @param string $page its id
     */
    public function __construct(private ?Loose $trial, private array $answered, private string $page)
    {
    }

    public function on(House $house, Asker $by): House
    {
        if ($this->trial === null) {
            return HouseholderAnswers::ofQuestions($house, $this->answered, $by->now);
        }
        $house = HouseholderAnswers::ofTrial($house, $this->trial, $this->answered, $by->name, $by->now);

        return (new EndTrial($this->page, TrialItem::evidence($this->answered)))->on($house, $by);
    }

    public function summary(House $house): string
    {
        return 'What the householder noted';
    }
}
