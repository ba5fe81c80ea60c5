import type { WorkedLines } from './worked-lines-one';

export const workedTwo: WorkedLines[] = [
  // 10 min at 65 °C, z = 7.5: 10 × 10^(−5/7.5) = 2.154.
  [
    'lethality',
    {
      readings: [
        { minute: 0, celsius: 65 },
        { minute: 10, celsius: 65 },
      ],
    },
    [
      'F = ∫ 10^((T − 70)/7.5) dt, straight lines between the readings',
      'highest reading | 65 °C',
      'as many minutes at 70 °C | 2.154 min',
    ],
  ],
  // Excess 60, 30, 15 °C: τ = 10/ln 2 = 14.43 min; 5 °C of excess at 10 × log₂ 12 = 35.85 min.
  [
    'cooling-forecast',
    {
      readings: [
        { minute: 0, celsius: 80 },
        { minute: 10, celsius: 50 },
        { minute: 20, celsius: 35 },
      ],
      ambientC: 20,
      targetC: 25,
    },
    [
      /^ln\(T − surroundings\)/,
      'time constant τ = −1/slope | 14.43 min',
      'r² of that line | 1',
      'target on the clock of the readings | 35.85 min',
      'after the last reading | 15.85 min',
    ],
  ],
  // Maize from 62 to 72 °C, with 20 % sugar 7 °C higher: at 70 °C 1/(1 + 19^(4/5)) = 0.08663.
  [
    'starch-gelatinisation',
    { starch: 'maize', temperatureC: 70, sugarPercent: 20 },
    [
      'maize (cornflour): begins at | 69 °C',
      'is done at | 79 °C',
      /^fraction = .* \| 0\.08663$/,
      'sugar raises the range by | 7 °C',
    ],
  ],
  [
    'starch-gelatinisation',
    { starch: 'maize', temperatureC: 70 },
    ['maize (cornflour): begins at | 62 °C', 'is done at | 72 °C', /^fraction = .* \| 0\.854$/],
  ],
  ['gel-sag', { heightInMouldMm: 50, heightOutMm: 41 }, ['sag = 100 (50 − 41)/50 | 18 %']],
  ['specific-volume', { massG: 450, volumeMl: 1665 }, ['specific volume = 1665 ml / 450 g | 3.7 ml/g']],
  ['spread-ratio', { widthMm: 90, thicknessMm: 8 }, ['ratio = 90 / 8 | 11.25']],
  ['overrun', { massBeforeG: 90, massAfterG: 60 }, ['overrun = 100 (90 − 60)/60 | 50 %']],
  // CIE: sRGB red is L* 53.24, a* 80.09, b* 67.20.
  [
    'colour-lab',
    { hex: '#ff0000' },
    [/linear, then XYZ/, /^L\* = .* \| 53\.2[34]$/, /^a\* = .* \| 80\.(09|1|11)$/, /^b\* = .* \| 67\.2\d?$/],
  ],
  // √(12² + 34²) − √(8² + 30²) = 36.06 − 31.05 = 5.007.
  [
    'colour-difference',
    { first: { L: 70, a: 8, b: 30 }, second: { L: 62, a: 12, b: 34 } },
    [
      'difference of lightness ΔL* | -8',
      'difference of chroma ΔC* | 5.007',
      /^ΔE₀₀, each part/,
      'seen at a glance',
    ],
  ],
  // x = (12 + 122.5) / (395.15 + 12 − 90.36) = 0.4246; 100 (0.4246 − 0.31) / 0.172 = 66.61.
  ['browning-index', { L: 70, a: 12, b: 30 }, [/^x = .* \| 0\.4246$/, 'BI = 100 (x − 0.31)/0.172 | 66.61']],
  // 3^(10/25) = 1.552.
  [
    'q10',
    { rate1: 2, temperature1C: 100, rate2: 6, temperature2C: 125 },
    ['Q₁₀ = (k₂/k₁)^(10/(T₂ − T₁)) = (3.000)^(10/25.0) | 1.552'],
  ],
  // 80 000 / 8.314 = 9622 K.
  [
    'activation-energy',
    {
      points: [100, 120, 140].map((temperatureC) => ({
        temperatureC,
        rate: 1e10 * Math.exp(-80_000 / (8.31446 * (temperatureC + 273.15))),
      })),
    },
    [/^ln k =/, 'slope = −E/R | -9622 K', 'E | 80 kJ/mol', 'r² of that line | 1'],
  ],
  // Plain at 21 °C and pH 6: 0.035 × 0.98 a minute; 74.6 % after 40 min.
  [
    'enzymic-browning',
    { minutes: 62.5, pH: 6, ascorbicPercent: 0.5 },
    [
      'ascorbic acid holds it back for | 22.5 min',
      'rate after that | 0.03424 1/min',
      'browned = 100 (1 − e^(−k t)) | 74.58 %',
    ],
  ],
  // e^(−120 000/R (1/403.15 − 1/393.15)) × 2.3 × e^(−(0.2/0.28)²) = 3.433.
  [
    'maillard-rate',
    { temperatureC: 130, pH: 7, waterActivity: 0.5 },
    [/^rate = Arrhenius/, 'against 120 °C, pH 6, a_w 0.7 | 3.433'],
  ],
  // 0.8^2.6 × e^(15 000/R (1/293.15 − 1/333.15)) = 1.172.
  [
    'sauce-thickness',
    { starchPercent: 4, temperatureC: 20 },
    [/^thickness ∝/, 'against 5 % at 60 °C | 1.172'],
  ],
  [
    'weighing-tolerance',
    { ingredient: 'salt', wantedG: 8, weighedG: 7 },
    ['deviation = 100 (7 − 8)/8 | -12.5 %'],
  ],
  // One of each: 1500 g for 2.20; two of 1000 g cost 2.80, three of 500 g 2.40.
  [
    'buy-packs',
    {
      neededG: 1300,
      packs: [
        { sizeG: 500, price: 0.8 },
        { sizeG: 1000, price: 1.4 },
      ],
    },
    ['1 × 1000 g | 1000 g', '1 × 500 g | 500 g', 'left over | 200 g', 'cost, the least there is | 2.2'],
  ],
  ['stop-at', { displayG: -12.5, wantedG: 40 }, ['−12.5 g shown + 40 g wanted | 27.5 g']],
  [
    'shrink-to-scarcest',
    {
      lines: [
        { name: 'milk', wantedG: 150, haveG: 100 },
        { name: 'salt', wantedG: 0, haveG: 0 },
      ],
    },
    ['milk: 100 g there / 150 g wanted | 0.6667', /^the least of these.* \| 0.6667$/],
  ],
  // EU 1169/2011, annex XIV: 100 g sugar is 1700 kJ; / 4.184 = 406.3 kcal.
  [
    'nutrients',
    { lines: [{ name: 'sugar', massG: 100 }], portions: 1 },
    [/^energy = 17 kJ\/g .* \| 1700 kJ$/, '/ 4.184 | 406.3 kcal'],
  ],
  // Lumped, ρ c L / h = 1030 × 3850 × 0.01 / 12 = 3305 s, × ln(60/5) = 137 min, and a tenth for the way inside (Bi 0.21).
  [
    'tray-cooling',
    { depthMm: 200, startC: 63, targetC: 8, airC: 3 },
    ['half thickness that counts | 200 mm', 'not in a day'],
  ],
  [
    'tray-cooling',
    { depthMm: 20, startC: 63, targetC: 8, airC: 3, bothFaces: true },
    ['half thickness that counts | 10 mm', /^the warmest place is there after \| 1[45]\d(\.\d)? min$/],
  ],
  // Choi and Okos for water at 20 °C (IAPWS, from memory: 0.598, 998, 4184; 0.598 / (998 × 4184) = 0.143 mm²/s).
  [
    'food-properties',
    { waterPercent: 100, temperatureC: 20 },
    [
      /^specific heat by mass/,
      /^conductivity \| 0\.60\d+ W\/m·K$/,
      /^density \| 99\d(\.\d)? kg\/m³$/,
      /^specific heat \| 41[78]\d J\/kg·K$/,
      /^diffusivity = .* \| 0\.14[3-6]\d? mm²\/s$/,
    ],
  ],
  // With a Biot number the line names it; without, the power 1.5.
  [
    'bake-time-scaling',
    { knownMinutes: 20, knownHalfThicknessMm: 10, newHalfThicknessMm: 20, biot: 0.5 },
    [
      'thickness, new over known | 2',
      'where the surface decides: time × ratio | 40 min',
      'where the inside decides: time × ratio² | 80 min',
      /^by ζ₁ of the slab at Bi = 0\.50 \| [4-7]\d(\.\d+)? min$/,
    ],
  ],
  // √(225/100) = 1.5.
  [
    'gelatine-grade',
    { massG: 8, fromBloom: 225, toBloom: 100 },
    ['strength ∝ concentration² × Bloom', 'needed = mass × √(Bloom / Bloom) | 12 g'],
  ],
  // 30 to 65 °C in 35 min: from 30 to 60 °C 30 min.
  [
    'danger-zone-time',
    {
      readings: [
        { minute: 0, celsius: 30 },
        { minute: 35, celsius: 65 },
      ],
    },
    ['between 5 and 60 °C, all stays added up | 30 min', /^under 2 h/],
  ],
];
