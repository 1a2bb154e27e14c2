@extends('paper.layout')
@section('body')
@foreach ($panels as $panel)
  <div @if (! $loop->last) style="page-break-after: always" @endif>
  <h1>{{ $panel['name'] }}</h1>
  <p>{{ $house }}. <span class="small">As it was traced, {{ $day }}. A code with ? is not proved: nobody has switched its breaker off and looked.</span></p>
  <table>
    <tr><th style="width: 8%">Slot</th><th style="width: 9%">Amps</th><th style="width: 22%">What it is</th><th>Feeds</th><th style="width: 20%">Protection</th></tr>
    @foreach ($panel['lines'] as $line)
      <tr>
        <td class="code">{{ $line['slot'] }}@if ($line['tied'])<br><span class="small">tied to {{ $line['tied'] }}</span>@endif</td>
        <td>{{ $line['amps'] }}@if ($line['poles'] === 2), 2 poles @endif</td>
        <td>{{ $line['label'] }}</td>
        <td>@foreach ($line['rooms'] as $room => $codes)<b>{{ $room }}</b> <span class="code" style="white-space: normal">{{ implode(' ', $codes) }}</span>@if (! $loop->last); @endif @endforeach
          @foreach ($line['panels'] as $sub)<b>{{ $sub }}</b> @endforeach
          @if ($line['rooms'] === [] && $line['panels'] === [])<span class="none">nothing known</span>@endif</td>
        <td>{{ $line['protection'] }}</td>
      </tr>
    @endforeach
  </table>
  @if ($loop->first && $unplaced !== [])
    <p><b>Not known where:</b> <span class="code" style="white-space: normal">{{ implode(' ', $unplaced) }}</span></p>
  @endif
  </div>
@endforeach
@endsection
