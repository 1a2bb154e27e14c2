<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** One thing a test may show, and what it would mean. */
final readonly class ProposedOutcome
{
    /**
     * @param string $shown as {@see Belief::outcomes()} names it
     * @param float $chance that it is shown
     * @param string|null $cause id of what would then be likeliest
     * @param float $then how likely that would then be
     */
    public function __construct(
        public string $shown,
        public float $chance,
        public ?string $cause,
        public float $then,
    ) {
    }

    /** @return list<string> ids of the devices and breakers that trip */
    public function tripped(): array
    {
        return self::trippedIn($this->shown);
    }

    /** @return array{string, string} what is shown, and which; "trips g,c1 dead p" is "trips" and "g,c1 dead p" */
    public static function parts(string $shown): array
    {
        [$what, $which] = [...explode(' ', $shown, 2), ''];

        return [$what, $which];
    }

    /** @return list<string> */
    public static function trippedIn(string $shown): array
    {
        [$what, $which] = self::parts($shown);

        return $what !== 'trips' || str_starts_with($which, 'dead') ? [] : array_values(array_filter(explode(',', explode(' ', $which)[0]), fn(string $id): bool => $id !== ''));
    }
}
