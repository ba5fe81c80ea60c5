import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  altitudeOfBoiling,
  boilingAtAltitude,
  evaporationMinutes,
  latentHeat,
  localBoiling,
  pressureAtAltitude,
  reduce,
  saturationPressureMPa,
  saturationTemperatureK,
} from '.';

describe('standard atmosphere', () => {
  // ISO 2533:1975, table of the troposphere, by geopotential altitude.
  it.each([
    [0, 101.325],
    [1000, 89.8746],
    [2000, 79.4952],
    [5000, 54.0199],
    [11000, 22.632],
  ])('at %i m is %f kPa', (altitudeM, kPa) => {
    expect(pressureAtAltitude(altitudeM)).toBeCloseTo(kPa, 3);
  });

  it('refuses an altitude of 90 km, naming field, value and range', () => {
    expect(() => pressureAtAltitude(90_000)).toThrow(
      /altitudeM is 90000; allowed: a number from -500 to 11000 m/,
    );
  });
});

describe('saturation line, IAPWS-IF97 region 4', () => {
  // IAPWS-IF97 (2007), table 35: to the nine digits published.
  it.each([
    [300, 0.353658941e-2],
    [500, 0.263889776e1],
    [600, 0.123443146e2],
  ])('p(%i K) = %f MPa', (kelvin, mPa) => {
    expect(saturationPressureMPa(kelvin).toPrecision(9)).toBe(mPa.toPrecision(9));
  });

  // IAPWS-IF97 (2007), table 36: to the nine digits published.
  it.each([
    [0.1, 0.372755919e3],
    [1, 0.453035632e3],
    [10, 0.584149488e3],
  ])('T(%f MPa) = %f K', (mPa, kelvin) => {
    expect(saturationTemperatureK(mPa).toPrecision(9)).toBe(kelvin.toPrecision(9));
  });

  it('goes there and back over the whole line', () => {
    fc.assert(
      fc.property(fc.double({ min: 273.15, max: 647, noNaN: true }), (kelvin) => {
        expect(saturationTemperatureK(saturationPressureMPa(kelvin))).toBeCloseTo(kelvin, 4);
      }),
    );
  });
});

describe('boiling point of water', () => {
  it('is 99.97 °C at 101.325 kPa, not 100.00 (IAPWS-IF97)', () => {
    expect(boilingAtAltitude(0)).toBeCloseTo(99.974, 3);
  });

  it('falls with altitude, and the altitude can be found back', () => {
    fc.assert(
      fc.property(fc.double({ min: -400, max: 8000, noNaN: true }), (altitudeM) => {
        expect(boilingAtAltitude(altitudeM + 50)).toBeLessThan(boilingAtAltitude(altitudeM));
        expect(altitudeOfBoiling(boilingAtAltitude(altitudeM))).toBeCloseTo(altitudeM, 2);
      }),
    );
  });

  it('prefers a measurement to an altitude to nothing', () => {
    expect(localBoiling({ altitudeM: 1200, measuredBoilingC: 96.3 })).toMatchObject({
      boilingC: 96.3,
      basis: 'measured',
    });
    expect(localBoiling({ altitudeM: 1200, measuredBoilingC: null })).toMatchObject({
      basis: 'altitude',
      uncertaintyC: 1,
    });
    expect(localBoiling({}).boilingC).toBeCloseTo(99.974, 3);
    expect(() => localBoiling({ measuredBoilingC: 212 })).toThrow(/measuredBoilingC is 212/);
  });
});

describe('latent heat of evaporation', () => {
  // IAPWS SR1-86(1992), Wagner and Pruss 1993, verification values h″ − h′: 2500.5 − 0.0006 kJ/kg at 273.16 K,
  // 2675.7 − 419.05 at 373.1243 K. At 200 °C the steam tables' 1939.7 (handbook, from memory).
  it.each([
    [0.01, 2500.5, 0.5],
    [99.9743, 2256.65, 0.3],
    [200, 1939.7, 1],
  ])('at %f °C is %f kJ/kg', (celsius, kJPerKg, within) => {
    expect(Math.abs(latentHeat(celsius) - kJPerKg)).toBeLessThan(within);
  });

  it('gives the time to boil water away: 1 kg at 1 kW takes 37.6 min (2257 kJ over 60 kJ a minute)', () => {
    const minutes = evaporationMinutes({ waterG: 1000, powerW: 1000, efficiency: 1, boilingC: 100 });
    expect(minutes).toBeCloseTo(2256.5 / 60, 1);
    expect(evaporationMinutes({ waterG: 1000, powerW: 1000, efficiency: 0.5, boilingC: 100 })).toBeCloseTo(
      2 * minutes,
      9,
    );
  });
});

describe('boiling down', () => {
  it('by hand: 1000 g at 10 % is 100 g of solids, so 400 g at 25 %, told from either end', () => {
    const wanted = { finishG: 400, finishSolidsPercent: 25, waterLostG: 600 };
    expect(reduce(1000, 10, { finishG: 400 })).toEqual(wanted);
    expect(reduce(1000, 10, { finishSolidsPercent: 25 })).toEqual(wanted);
    expect(() => reduce(1000, 10, { finishG: 99 })).toThrow(
      /finishG is 99; allowed: a number from 100 to 1000 g/,
    );
    expect(() => reduce(1000, 10, { finishSolidsPercent: 9 })).toThrow(
      /finishSolidsPercent is 9; allowed: .* 10 to 100/,
    );
    expect(() => reduce(1000, 0, { finishSolidsPercent: 9 })).toThrow(/solidsPercent is 0; allowed: above 0/);
  });
});

describe('the ends of the saturation line', () => {
  it('are the triple point’s 0 °C and the critical point, 647.096 K and 22.064 MPa (IAPWS R2-83)', () => {
    expect(saturationTemperatureK(22.064)).toBeCloseTo(647.096, 2);
    expect(() => saturationTemperatureK(22.07)).toThrow(/pressureMPa is 22.07; allowed: .* to 22.064 MPa/);
    expect(() => saturationPressureMPa(647.1)).toThrow(/temperatureK/);
    expect(() => saturationPressureMPa(273.14)).toThrow(/temperatureK/);
    expect(saturationPressureMPa(273.15) * 1e6).toBeCloseTo(611.213, 2);
    expect(() => saturationTemperatureK(0.000611)).toThrow(/pressureMPa/);
  });
});
