<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta http-equiv="refresh" content="{{ $seconds }}">
    <title>One moment · Bouclier</title>
    <style>
        body { margin: 0; min-height: 100dvh; display: grid; place-items: center; background: #f4f1e8; color: #16212e; font: 1.125rem/1.5 system-ui, sans-serif }
        main { max-width: 28rem; padding: 2rem; border-left: 6px solid #16212e }
        h1 { margin: 0 0 .5rem; font-size: 1.75rem }
    </style>
</head>
<body>
    <main>
        <h1>One moment</h1>
        <p>The database is away. Nothing is lost; trying again every {{ $seconds }} seconds. Treat every circuit as live.</p>
    </main>
</body>
</html>
