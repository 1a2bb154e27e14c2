<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\TestBody;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Entries\TestDone;
use Illuminate\Foundation\Http\FormRequest;

/** Tests done, the trial last, and what each end of it means. */
final class TrialRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rule' => ['required', 'array', 'max:5'],
            'rule.*.shown' => ['required', 'string', 'max:200'],
            'rule.*.means' => ['present', 'nullable', 'string', 'max:300'],
        ];
    }

    /** @return non-empty-list<TestDone> */
    public function tests(): array
    {
        $said = json_decode($this->getContent(), false, 512);

        return TestBody::tests(Body::of($said instanceof \stdClass ? $said : new \stdClass()));
    }

    /** @return array<mixed> */
    public function rule(): array
    {
        return $this->array('rule');
    }
}
