<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\CodeBook\Nec\Article760;
use Bouclier\Core\CodeBook\Nec\Section210_8A;
use Bouclier\Core\CodeBook\Nec\Section406_4D;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;

/** Every rule and exception that ships, in the order they are shown. */
final class CodeBook
{
    private static ?self $shipped = null;

    /**
     * @param list<Rule> $rules
     * @param list<RuleException> $exceptions
     */
    private function __construct(
        public readonly array $rules,
        public readonly array $exceptions,
    ) {
    }

    public static function shipped(): self
    {
        return self::$shipped ??= new self(
            [
                new Section210_8A\Bathrooms(),
                new Section210_8A\Garages(),
                new Section210_8A\Outdoors(),
                new Section210_8A\CrawlSpaces(),
                new Section210_8A\Basements(),
                new Section210_8A\Kitchens(),
                new Section210_8A\FoodPreparation(),
                new Section210_8A\Sinks(),
                new Section210_8A\Boathouses(),
                new Section210_8A\BathtubsAndShowers(),
                new Section210_8A\LaundryAreas(),
                new Section210_8A\DampOrWetIndoors(),
                new Section406_4D\ReplacementGfci(),
            ],
            [
                new Article760\FireAlarmException(),
                new Section210_8A\SnowMeltingException(),
                new Section210_8A\BasementAlarmException(),
                new Section210_8A\SecuritySystemException(),
                new Section210_8A\CeilingSupportException(),
                new Section210_8A\FactoryFittedFanException(),
            ],
        );
    }

    /** Whether the book says anything about this kind of protection: what it does not judge is not called "not asked". */
    public function judges(Protection $protection): bool
    {
        foreach ($this->rules as $rule) {
            if ($rule->asksFor() === $protection) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Edition> editions the book has rules for, oldest first */
    public function editions(): array
    {
        return array_values(array_filter(
            Edition::cases(),
            fn(Edition $edition): bool => array_filter($this->rules, fn(Rule $rule): bool => $rule->clause($edition) !== null) !== [],
        ));
    }
}
