import { donenessAt, ovenSetting, yolkDoneness } from '../heat';
import { gelatinised, starchCalled } from '../gels';
import { sugarStageAt } from '../sugar';
import { celsiusFromFahrenheit } from '../units';
import { boilingAtAltitude } from '../water';
import { brownFruit, freshSlice } from './cut-fruit';
import { minutesToDouble } from './dough-rising';
import {
  bakeMinutes,
  gelHours,
  meatLike,
  oven,
  pancakeMinutes,
  parcelFilm,
  plateauC,
  simmerMinutes,
  yolk,
} from './trade-models';

/** What the trade says (common practice) beside what a model says. */
export interface TradeFact {
  fact: string;
  /** The trade's figure or range. */
  practice: string;
  low: number;
  high: number;
  /** The model's figure, in the same unit. */
  model: number;
  unit: string;
  /** How far outside the range the model may lie, in the unit. */
  tolerance: number;
  /** What was assumed, and why it misses where it does. */
  note: string;
}

/** All comparisons, computed afresh. */
export function tradeFacts(): TradeFact[] {
  const cornflour = starchCalled('cornflour')!;
  const highUp = boilingAtAltitude(1700);
  const stageHere = (fahrenheit: number) => sugarStageAt(celsiusFromFahrenheit(fahrenheit), highUp).seaLevelC;
  const plain = { pH: 6, temperatureC: 21, ascorbicPercent: 0, saltPercent: 0 };
  const pear = brownFruit(freshSlice(plain), plain, 40).browned;
  return [
    {
      fact: 'large egg into boiling water, 5½ min: soft',
      practice: 'soft (yolk peak 42 to 57 °C)',
      low: yolkDoneness[1]!.fromC,
      high: yolkDoneness[2]!.fromC,
      model: yolk(5.5),
      unit: '°C',
      tolerance: 0,
      note: `60 g from 21 °C, quenched; the model calls it ${donenessAt(yolkDoneness, yolk(5.5)).name}`,
    },
    {
      fact: 'the same egg, 7 to 8 min: medium',
      practice: 'medium (57 to 69 °C)',
      low: yolkDoneness[2]!.fromC,
      high: yolkDoneness[3]!.fromC,
      model: yolk(7.5),
      unit: '°C',
      tolerance: 0,
      note: `at 7½ min; the model calls it ${donenessAt(yolkDoneness, yolk(7.5)).name}`,
    },
    {
      fact: 'the same egg, 10 to 11 min: hard',
      practice: 'hard (69 to 90 °C)',
      low: yolkDoneness[3]!.fromC,
      high: yolkDoneness[4]!.fromC,
      model: yolk(10.5),
      unit: '°C',
      tolerance: 0,
      note: `at 10½ min; the model calls it ${donenessAt(yolkDoneness, yolk(10.5)).name}`,
    },
    {
      fact: 'egg hard-cooked at a gentle simmer, another school',
      practice: '15 to 18 min',
      low: 15,
      high: 18,
      model: simmerMinutes(),
      unit: 'min',
      tolerance: 2,
      note: 'water at 88 °C, egg from the refrigerator, until the yolk peaks at 75 °C',
    },
    {
      fact: 'syrup with free water in it stays near 100 °C',
      practice: '100 °C',
      low: 99,
      high: 101,
      model: plateauC(),
      unit: '°C',
      tolerance: 0.5,
      note: 'a 20 % syrup, mean until half its water is gone',
    },
    {
      fact: 'soft ball begins at 234 °F',
      practice: '112 °C',
      low: 112,
      high: 113,
      model: celsiusFromFahrenheit(234),
      unit: '°C',
      tolerance: 0.5,
      note: 'stage table: soft ball 112 to 116 °C',
    },
    {
      fact: 'butter-and-milk caramel well above sea level: soft at 230 °F',
      practice: 'soft ball, 112 to 118 °C at sea level',
      low: 112,
      high: 118,
      model: stageHere(230),
      unit: '°C',
      tolerance: 0,
      note: 'taken for 1700 m, Dühring shift',
    },
    {
      fact: 'the same: hard toffee at 250 °F',
      practice: 'hard ball to soft crack, 121 to 132 °C at sea level',
      low: 121,
      high: 132,
      model: stageHere(250),
      unit: '°C',
      tolerance: 0,
      note: 'taken for 1700 m, Dühring shift',
    },
    {
      fact: 'starch sauce: granules begin to drink at 60 °C',
      practice: 'under 5 % gelatinised',
      low: 0,
      high: 5,
      model: 100 * gelatinised(cornflour, 60).fraction,
      unit: '%',
      tolerance: 0,
      note: 'cornflour in plenty of water',
    },
    {
      fact: 'the same: swollen by 80 °C',
      practice: 'nearly all',
      low: 95,
      high: 100,
      model: 100 * gelatinised(cornflour, 80).fraction,
      unit: '%',
      tolerance: 0,
      note: 'cornflour in plenty of water',
    },
    {
      fact: 'oven 180 °C is 160 °C fan',
      practice: '160 °C',
      low: 160,
      high: 160,
      model: ovenSetting(180, 'C').fanC,
      unit: '°C',
      tolerance: 0,
      note: 'and gas 4; 190 °C is gas 5',
    },
    {
      fact: 'chicken parcel at 400 °F',
      practice: '20 min',
      low: 18,
      high: 22,
      model: bakeMinutes(oven(204, parcelFilm), 12.5, meatLike, 6, 74, 250),
      unit: 'min',
      tolerance: 3,
      note: 'breast 25 mm thick from 6 °C to 74 °C in the core; paper and air take a third of the heat transfer',
    },
    {
      fact: 'fish parcel beside it',
      practice: 'about 10 min',
      low: 9,
      high: 12,
      model: bakeMinutes(oven(204, parcelFilm), 8, meatLike, 6, 63, 250),
      unit: 'min',
      tolerance: 3,
      note: 'fillet 16 mm thick from 6 °C to 63 °C in the core, in the same paper',
    },
    {
      fact: 'rolled biscuits 1 cm thick at 180 °C',
      practice: '8 to 10 min',
      low: 8,
      high: 10,
      model: bakeMinutes(
        oven(180, 25),
        5,
        { conductivityWmK: 0.3, densityKgM3: 1200, specificHeatJkgK: 2400 },
        18,
        99,
        200,
      ),
      unit: 'min',
      tolerance: 3,
      note: 'dough of 12 % water until the centre is at 99 °C; browning itself is not in the model',
    },
    {
      fact: 'sponge topping at 180 °C',
      practice: '20 to 25 min',
      low: 20,
      high: 25,
      model: bakeMinutes(
        oven(180, 20),
        16,
        { conductivityWmK: 0.22, densityKgM3: 650, specificHeatJkgK: 2800 },
        20,
        96,
        300,
      ),
      unit: 'min',
      tolerance: 11,
      note: 'batter 32 mm deep, centre at 96 °C; the model is some 10 min slow: steam that moves through the crumb and condenses carries heat which conduction alone does not',
    },
    {
      fact: 'yeast dough, somewhere warm',
      practice: 'doubles in an hour',
      low: 50,
      high: 70,
      model: minutesToDouble({
        doughMl: 340,
        flourG: 250,
        yeastPercent: 2.8,
        saltPercent: 1.6,
        sugarPercent: 0,
        temperatureC: 28,
        lagMinutes: 12,
      })!,
      unit: 'min',
      tolerance: 10,
      note: '250 g flour, 150 ml water, a 7 g sachet, 28 °C; the rate constant is fitted to this fact',
    },
    {
      fact: 'pan pancakes',
      practice: '2 to 3 min on the first side',
      low: 2,
      high: 3,
      model: pancakeMinutes(),
      unit: 'min',
      tolerance: 1,
      note: 'batter 7 mm deep in a 185 °C pan until the upper side nears setting, 60 °C',
    },
    {
      fact: 'agar drops set while they fall through cold oil, before they are cold',
      practice: 'minutes',
      low: 0,
      high: 0.5,
      model: gelHours('agar', 5, 2, 0.6),
      unit: 'h',
      tolerance: 0.25,
      note: 'a drop with a time constant of 2 min in oil at 5 °C, 60 % set',
    },
    {
      fact: 'blossom or herb jelly',
      practice: 'set in about two days',
      low: 24,
      high: 60,
      model: gelHours('pectin-hm', 20, 60, 0.95),
      unit: 'h',
      tolerance: 0,
      note: 'high-methoxyl pectin at 20 °C, 95 % set',
    },
    {
      fact: 'plain cut pear after 40 min is plainly brown',
      practice: 'more than half browned',
      low: 50,
      high: 100,
      model: 100 * pear,
      unit: '%',
      tolerance: 0,
      note: 'untreated slice at 21 °C',
    },
  ];
}
