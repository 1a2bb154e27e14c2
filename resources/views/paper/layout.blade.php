<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $title }}: {{ $house }}</title>
<style>
  @page { margin: 16mm 15mm 18mm; }
  body { font-family: "DejaVu Sans", sans-serif; font-size: 9.5pt; color: #000000; }
  h1 { font-size: 18pt; margin: 0; }
  h2 { font-size: 11.5pt; margin: 12pt 0 0; border-bottom: 1.6pt solid #000000; }
  table { width: 100%; border-collapse: collapse; }
  th { text-align: left; font-size: 8pt; border-bottom: 1pt solid #000000; padding: 2pt 4pt 2pt 0; }
  td { vertical-align: top; padding: 2.5pt 4pt 2.5pt 0; border-bottom: 0.4pt solid #888888; }
  tr { page-break-inside: avoid; }
  .small { font-size: 7.5pt; color: #333333; }
  .code { font-family: "DejaVu Sans Mono", monospace; font-weight: bold; white-space: nowrap; }
  .none { color: #555555; font-style: italic; }
  .fail { font-weight: bold; border: 1pt solid #000000; padding: 0 2pt; }
  .foot { margin-top: 12pt; border-top: 0.6pt solid #000000; padding-top: 4pt; }
  ul { margin: 3pt 0 0 13pt; padding: 0; } li { margin: 1.5pt 0; }
@yield('style')
</style>
</head>
<body>
@yield('body')
</body>
</html>
