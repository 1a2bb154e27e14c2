<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/**
 * What the file may say in a field, beside the type of the field itself. A parameter of a part's constructor is a key of the house file, in
 * its name with underscores: from it come the schema, the reading, the writing, what is stored, and the types of the pages. Text, a number
 * not below zero, a flag, a choice and a part of its own need no word.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Said
{
    /** @var list<int|float> */
    public array $numbers;

    /**
     * @param class-string|null $of of {@see Value::Many}: the class of the parts, or of the choices
     * @param int|float ...$numbers of {@see Value::OneOf}
     */
    public function __construct(public Value $value, public ?string $of = null, int|float ...$numbers)
    {
        $this->numbers = array_values($numbers);
    }
}
