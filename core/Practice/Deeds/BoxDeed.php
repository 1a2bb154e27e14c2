<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Deeds;

use Bouclier\Core\Practice\Visit;

/** Something done at one box. The kinds are the list of {@see self::ALL}. */
abstract readonly class BoxDeed extends Deed
{
    /** @var list<class-string<BoxDeed>> */
    public const ALL = [ReadDead::class, ReadOnce::class, OpenUp::class, CapPairs::class, MakeUp::class];

    final public function __construct(protected string $point)
    {
    }

    abstract public static function name(): string;

    final public function said(): array
    {
        return ['do' => static::name(), 'point' => $this->point];
    }

    final public function boxes(Visit $visit): array
    {
        return [$this->point];
    }
}
