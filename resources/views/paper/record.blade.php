@extends('paper.layout')
@section('body')
<h1>Test record{{ $number === null ? ', not signed' : " No. $number" }}</h1>
<p>{{ $house }}. {{ $crew }}@if ($licence), licence {{ $licence }}@endif. {{ $day }}, change {{ $revision }}.<br>
<span class="small">Judged by {{ $edition }}. Meters: {{ $meters === [] ? 'none named' : implode('; ', $meters) }}.</span></p>
<table>
  <tr><th style="width: 10%">Code</th><th style="width: 20%">Where</th><th style="width: 19%">Test</th><th>Read</th><th style="width: 8%">Result</th><th style="width: 19%">Who, when, with</th></tr>
  @foreach ($parts as $part)
    @forelse ($part['lines'] as $line)
      <tr>
        <td class="code">{{ $loop->first ? $part['spoken'] : '' }}</td>
        <td>@if ($loop->first){{ $part['name'] }}<br><span class="small">{{ $part['protection'] }}@if ($part['clauses'] !== []); {{ implode(', ', $part['clauses']) }}@endif</span>@endif</td>
        <td>{{ $line['what'] }}</td>
        <td>{{ $line['read'] }}</td>
        <td>@if ($line['passed'] === false)<span class="fail">FAIL</span>@else{{ $line['passed'] === true ? 'pass' : '' }}@endif</td>
        <td class="small">{{ implode(', ', array_filter([$line['who'], $line['at'], $line['instrument']])) }}</td>
      </tr>
    @empty
      <tr>
        <td class="code">{{ $part['spoken'] }}</td>
        <td>{{ $part['name'] }}<br><span class="small">{{ $part['protection'] }}@if ($part['clauses'] !== []); {{ implode(', ', $part['clauses']) }}@endif</span></td>
        <td colspan="4" class="none">not tested</td>
      </tr>
    @endforelse
  @endforeach
</table>
@if ($items !== [])
  <h2>Still open</h2>
  <ul>@foreach ($items as $item)<li>{{ $item }}</li>@endforeach</ul>
@endif
<p class="foot">@if ($signed)Signed by {{ $signed }}, {{ $day }}.@else Not signed.@endif<br>
<span class="small">@if ($number)Record {{ $number }} of this house. @endif Its digest (SHA-256 of what stands in it): <span class="code" style="white-space: normal">{{ $digest }}</span>. The crew keeps it: a copy
that was changed has another. Local code and the authority having jurisdiction decide.</span></p>
@endsection
