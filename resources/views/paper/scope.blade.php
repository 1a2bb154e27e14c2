<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Scope and price: {{ $offered['house'] }}</title>
<style>
  @page { margin: 18mm 16mm; }
  body { font-family: "DejaVu Sans", sans-serif; font-size: 10pt; color: #16212e; }
  h1 { font-size: 19pt; margin: 0; }
  h2 { font-size: 12pt; margin: 14pt 0 0; border-bottom: 1.6pt solid #16212e; }
  table { width: 100%; border-collapse: collapse; }
  td { vertical-align: top; padding: 4pt 0; border-bottom: 0.5pt solid #cfc7b6; }
  .box { width: 15pt; } .square { border: 1.2pt solid #16212e; width: 8pt; height: 8pt; text-align: center; font-size: 7pt; line-height: 8pt; }
  .sum { text-align: right; width: 62pt; font-weight: bold; }
  .small { font-size: 8pt; color: #4a5866; }
  .total { border-top: 1.6pt solid #16212e; font-size: 14pt; font-weight: bold; margin-top: 10pt; padding-top: 5pt; }
  .total span { float: right; }
  .sign td { border: 0; padding-top: 26pt; } .line { border-top: 0.8pt solid #16212e; padding-top: 2pt; font-size: 8pt; }
</style>
</head>
<body>
<h1>Scope and price</h1>
<p>{{ $offered['house'] }}. {{ $offered['crew'] }}@if ($offered['licence']), licence {{ $offered['licence'] }}@endif.<br>
<span class="small">Made on {{ $offered['madeOn'] }}, valid until {{ $offered['validUntil'] }}. Judged by {{ $offered['edition'] }}.</span></p>
@foreach ($needs as ['need' => $need, 'name' => $name])
  @php($lines = array_filter($offered['lines'], fn (array $line): bool => $line['need'] === $need))
  @if ($lines !== [])
    <h2>{{ $name }}</h2>
    <table>
      @foreach ($lines as $line)
        <tr>
          <td class="box"><div class="square">{{ in_array($line['key'], $ticked, true) ? 'x' : ' ' }}</div></td>
          <td>{{ $line['plain'] }}<br>
            <span class="small">{{ rtrim($line['title'], '.') }}. @if ($line['clauses'] !== []){{ $offered['edition'] }} {{ implode(', ', $line['clauses']) }}.@endif
            @if ($line['codes'] !== [])At {{ implode(', ', array_slice($line['codes'], 0, 12)) . (count($line['codes']) > 12 ? ' and ' . (count($line['codes']) - 12) . ' more' : '') }}.@endif</span></td>
          <td class="sum">{{ number_format($line['cost'], 2) }}</td>
        </tr>
      @endforeach
    </table>
  @endif
@endforeach
<p class="total">With all that is ticked <span>{{ number_format($total, 2) }}</span></p>
<p class="small">Some lines share a box that is opened once for all that is done in it: the total is what the ticked lines come to together.
Parts and labour, without tax. Local code and the authority having jurisdiction decide; the work is done by licensed people.</p>
@if ($accepted)
  <p>Accepted by {{ $accepted['name'] }}, {{ substr($accepted['at'], 0, 10) }}.</p>
@else
  <table class="sign"><tr>
    <td style="width: 46%"><div class="line">Accepted by</div></td><td></td><td style="width: 34%"><div class="line">Date</div></td>
  </tr></table>
@endif
</body>
</html>
