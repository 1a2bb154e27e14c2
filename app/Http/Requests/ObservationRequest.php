<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\Observe;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\PairMeans;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Something seen that says what feeds what. It is only added to the house, so it needs no revision. */
final class ObservationRequest extends FormRequest
{
    /** What each kind carries beside its kind. */
    private const CARRIES = [
        'off' => ['circuit', 'dead', 'live'],
        'trip' => ['at', 'dead', 'live', 'already_dead', 'back'],
        'button' => ['point', 'tripped'],
        'open' => ['point', 'pairs'],
        'lift' => ['point', 'pair', 'dead', 'live'],
        'pair' => ['point', 'pair', 'live', 'by'],
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $kind = $this->input('kind');
        $carries = is_string($kind) ? self::CARRIES[$kind] ?? [] : [];
        $ids = ['present', 'array', 'max:1000'];
        $rules = [
            'circuit' => ['required', 'string'],
            'at' => ['required', 'string'],
            'point' => ['required', 'string'],
            'pair' => ['required', 'string', 'max:1'],
            'pairs' => ['required', 'integer', 'min:1', 'max:26'],
            'by' => ['required', Rule::enum(PairMeans::class)],
            'dead' => $ids,
            'live' => $kind === 'pair' ? ['required', 'boolean'] : $ids,
            'already_dead' => ['array', 'max:1000'],
            'back' => ['array', 'max:1000'],
            'tripped' => $ids,
        ];
        $of = array_intersect_key($rules, array_flip($carries));
        foreach (array_keys($of) as $key) {
            if (in_array('array', $of[$key], true)) {
                $of["$key.*"] = ['string', 'max:80'];
            }
        }

        return ['kind' => ['required', Rule::in(array_keys(self::CARRIES))], ...$of];
    }

    public function command(): Observe
    {
        return new Observe(PartForm::read(Seen::class, (object) $this->validated()));
    }
}
