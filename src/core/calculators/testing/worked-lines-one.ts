/** A calculator, what it is asked, and every line of its working as it was written by hand. */
export type WorkedLines = [id: string, inputs: object, lines: (string | RegExp)[]];

export const workedOne: WorkedLines[] = [
  // ISO 2533: 79.495 kPa at 2000 m.
  ['air-pressure', { altitudeM: 2000 }, [/^p = 101\.325/, 'h | 2000 m', 'p | 79.5 kPa']],
  // IAPWS-IF97, table 36: 0.1 MPa boils at 99.606 °C; × 9/5 + 32 = 211.3 °F.
  [
    'water-boiling-point',
    { pressureKPa: 100 },
    [
      'pressure | 100 kPa',
      'saturation temperature of water at that pressure | 99.61 °C',
      'in Fahrenheit | 211.3 °F',
    ],
  ],
  [
    'water-boiling-point',
    { altitudeM: 1200 },
    // Steam tables, 87.72 kPa: 95.98 °C.
    [
      'altitude | 1200 m',
      'pressure | 87.72 kPa',
      'saturation temperature of water at that pressure | 95.98 °C',
      'in Fahrenheit | 204.8 °F',
    ],
  ],
  // 500 g × 2257 kJ/kg / 600 W = 1880 s.
  [
    'evaporation-time',
    { waterG: 500, powerW: 1000, efficiency: 0.6 },
    [/already boiling$/, 'boiling point here | 99.97 °C', 'L | 2257 kJ/kg', 'η P | 600 W', 't | 31.34 min'],
  ],
  // Confectionery table (from memory): 80 % boils 12 °C above water. 95.98 °C is 4.02 below 100.
  [
    'syrup-boiling-point',
    { sucrosePercent: 80, altitudeM: 1200 },
    [
      'elevation above water, from the table | 12 °C',
      'water boils here at | 95.98 °C',
      /^fall of the boiling point of water below sea level \| 3\.99\d? °C$/,
      /^boiling point = 100 \+ elevation − fall \| 108 °C$/,
    ],
  ],
  // 60 g / 342.3 and 40 g / 18.015: x = 0.0732 of sugar; (1 − x) e^(−6.47 x²) = 0.8953.
  [
    'water-activity',
    { solutes: [{ kind: 'sucrose', massG: 60 }], waterG: 40 },
    [/^a_w = x_w/, 'K of sucrose | 6.47', 'solids | 60 %', 'a_w | 0.8953'],
  ],
  // With 30 g each of sucrose and glucose: (Σ √K x)² over both; 0.8651.
  [
    'water-activity',
    {
      solutes: [
        { kind: 'sucrose', massG: 30 },
        { kind: 'glucose', massG: 30 },
      ],
      waterG: 40,
    },
    [/^a_w = x_w/, 'K of sucrose | 6.47', 'K of glucose | 2.25', 'solids | 60 %', 'a_w | 0.8651'],
  ],
  // Saturated at 20 °C: 66.7 %; (80/20) / (66.7/33.3) = 1.997.
  [
    'supersaturation',
    { sucrosePercent: 80, temperatureC: 20 },
    [
      'saturated at that temperature | 66.7 %',
      /^supersaturation = .* \| 1\.99\d$/,
      'crystallises at a touch',
    ],
  ],
  ['doctor-ratio', { sucroseG: 60, doctorG: 20 }, [/^doctor ratio = .* \| 25 %$/, /30 to 50 %/]],
  // 10 g / 84.007 / 2 = 0.05952 mol; × R × 423.15 / 101.325 = 2.067 L; × 105.99 g/mol = 6.308 g.
  [
    'soda-in-heat',
    { bicarbonateG: 10, temperatureC: 150 },
    [
      /half a mole of gas for each \| 0\.05952 mol$/,
      'air pressure | 101.3 kPa',
      'V = n R T / p | 2.067 L',
      /^washing soda that stays \| 6\.30[78] g$/,
    ],
  ],
  // Two moles at 150 °C: 2 R 423.15 / 101.325 = 69.45 L.
  [
    'steam-volume',
    { waterG: 36.03, temperatureC: 150 },
    ['air pressure | 101.3 kPa', 'V = m R T / (M p), M = 18.015 g/mol | 69.45 L'],
  ],
  [
    'temperature',
    { value: 350, from: 'F', to: 'K' },
    [/^°F = 9\/5/, '350 F in K | 449.8 K', 'absolute zero | -273.1 °C'],
  ],
  [
    'temperature',
    { value: 100, from: 'C', to: 'F' },
    [/^°F = 9\/5/, '100 C in F | 212 °F', 'absolute zero | -273.1 °C'],
  ],
  // 98 / (97 − 1) = 1.0208; −1.0208; 1.0208 × 50 − 1.0208 = 50.02.
  [
    'thermometer-correction',
    { iceReadingC: 1, boilReadingC: 97, localBoilingC: 98, readingC: 50 },
    [
      'water boils here at | 98 °C',
      /^gain = .* \| 1\.021$/,
      /^offset = .* \| -1\.021 °C$/,
      'true = gain × reading + offset | 50.02 °C',
    ],
  ],
  [
    'oven-setting',
    { value: 200, from: 'C', fanOffsetC: 25 },
    [
      'still oven | 200 °C',
      /^°F = .* \| 392 °F$/,
      'fan oven = still − 25 | 175 °C',
      // Common practice: gas 6 is 200 °C.
      'nearest gas mark | 6',
    ],
  ],
  [
    'oven-setting',
    { value: 60, from: 'C' },
    [
      'still oven | 60 °C',
      /^°F = .* \| 140 °F$/,
      'fan oven = still − 20 | 40 °C',
      'no gas mark is within 12 °C',
    ],
  ],
  // 9 g at 45 in 100 takes 4.05 g: 0.04821 mol, 2.122 g, × R × 353.15 / 101.325 = 1.397 L.
  [
    'carbon-dioxide',
    { bicarbonateG: 6, acids: [{ kind: 'cream-of-tartar', massG: 9 }], temperatureC: 80 },
    [
      /^9 g .* takes, at 45\.0 g in 100 g \| 4\.0\d g of bicarbonate$/,
      /^used \/ 84\.00[67] g\/mol: .* \| 0\.04821 mol$/,
      /^× 44\.009 g\/mol \| 2\.12\d g$/,
      'air pressure | 101.3 kPa',
      /^V = n R T \/ p at 80 °C \| 1\.39\d L$/,
      /^bicarbonate left over \| 1\.9\d g$/,
      'acid could still take | 0 g of bicarbonate',
    ],
  ],
  ['yeast-activity', { temperatureC: 37 }, [/best at 37 °C/, /^rate against the best .* \| 1$/]],
  // 250 g: 1 g of gas (0.40 %), of which powder gives 12 %: 8.333 g.
  [
    'self-raising',
    { plainFlourG: 250 },
    [/0\.40 % of 250 g \| 1 g CO₂$/, 'baking powder gives at least 12 % of itself | 8.333 g'],
  ],
  // 30 g fresh is 10 g instant, 12.5 g active dry; 10/7 sachets.
  [
    'yeast-equivalent',
    { massG: 30, from: 'fresh', to: 'active-dry' },
    [/3 : 1\.25 : 1$/, '30 g fresh is, active-dry | 12.5 g', 'sachets of 7 g instant | 1.429'],
  ],
  // Williams: 70^⅔ × 3.7 × 1.038^⅓ / (0.0054 π² (4π/3)^⅔) × ln(0.76 × 95.97 / 24.97) = 8.208 min.
  [
    'egg-time',
    { massG: 70, startC: 4, yolkC: 75 },
    ['water boils here at | 99.97 °C', /^t = M/, /^M = 70 g/, 'logarithm | 1.072', /^t \| 8\.20[78] min$/],
  ],
  // Incropera and DeWitt, table 5.1, plane wall at Bi = 1: ζ₁ 0.8603, C₁ 1.1191; at Fo = 1, 0.5339 is left.
  [
    'centre-temperature',
    {
      shape: 'slab',
      halfThicknessMm: 10,
      conductivityWmK: 0.5,
      densityKgM3: 1000,
      specificHeatJkgK: 4000,
      heatTransferWm2K: 50,
      startC: 5,
      mediumC: 200,
      minutes: 800 / 60,
    },
    [
      'Bi = h L / k: inside against surface | 1',
      'Fo = α t / L²: how far the heat has come | 1',
      'θ = Σ C e^(−ζ² Fo): what is still missing | 0.5339',
      /^centre = 200 \+ \(5 − 200\) θ \| 95\.(89|9) °C$/,
    ],
  ],
];
