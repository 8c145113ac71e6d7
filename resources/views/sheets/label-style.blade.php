    <style>
        @page { margin: 0; }
        body { margin: 0; font-family: 'DejaVu Sans', sans-serif; color: #000; }
        .sheet { position: relative; width: 100%; height: 100%; }
        .sheet + .sheet { page-break-before: always; }
        .label { position: absolute; overflow: hidden; }
        .in { position: absolute; left: 2.5mm; top: 1.6mm; right: 2mm; }
        .notches { height: 2.6mm; white-space: nowrap; font-size: 1pt; line-height: 1pt; }
        .notches span { display: inline-block; width: 1mm; height: 2.4mm; background: #000; margin-right: 0.9mm; }
        .number { font-weight: bold; }
        .qr { position: absolute; right: 1mm; bottom: 1mm; }
        .text { white-space: nowrap; overflow: hidden; }
    </style>
