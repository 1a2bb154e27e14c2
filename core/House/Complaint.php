<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What a call is about, as it was told: what is wrong, where, when, and what was running. */
final readonly class Complaint
{
    use Stamped;

    /**
     * @param string|null $at a point or a circuit
     * @param list<string>|null $running ids of appliances
     * @param string|null $words as they were said
     * @param array<string>|null $answers what a householder answered, by the question
     */
    public function __construct(
        public SymptomKind $kind,
        #[Said(Value::Id)]
        public ?string $at = null,
        public ?SymptomWhen $when = null,
        #[Said(Value::Ids)]
        public ?array $running = null,
        #[Said(Value::Long)]
        public ?string $words = null,
        public ?array $answers = null,
        #[Said(Value::Time)]
        public ?string $atTime = null,
        public ?string $who = null,
        public ?object $x = null,
    ) {
    }

    /**
     * The same with some of it told otherwise.
     *
     * @param array<string, mixed> $told by property
     */
    public function with(array $told): self
    {
        return $this->replaced($told);
    }
}
