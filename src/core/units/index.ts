export {
  absoluteZeroC,
  celsiusFromFahrenheit,
  convertTemperature,
  fahrenheitFromCelsius,
  temperatureUnits,
  type TemperatureUnit,
} from './temperature';
export { metresPerFoot } from './length';
