<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Diagnose\HouseholderAnswers;
use Bouclier\Core\Diagnose\Question;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** What was answered on the phone, asked by the crew itself. */
final readonly class AnswerQuestions implements Told
{
    /** @param array<string> $answers by question */
    public function __construct(private array $answers)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->textsBy('answers', fn(string $question): bool => Question::tryFrom($question) !== null, 1000));
    }

    public function on(House $house, Asker $by): House
    {
        return HouseholderAnswers::ofQuestions($house, $this->answers, $by->now);
    }

    public function summary(House $house): string
    {
        return 'Answered on the phone';
    }
}
