<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Not shown any more</title>
    <style>body { font-family: sans-serif; max-width: 34rem; margin: 14vh auto; padding: 0 1.2rem; color: #1d2a33; line-height: 1.5; } h1 { font-size: 1.5rem; }</style>
</head>
<body>
    <h1>Nothing is shown under this address any more</h1>
    <p>Its time is over, it was taken back, or a part of it is missing. Ask whoever gave it to you for a new one.</p>
</body>
</html>
