@extends('paper.layout')
@section('body')
@foreach ($panels as $panel)
  <div @if (! $loop->last) style="page-break-after: always" @endif>
  <h1>{{ $panel['name'] }}</h1>
  <p>{{ $house }}. <span class="small">As it was traced, {{ $day }}. A code with ? is not proved: nobody has switched its breaker off and looked.</span></p>
  <table style="table-layout: fixed"><tr>
  @foreach ($panel['columns'] as $column)
    <td style="width: {{ 100 / count($panel['columns']) }}%; border: 0; padding: 0 {{ $loop->last ? '0' : '6pt' }} 0 0">
    <table style="table-layout: fixed">
    @foreach ($column as $line)
      <tr>
        <td class="code" style="width: 26pt">{{ $line['slot'] }}</td>
        <td style="width: 30pt">{{ $line['amps'] }} A @if ($line['poles'] === 2)<span class="small">2 poles</span>@endif</td>
        <td><b>{{ $line['label'] }}</b>@if ($line['tied'])<span class="small">, tied to {{ $line['tied'] }}</span>@endif<br>
          @foreach ($line['rooms'] as $room => $codes){{ $room }} @foreach ($codes as $code)<span class="code">{{ $code }}</span> @endforeach @endforeach
          @foreach ($line['panels'] as $sub)<b>{{ $sub }}</b> @endforeach
          @if ($line['rooms'] === [] && $line['panels'] === [])<span class="none">nothing known</span>@endif
          @if ($line['protection'] !== 'none')<br><span class="small">{{ $line['protection'] }}</span>@endif</td>
      </tr>
    @endforeach
    </table>
    </td>
  @endforeach
  </tr></table>
  @if ($loop->first && $unplaced !== [])
    <p><b>Not known where:</b> @foreach ($unplaced as $code)<span class="code">{{ $code }}</span> @endforeach</p>
  @endif
  </div>
@endforeach
@endsection
