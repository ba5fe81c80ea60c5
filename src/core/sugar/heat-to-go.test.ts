import { describe, expect, it } from 'vitest';
import { latentHeat } from '../water';
import { heatScaleOf } from './heat-to-go';
import { soluteCalled, syrupBoilingC } from '.';

const batch = { solidsG: 100, waterG: 80, localBoilingC: 99.974, panJPerK: 0 };

describe('the heat that a syrup takes', () => {
  const scale = heatScaleOf(batch);
  const boils = syrupBoilingC((100 * 100) / 180, 99.974);

  it('to the boil: its warmth, a straight line of about 3 J/g·K', () => {
    // Handbooks of sugar technology (from memory): 55 % sucrose near 60 °C has 2.9 to 3.0 J/g·K.
    const perDegree = (scale.joulesAt(70) - scale.joulesAt(50)) / 20;
    expect(perDegree / 180).toBeGreaterThan(2.75);
    expect(perDegree / 180).toBeLessThan(3.15);
    expect(scale.joulesAt(boils) - scale.joulesAt(30)).toBeCloseTo(perDegree * (boils - 30), 3);
  });

  it('from the boil to 112 °C: the water that leaves, by its latent heat, and the warmth', () => {
    // 80 % boils at 112 °C (confectionery table): 100 g of sugar then hold 25 g of water, 55 g are steam.
    const steam = 55 * latentHeat(106);
    const warmth = 152 * 2.6 * (112 - boils);
    expect((scale.joulesAt(112) - scale.joulesAt(boils)) / (steam + warmth)).toBeCloseTo(1, 1.5);
  });

  it('takes as long as the power says, whatever that does on the way', () => {
    const seconds = scale.secondsBetween(scale.joulesAt(25), 112, () => 500);
    expect(seconds).toBeCloseTo((scale.joulesAt(112) - scale.joulesAt(25)) / 500, 6);
    expect(scale.secondsBetween(scale.joulesAt(112), 112, () => 500)).toBe(0);
    expect(scale.secondsBetween(scale.joulesAt(25), 112, () => 0)).toBe(Infinity);
    // Half the power above the boil: the second part takes twice as long.
    const slower = scale.secondsBetween(scale.joulesAt(25), 112, (celsius) => (celsius > boils ? 250 : 500));
    const [warm, boil] = [
      (scale.joulesAt(boils) - scale.joulesAt(25)) / 500,
      (scale.joulesAt(112) - scale.joulesAt(boils)) / 250,
    ];
    expect(slower).toBeCloseTo(warm + boil, 3);
  });

  it('temperature and heat are each other’s inverse', () => {
    for (const celsius of [25, 60, boils, 104, 112, 130, 150]) {
      expect(scale.celsiusAt(scale.joulesAt(celsius))).toBeCloseTo(celsius, 6);
    }
  });
});

describe('solutes', () => {
  it('are found however they are written', () => {
    expect(soluteCalled(' Sucrose ')?.molarMass).toBe(342.3);
    expect(soluteCalled('GLYCEROL')?.id).toBe('glycerol');
    expect(soluteCalled('sand')).toBeUndefined();
  });
});
