@extends('paper.layout')
@section('body')
<h1>What was asked, and what was done</h1>
<p>{{ $house }}. {{ $crew }}@if ($licence), licence {{ $licence }}@endif. {{ $day }}.
<b>{{ $closed }} of {{ count($lines) }} closed.</b></p>
@foreach ($lines as $line)
  <table style="page-break-inside: avoid; margin-top: 8pt; border-top: 1.2pt solid #000000"><tr>
    <td style="border: 0"><b>{{ $line['closed'] ? 'Closed' : 'Open' }}</b> @if ($line['code'])<span class="code">{{ $line['code'] }}</span> @endif{{ $line['text'] }}
      <br><span class="small">{{ implode('; ', array_filter([$line['source'], $line['clause'], $line['due'] ? "due {$line['due']}" : null, $line['entered']])) }}</span>
      @if ($line['closed'])<br><b>Evidence:</b> {{ $line['evidence'] }} <span class="small">{{ $line['closed'] }}</span>@endif
      @if (! $line['closed'] && $line['interim'])<br>For now: {{ $line['interim'] }}@endif</td>
    @foreach (['before' => $line['before'], 'after' => $line['after']] as $when => $photo)
      @if ($photo)<td style="width: 44mm; border: 0"><img src="{{ $photo }}" alt="" style="max-width: 42mm; max-height: 42mm"><br><span class="small">{{ $when }}</span></td>@endif
    @endforeach
  </tr></table>
@endforeach
@if ($lines === [])<p class="none">Nothing was asked.</p>@endif
<p class="foot small">Local code and the authority having jurisdiction decide.</p>
@endsection
