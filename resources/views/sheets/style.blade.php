<style>
    @page { margin: 18mm 16mm; }
    body { font-family: 'DejaVu Sans', sans-serif; font-size: 9.5pt; color: #1d2a33; }
    h1 { font-size: 19pt; margin: 0 0 1mm; }
    .under { color: #47545d; margin: 0 0 6mm; }
    table { width: 100%; border-collapse: collapse; }
    th { text-align: left; font-weight: normal; color: #47545d; font-size: 8pt; padding: 0 2mm 1mm 0; border-bottom: 0.6pt solid #1d2a33; vertical-align: bottom; }
    td { padding: 2.2mm 2mm 2.2mm 0; border-bottom: 0.3pt solid #b9b7a8; vertical-align: middle; }
    .figure { text-align: right; white-space: nowrap; }
    .whole { white-space: nowrap; }
    .strong { font-weight: bold; font-size: 11pt; }
    .tuning { padding-left: 5mm; }
    .small { font-size: 7.5pt; color: #47545d; }
    .notches { padding-right: 4mm; }
    .notches span { display: inline-block; width: 0; height: 4mm; border-left: 1.1pt solid #1d2a33; margin-right: 0.7mm; }
    .total td { border-bottom: none; border-top: 0.6pt solid #1d2a33; }
    .todo { margin: 2mm 0 0; font-weight: bold; }
    h2 { font-size: 11pt; margin: 7mm 0 1mm; }
    .here { margin: 0 0 5mm; text-align: right; font-size: 8pt; color: #47545d; }
    ul { margin: 0; padding-left: 5mm; }
    .notes { margin-top: 7mm; white-space: pre-line; }
    .foot { margin-top: 8mm; font-size: 7.5pt; color: #47545d; border-top: 0.3pt solid #b9b7a8; padding-top: 2mm; }
    </style>
