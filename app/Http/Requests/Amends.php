<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\CodeBook\Rule as BookRule;
use Bouclier\Core\House\AmendmentKind;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;
use Illuminate\Validation\Rule;

/** For a request that carries an edition with local amendments. */
trait Amends
{
    /** @return array<string, list<mixed>> */
    private function amendmentRules(): array
    {
        return [
            'edition' => ['required', Rule::enum(Edition::class)],
            'amendments' => ['present', 'array', 'max:100'],
            'amendments.*.do' => ['required', Rule::enum(AmendmentKind::class)],
            'amendments.*.what' => ['required', Rule::enum(Protection::class)],
            'amendments.*.rule' => [
                'nullable',
                Rule::in(array_map(fn(BookRule $rule): string => $rule->id(), CodeBook::shipped()->rules)),
            ],
            'amendments.*.clause' => ['nullable', 'string', 'max:200'],
            'amendments.*.kinds' => ['array'],
            'amendments.*.kinds.*' => [Rule::enum(AreaKind::class)],
            'amendments.*.serves' => ['array'],
            'amendments.*.serves.*' => [Rule::enum(Serves::class)],
            'amendments.*.points' => ['array'],
            'amendments.*.points.*' => [Rule::enum(PointKind::class)],
            'amendments.*.ft' => ['nullable', 'numeric', 'min:0', 'max:1000'],
        ];
    }

    /** @return list<array<string, mixed>> as the house file writes them */
    private function amendments(): array
    {
        return array_values(array_map(
            fn(mixed $one): array => array_filter(
                (array) $one,
                fn(mixed $value): bool => $value !== null && $value !== [] && $value !== '',
            ),
            $this->array('amendments'),
        ));
    }
}
