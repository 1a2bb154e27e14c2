<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which houses of a crew are listed, and in what order. */
final class HouseListRequest extends FormRequest
{
    /** The column each order goes by, and whether from the top. */
    private const ORDERS = ['changed' => ['updated_at', 'desc'], 'name' => ['name', 'asc'], 'open' => ['open', 'desc']];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'q' => ['nullable', 'string', 'max:100'],
            'order' => ['nullable', Rule::in(array_keys(self::ORDERS))],
            'archived' => ['nullable', 'boolean'],
            'page' => ['nullable', 'integer', 'min:1'],
        ];
    }

    /** @return array{q: string, order: string, archived: bool} */
    public function asked(): array
    {
        return [
            'q' => trim($this->string('q')->toString()),
            'order' => $this->filled('order') ? $this->string('order')->toString() : 'changed',
            'archived' => $this->boolean('archived'),
        ];
    }

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param Builder<T> $houses
     *
     * @return Builder<T>
     */
    public function of(Builder $houses): Builder
    {
        ['q' => $wanted, 'order' => $order, 'archived' => $archived] = $this->asked();
        [$column, $direction] = self::ORDERS[$order];

        return $houses
            ->when($archived, fn(Builder $all) => $all->whereNotNull('archived_at'), fn(Builder $all) => $all->whereNull('archived_at'))
            ->when($wanted !== '', fn(Builder $all) => $all->where('name', 'like', '%' . addcslashes($wanted, '%_\\') . '%'))
            ->orderBy($column, $direction)
            // The same way: then an index has them in this order, however many there are.
            ->orderBy('id', $direction);
    }
}
