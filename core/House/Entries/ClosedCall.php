<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** A call that is closed: what it was about, what was tested, what it came to. */
final readonly class ClosedCall implements Entry
{
    use Identified;

    /**
     * @param list<TestDone>|null $tests
     * @param string|null $line of the table of how often what is met, for which a settled cause counts
     * @param list<Circumstance>|null $circumstances what held at its place, of what may or may not have
     */
    public function __construct(
        public Complaint $symptom,
        #[Said(Value::Many, TestDone::class)]
        public ?array $tests = null,
        public ?string $cause = null,
        public ?bool $settled = null,
        #[Said(Value::Time)]
        public ?string $atTime = null,
        public ?string $who = null,
        #[Said(Value::Long)]
        public ?string $text = null,
        #[Said(Value::Id)]
        public ?string $id = null,
        public ?string $line = null,
        #[Said(Value::Many, Circumstance::class)]
        public ?array $circumstances = null,
        public ?object $x = null,
    ) {
    }

    public static function list(): EntryList
    {
        return EntryList::Calls;
    }
}
